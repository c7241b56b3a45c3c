import { gridOfBar, strength, valueOf, written } from './values';

const Q = 480;
const FOUR = gridOfBar({ beats: 4, unit: 4 });
const THREE = gridOfBar({ beats: 3, unit: 4 });
const SIX = gridOfBar({ beats: 6, unit: 8 });
const SHORT: Readonly<Record<string, string>> = {
  whole: '1',
  half: '2',
  quarter: '4',
  eighth: '8',
  '16th': '16',
};
/** As "4. 8": a dotted quarter and an eighth. */
const shown = (grid: typeof FOUR, from: number, to: number, isRest = false): string =>
  written(grid, from * Q, to * Q, isRest)
    .map(({ value }) => `${SHORT[value.base]!}${'.'.repeat(value.dots)}`)
    .join(' ');

describe('a note in four four (common practice of engraving)', () => {
  it.each([
    [0, 4, '1'],
    [0, 3, '2.'],
    [0, 1.5, '4.'],
    [1, 3, '2'],
    [1, 4, '4 2'],
    [1, 2.5, '4 8'],
    [0.5, 1.5, '4'],
    [1.5, 2.5, '8 8'],
    [1.5, 4, '8 2'],
    [2, 3.5, '4.'],
    [2.5, 3.5, '4'],
    [2.5, 4, '8 4'],
    [3.5, 4, '8'],
    [0, 2.5, '2 8'],
    [0.25, 0.75, '8'],
    [0.75, 1, '16'],
    [0, 0.75, '8.'],
  ])('from %f to %f is written %s', (from, to, is) => {
    expect(shown(FOUR, from, to)).toBe(is);
  });
});

describe('other meters', () => {
  it('in three a half may begin on two, and a bar is a dotted half', () => {
    expect(shown(THREE, 1, 3)).toBe('2');
    expect(shown(THREE, 0, 3)).toBe('2.');
    expect(shown(THREE, 1.5, 3)).toBe('8 4');
  });
  it('in six eight the halves of the bar are seen', () => {
    expect(shown(SIX, 0, 1.5)).toBe('4.');
    expect(shown(SIX, 0, 3)).toBe('2.');
    expect(shown(SIX, 1, 2.5)).toBe('8 4');
    expect(shown(SIX, 0.5, 1.5)).toBe('4');
  });
});

describe('rests', () => {
  it('lie across no stronger beat, and show every beat but the halves of a bar', () => {
    expect(shown(FOUR, 0, 2, true)).toBe('2');
    expect(shown(FOUR, 1, 3, true)).toBe('4 4');
    expect(shown(FOUR, 1, 4, true)).toBe('4 2');
    expect(shown(FOUR, 0.5, 1.5, true)).toBe('8 8');
    expect(shown(THREE, 1, 3, true)).toBe('4 4');
  });
});

it('every stretch of eighths and sixteenths is written whole, in every meter, and never hides the middle of four', () => {
  let count = 0;
  for (const grid of [
    FOUR,
    THREE,
    SIX,
    gridOfBar({ beats: 5, unit: 4 }),
    gridOfBar({ beats: 12, unit: 8 }),
  ]) {
    for (let from = 0; from < grid.length; from += 120) {
      for (let to = from + 120; to <= grid.length; to += 120) {
        for (const isRest of [false, true]) {
          const parts = written(grid, from, to, isRest);
          count += 1;
          expect(parts[0]!.at).toBe(from);
          parts.forEach(({ at, value }, each) => {
            expect(at + value.length).toBe(parts[each + 1]?.at ?? to);
            expect(valueOf(value.length)).toEqual(value);
          });
          if (grid !== FOUR) continue;
          for (const { at, value } of parts) {
            const hides = at < 960 && at + value.length > 960;
            const isSeen = at === 0 || (!isRest && at === 480 && value.length === 960);
            expect(!hides || isSeen).toBe(true);
          }
        }
      }
    }
  }
  expect(count).toBe(1604);
  expect(strength(FOUR, 960)).toBeGreaterThan(strength(FOUR, 480));
});
