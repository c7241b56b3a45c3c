/**
 * For every target voicing the least of value(source) + cost(source, target) over all source voicings,
 * without weighing every pair.
 *
 * What a pair costs falls into two parts: what its two sounds cost, and the way of the hand from place to
 * place. Both hang on the stances alone. So of the grips of a source stance only the cheapest counts; from
 * each source sound to each place of the target the least of value and way is worked out; and for each
 * target stance, a sound at a place, the least is taken over the source sounds. Where there are few sounds
 * what each pair costs is written down and all are looked at (scan.ts); where there are many, most are
 * passed over unweighed (search.ts).
 *
 * Exact, because the least over sounds and places is the least over sounds of the least over places.
 * Source: dynamic programming.
 */
import { UNREACHABLE } from './layers';
import type { Layer } from './layer';

/** By source stance the least value so far; by target stance what it comes to. */
export type LeastByTarget = (values: Int32Array) => Int32Array;

/** The way of the hand between the places of two layers. */
export interface HandMoves {
  /** `price[a * width + b]`, by the places of source and target. */
  readonly price: Int32Array;
  readonly width: number;
}

/** A look from candidates to candidates; `UNREACHABLE` leaves one out. */
export const sweepBy =
  (source: Layer, target: Layer, look: LeastByTarget) =>
  (values: Int32Array): Int32Array =>
    spread(target, look(stanceValues(source, values)));

// Loops, not `map`: they run for every candidate of every change.
function spread({ stanceOf }: Layer, least: Int32Array): Int32Array {
  const best = new Int32Array(stanceOf.length);
  for (let candidate = 0; candidate < best.length; candidate += 1) {
    best[candidate] = least[stanceOf[candidate]!]!;
  }
  return best;
}

function stanceValues({ stanceOf, stanceSound }: Layer, values: Int32Array): Int32Array {
  const least = new Int32Array(stanceSound.length).fill(UNREACHABLE);
  for (let candidate = 0; candidate < values.length; candidate += 1) {
    const stance = stanceOf[candidate]!;
    if (values[candidate]! < least[stance]!) least[stance] = values[candidate]!;
  }
  return least;
}
