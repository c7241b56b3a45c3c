import { analyzeChart, parseChart, tellLine, timeline, type SoloNote } from '@drop-close/core';
import { barsInRow, heightOf, layoutMelody, MELODY } from './melodyLayout';

/** Pitches a quarter each from bar 1, or from so many quarters before it. */
function told(changes: string, pitches: readonly number[], from = 0) {
  const { chart } = parseChart(changes);
  const line = pitches.map(
    (midi, at) => ({ midi, at: 480 * (from + at), length: 480, velocity: 80 }) as SoloNote,
  );
  return tellLine(line, timeline(chart), analyzeChart(chart).chords);
}
const EIGHT = 'key: C\n| Dm7 | G7 | C6 | A7 | Dm7 | G7 | C6 | % |';

it('puts four bars in a row where they have room for their degrees, else two, else one', () => {
  const line = told(EIGHT, Array(32).fill(60) as number[]);
  expect([800, 300, 150].map((width) => barsInRow(line, width))).toEqual([4, 2, 1]);
});
it('lays every note in one row, in order of time, the highest at the top', () => {
  const line = told(
    EIGHT,
    Array.from({ length: 32 }, (_, at) => 60 + (at % 5)),
  );
  const rows = layoutMelody(line, 800);
  expect(rows.map(({ bars }) => bars.map(({ number }) => number))).toEqual([
    [1, 2, 3, 4],
    [5, 6, 7, 8],
  ]);
  const heads = rows.flatMap((row) => row.heads);
  expect(heads.map(({ at }) => at)).toEqual(Array.from({ length: 32 }, (_, at) => at));
  for (const row of rows) {
    const xs = row.heads.map(({ x }) => x);
    expect(xs).toEqual([...xs].sort((a, b) => a - b));
    expect(Math.min(...xs)).toBeGreaterThan(0);
    expect(Math.max(...row.heads.map(({ until }) => until))).toBeLessThanOrEqual(800);
  }
  expect(heads[4]!.y).toBe(MELODY.top);
  expect(heads[0]!.y - heads[4]!.y).toBe(4 * MELODY.step);
  expect(heightOf(line)).toBe(MELODY.top + 4 * MELODY.step + MELODY.bottom);
});
it('has a pickup in the first row, beside its four bars', () => {
  const line = told(`key: C\npickup: 1\n| G7 ${EIGHT.slice(7)}`, [59, 60, 62], -1);
  const [first] = layoutMelody(line, 900);
  expect(first!.bars.map(({ number }) => number)).toEqual([0, 1, 2, 3, 4]);
  expect(first!.heads.map(({ at }) => at)).toEqual([0, 1, 2]);
});
