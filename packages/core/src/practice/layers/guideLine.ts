/**
 * The guide tones as one smooth line: to every chord one of its guide tones, held while the chord lasts, so that the line
 * moves as little as can be over the whole chorus. Phases: one forward pass over chords and their guide tones in the
 * range, then the way back. Of lines that move as little, the one that begins nearest to the middle of the range, then
 * the one that begins on the third. Source: common practice; the search is exact.
 */
import { quarters, ticks } from '../../base/units';
import type { Timeline } from '../../chart/timeline';
import { inTicks } from '../../comp/base/time';
import { atLeastAnOctave, guideTonesOfChord, placed, type PlacedTone } from './tones';
import type { LayerNote, LineRange } from './types';

/** A half step of motion outweighs every wish about the beginning. */
const HALF_STEP = 1000;

interface Reached {
  readonly tone: PlacedTone;
  readonly total: number;
  /** Position among the tones of the chord before; none at the beginning. */
  readonly from?: number;
}

export function guideLine(time: Timeline, wanted: LineRange): LayerNote[] {
  const range = atLeastAnOctave(wanted);
  const middle = (range.low + range.high) / 2;
  const sounding = time.events.flatMap(({ chord, at, length }, event) =>
    chord.kind === 'chord'
      ? [{ tones: placed(guideTonesOfChord(chord), range), at, length, event }]
      : [],
  );
  const rows: Reached[][] = [];
  for (const { tones } of sounding) {
    const before = rows.at(-1);
    rows.push(
      tones.map((tone) =>
        before ? cheapest(before, tone) : { tone, total: beginning(tone, middle) },
      ),
    );
  }
  return wayBack(rows).map((tone, position) => {
    const { at, length, event } = sounding[position]!;
    const lasts = ticks(inTicks(quarters(at + length)) - inTicks(at));
    return { ...tone, event, at: inTicks(at), length: lasts };
  });
}

/** How far a first note lies from the middle, those on the third a little nearer. */
const beginning = ({ midi, degree }: PlacedTone, middle: number): number =>
  Math.abs(midi - middle) * 2 + (degree === '3' || degree === 'b3' ? 0 : 1);

function cheapest(before: readonly Reached[], tone: PlacedTone): Reached {
  let best: Reached | undefined;
  before.forEach(({ tone: last, total }, from) => {
    const cost = total + Math.abs(tone.midi - last.midi) * HALF_STEP;
    if (!best || cost < best.total) best = { tone, total: cost, from };
  });
  return best!;
}

function wayBack(rows: readonly (readonly Reached[])[]): PlacedTone[] {
  const line: PlacedTone[] = [];
  let position: number | undefined;
  for (const row of [...rows].reverse()) {
    position ??= row.reduce((best, { total }, at) => (total < row[best]!.total ? at : best), 0);
    const { tone, from } = row[position]!;
    line.unshift(tone);
    position = from;
  }
  return line;
}
