/**
 * Both guide tones of every chord as two voices, one over the other, that together move as little as can be over the
 * whole chorus. Phases: the pairs of every chord in the range, one forward pass over chords and their pairs, then the way
 * back. Of ways that move as little, the one with the smaller leaps, then the one that begins nearest to the middle.
 * Cost: chords × pairs², some dozens of pairs each. Source: common practice; the search is exact.
 */
import { quarters, ticks } from '../../base/units';
import type { ChartEvent, Timeline } from '../../chart/timeline';
import type { PitchedChord } from '../../chord/types';
import { inTicks } from '../../comp/base/time';
import { atLeastAnOctave, guideTonesOfChord, placed, type PlacedTone } from './tones';
import type { LayerNote, LineRange } from './types';

/** A half step of motion outweighs every wish about its shape, and that every wish about the beginning. */
const HALF_STEP = 1_000_000;
const SQUARE = 1000;
const OCTAVE = 12;

interface Pair {
  readonly upper: PlacedTone;
  readonly lower: PlacedTone;
}

interface Reached {
  readonly pair: Pair;
  readonly total: number;
  /** Position among the pairs of the chord before; none at the beginning. */
  readonly from?: number;
}

/**
 * Chords without a pitch are passed over; one with a single guide tone has it in both voices.
 * @returns a note of each voice for every chord that has one
 */
export function guideLines(
  time: Timeline,
  wanted: LineRange,
): { readonly upper: LayerNote[]; readonly lower: LayerNote[] } {
  const range = atLeastAnOctave(wanted);
  const middle = (range.low + range.high) / 2;
  const sounding = time.events.flatMap((event, position) =>
    event.chord.kind === 'chord' ? [{ event, position, pairs: pairsOf(event.chord, range) }] : [],
  );
  const rows: Reached[][] = [];
  for (const { pairs } of sounding) {
    const before = rows.at(-1);
    rows.push(
      pairs.map((pair) =>
        before ? cheapest(before, pair) : { pair, total: fromMiddle(pair, middle) },
      ),
    );
  }
  const pairs = wayBack(rows);
  const voice = (of: keyof Pair): LayerNote[] =>
    pairs.map((pair, at) => noteOf(pair[of], sounding[at]!.event, sounding[at]!.position));
  return { upper: voice('upper'), lower: voice('lower') };
}

/** Two guide tones within an octave, wherever they lie in the range. */
function pairsOf(chord: PitchedChord, range: LineRange): Pair[] {
  const tones = placed(guideTonesOfChord(chord), range);
  const isAlone = new Set(tones.map(({ degree }) => degree)).size === 1;
  return tones.flatMap((lower) =>
    tones
      .filter((upper) =>
        isAlone
          ? upper === lower
          : upper.degree !== lower.degree &&
            upper.midi > lower.midi &&
            upper.midi - lower.midi < OCTAVE,
      )
      .map((upper) => ({ upper, lower })),
  );
}

const fromMiddle = ({ upper, lower }: Pair, middle: number): number =>
  Math.abs(upper.midi + lower.midi - 2 * middle);

const motion = (from: PlacedTone, to: PlacedTone): number => {
  const size = Math.abs(to.midi - from.midi);
  return size * HALF_STEP + size * size * SQUARE;
};

function cheapest(before: readonly Reached[], pair: Pair): Reached {
  let best: Reached | undefined;
  before.forEach(({ pair: last, total }, from) => {
    const cost = total + motion(last.upper, pair.upper) + motion(last.lower, pair.lower);
    if (!best || cost < best.total) best = { pair, total: cost, from };
  });
  return best!;
}

function wayBack(rows: readonly (readonly Reached[])[]): Pair[] {
  const way: Pair[] = [];
  let position: number | undefined;
  for (const row of [...rows].reverse()) {
    position ??= row.reduce((best, { total }, at) => (total < row[best]!.total ? at : best), 0);
    const { pair, from } = row[position]!;
    way.unshift(pair);
    position = from;
  }
  return way;
}

const noteOf = (tone: PlacedTone, { at, length }: ChartEvent, event: number): LayerNote => ({
  ...{ ...tone, event, at: inTicks(at) },
  length: ticks(inTicks(quarters(at + length)) - inTicks(at)),
});
