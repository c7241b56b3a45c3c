import { parseChart, leadSheet } from '@drop-close/core';
import { systemHeight } from './heights';
import { layOut, MARGIN, PAPERS, pagesOf, systemsOf, USUAL_LOOK } from './pages';

const sheet = (text: string) =>
  leadSheet({
    ...{ title: 'T', chart: parseChart(text).chart, key: 'C', tempo: 120, feel: 'swing' },
  });

describe('lines of a sheet', () => {
  it('have as many bars as are asked for, and begin anew with a section', () => {
    const score = sheet(`[A] ${'| C '.repeat(10)}|\n[B] ${'| F '.repeat(4)}|`);
    expect(systemsOf(score, 4, String).map(({ count }) => count)).toEqual([4, 4, 2, 4]);
    expect(systemsOf(score, 6, String).map(({ count }) => count)).toEqual([6, 4, 4]);
  });
  it('have half the bars where all of them would be too tight, so that phrases stay together', () => {
    const score = sheet('| C '.repeat(8));
    const counts = (perLine: number, room: number): number[] =>
      systemsOf(score, perLine, String, room).map(({ count }) => count);
    // A bar of slashes needs 122 pixels, the clef 44 and the meter 26.
    expect(counts(4, 560)).toEqual([4, 4]);
    expect(counts(4, 557)).toEqual([2, 2, 4]);
    expect(counts(8, 557)).toEqual([2, 2, 4]);
    expect(counts(4, 530)).toEqual([2, 2, 2, 2]);
    expect(counts(6, 530)).toEqual([3, 3, 2]);
    expect(counts(4, 100)).toEqual(Array(8).fill(1));
  });
  it.each(['', '[A]\n'])(
    'have a pickup before their first bar, a section or none: %j',
    (section) => {
      const score = sheet(`pickup: 1\n| G7 |\n${section}| C | F | C | C |\n[B]\n| F | C |`);
      expect(systemsOf(score, 4, String)).toEqual([
        { first: 0, count: 5 },
        { first: 5, count: 2 },
      ]);
    },
  );
});

it('systems share what the fullest page has left, as far as they still belong together', () => {
  const gapOf = (bars: number): number =>
    layOut(sheet('| C '.repeat(bars)), USUAL_LOOK, String).spacing.gap;
  const [first, system] = [1122 - 2 * MARGIN - 84 - 26, 110];
  expect(gapOf(8)).toBe(28);
  expect(gapOf(32)).toBe(first / 8 - system);
  // A second page has room for eight systems too, and more of it; the first says how far apart they are.
  expect(gapOf(64)).toBe(gapOf(32));
});

describe('pages', () => {
  const score = sheet('| C '.repeat(200));
  const systems = systemsOf(score, 4, String);
  it.each(['A4', 'Letter'] as const)('of %s hold whole systems, all of them, in order', (paper) => {
    for (const staves of [['treble'], ['treble', 'tab']] as const) {
      const height = systemHeight({ staves, writtenAbove: 0, measures: score.parts[0]!.measures });
      const pages = pagesOf(systems, height, paper);
      expect(pages.flat()).toEqual(systems);
      for (const page of pages) {
        expect(page.length * height).toBeLessThanOrEqual(PAPERS[paper].height - 2 * MARGIN);
        expect(page.length).toBeGreaterThan(0);
      }
      expect(pages[0]!.length).toBeLessThanOrEqual(pages[1]!.length);
    }
  });
});
