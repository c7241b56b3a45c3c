import { parseChart, leadSheet } from '@drop-close/core';
import { systemHeight } from './heights';
import { MARGIN, PAPERS, pagesOf, systemsOf } from './pages';

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
