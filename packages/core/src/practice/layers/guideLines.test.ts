import { midi } from '../../base/units';
import { parseChart } from '../../chart/parseChart';
import { timeline, type Timeline } from '../../chart/timeline';
import { demoTunes } from '../../testing/demo';
import { guideLines } from './guideLines';
import { guideTonesOfChord, placed } from './tones';
import type { LayerNote } from './types';

const RANGE = { low: midi(45), high: midi(77) };
const timeOf = (text: string): Timeline => timeline(parseChart(text).chart);
const told = (line: readonly LayerNote[]): string =>
  line.map(({ degree, note }) => `${degree} ${note}`).join(', ');
const steps = (line: readonly LayerNote[]): number[] =>
  line.slice(1).map((note, at) => note.midi - line[at]!.midi);

// Source: common practice; of a ii-V-I the 7 falls to the 3 while the 3 is held as the next 7.
it('of a ii–V–I the voices change places: the 7 falls to the 3, the 3 is held as the 7', () => {
  const { upper, lower } = guideLines(timeOf('| Dm7 | G7 | Cmaj7 |'), RANGE);
  expect([told(upper), told(lower)].sort()).toEqual(['b3 F, b7 F, 3 E', 'b7 C, 3 B, 7 B']);
});

it('of a chain of dominants both voices fall by half steps', () => {
  const { upper, lower } = guideLines(timeOf('| E7 | A7 | D7 | G7 |'), RANGE);
  expect([steps(upper), steps(lower)]).toEqual([
    [-1, -1, -1],
    [-1, -1, -1],
  ]);
});

it('between minor sevenths a whole step apart both voices fall a whole step, neither leaps', () => {
  const { upper, lower } = guideLines(timeOf('| Dm7 | Cm7 |'), RANGE);
  expect([steps(upper), steps(lower)]).toEqual([[-2], [-2]]);
});

it('a chord without a pitch is passed over, and a chart of nothing else has no voices', () => {
  const { upper } = guideLines(timeOf('| Dm7 | N.C. | G7 |'), RANGE);
  expect(upper.map(({ event }) => event)).toEqual([0, 2]);
  expect(guideLines(timeOf('| N.C. |'), RANGE)).toEqual({ upper: [], lower: [] });
});

it('no two voices of guide tones move less, found by trying all over five chords of every demo tune', () => {
  let tried = 0;
  for (const { chorus } of demoTunes()) {
    const events = chorus.timeline.events.filter(({ chord }) => chord.kind === 'chord').slice(0, 5);
    const time = { ...chorus.timeline, events };
    const range = { low: midi(48), high: midi(74) };
    const { upper, lower } = guideLines(time, range);
    const sum = (line: readonly LayerNote[]) =>
      steps(line).reduce((total, step) => total + Math.abs(step), 0);
    const rows = events.map(({ chord }) => {
      const tones = placed(chord.kind === 'chord' ? guideTonesOfChord(chord) : [], range);
      return tones.flatMap((low) =>
        tones
          .filter(
            (high) =>
              high.degree !== low.degree && high.midi > low.midi && high.midi < low.midi + 12,
          )
          .map((high) => [low.midi, high.midi] as const),
      );
    });
    let least = Infinity;
    const go = (row: number, last: readonly [number, number] | undefined, total: number): void => {
      if (row === rows.length) {
        least = Math.min(least, total);
        tried += 1;
        return;
      }
      for (const pair of rows[row]!) {
        const more = last ? Math.abs(pair[0] - last[0]) + Math.abs(pair[1] - last[1]) : 0;
        go(row + 1, pair, total + more);
      }
    };
    go(0, undefined, 0);
    expect(sum(upper) + sum(lower)).toBe(least);
  }
  expect(tried).toBeGreaterThan(1000);
});

it('over every demo tune both guide tones of every chord are there, within an octave and in the range', () => {
  let chords = 0;
  for (const { chorus } of demoTunes()) {
    const { upper, lower } = guideLines(chorus.timeline, RANGE);
    expect(lower.map(({ event, at, length }) => [event, at, length])).toEqual(
      upper.map(({ event, at, length }) => [event, at, length]),
    );
    upper.forEach((note, at) => {
      const { chord } = chorus.timeline.events[note.event]!;
      const tones = chord.kind === 'chord' ? guideTonesOfChord(chord) : [];
      const below = lower[at]!;
      expect(new Set([note.degree, below.degree]).size).toBe(Math.min(2, tones.length));
      expect(note.midi - below.midi).toBeGreaterThanOrEqual(0);
      expect(note.midi - below.midi).toBeLessThan(12);
      expect(below.midi).toBeGreaterThanOrEqual(RANGE.low);
      expect(note.midi).toBeLessThanOrEqual(RANGE.high);
      chords += 1;
    });
  }
  expect(chords).toBeGreaterThan(300);
});
