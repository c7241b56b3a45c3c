/**
 * For every target voicing the least of value(source) + cost(source, target) over all source voicings,
 * without weighing every pair.
 *
 * Most of the cost of a change is a sum over voices, and no voice moves for less than `slope` a semitone.
 * So a pair costs at least `slope` times the distance of the sums of its pitches. Sources stand in the
 * order of their sums; a target looks at its own sum first, then further and further down and up, until
 * no source from there on can come in under the best total it has. Within one sum sources stand by value,
 * and the look ends at the first that cannot; of the others the top voice is looked up, with the same
 * bound for the rest, before the pair is weighed in full.
 *
 * Exact, because nothing is passed over but what cannot come in under a total already in hand, and because
 * whatever a pair costs beyond its voices (a block shift, spare voices, the way along the neck) is 0 or
 * more and is added in full when the pair is weighed.
 * Cost: at worst all pairs of sounds; in practice some dozens a target. Source: branch and bound.
 */
import { NEVER } from './chain';
import type { Entries } from './entries';
import type { Layer } from './layer';
import { seek } from './seek';
import type { VoiceTable } from './tables';

/** Sources and targets with the same number of paired voices. */
export interface Pairing {
  readonly source: Entries;
  readonly target: Entries;
  /** By source entry: what it costs before any voice is looked at. */
  readonly fees: Int32Array;
  /** Neither side leaves a voice out. */
  readonly whole: boolean;
}

export interface SweepPrices {
  readonly spare: number;
  readonly octave: number;
  readonly block: number;
  /** For the same sound again. */
  readonly again: number;
  /** Between positions of the hand: `shift[a * places + b]`, by the places of the two layers. */
  readonly shift: Int32Array;
  readonly places: number;
}

export interface Sweep {
  readonly source: Layer;
  readonly target: Layer;
  readonly pairings: readonly Pairing[];
  readonly table: VoiceTable;
  readonly prices: SweepPrices;
}

/** A sweep under way. */
export interface Run {
  readonly sweep: Sweep;
  readonly values: Int32Array;
  /** By source sound: the least value of its grips. */
  readonly least: Int32Array;
  /**
   * The least of value and way from source sound `s` to place `p` of the target: `reach[s * places + p]`,
   * worked out when first asked for; until then `UNKNOWN` stands at place 0.
   */
  readonly reach: Int32Array;
  /** By target candidate. */
  readonly best: Int32Array;
  /** By target sound: the highest of the totals its grips have reached so far. */
  readonly bounds: Int32Array;
}

/** @param values by source candidate; `NEVER` leaves one out */
export function sweepOver(sweep: Sweep, values: Int32Array): Int32Array {
  const { source, target, pairings, prices } = sweep;
  const run: Run = {
    sweep,
    values,
    least: leastOf(source, values),
    reach: new Int32Array(source.top.length * prices.places).fill(UNKNOWN),
    best: new Int32Array(target.voicings.length).fill(NEVER),
    bounds: new Int32Array(target.top.length).fill(NEVER),
  };
  offerSilence(run);
  for (const pairing of pairings) seek(pairing, run);
  return run.best;
}

const UNKNOWN = -1;

/** Takes a pair of sounds in, for every grip of the target. @returns the target's new bound */
export function offer(run: Run, from: number, to: number, cost: number): number {
  const { starts, grips, placeOf } = run.sweep.target;
  const { reach, best } = run;
  const row = from * run.sweep.prices.places;
  if (reach[row] === UNKNOWN) reachFrom(run, from, row);
  const end = starts[to + 1]!;
  let worst = 0;
  for (let grip = starts[to]!; grip < end; grip += 1) {
    const candidate = grips[grip]!;
    const total = cost + reach[row + placeOf[candidate]!]!;
    const known = best[candidate]!;
    const now = total < known ? total : known;
    best[candidate] = now;
    if (now > worst) worst = now;
  }
  run.bounds[to] = worst;
  return worst;
}

function reachFrom({ sweep, values, reach }: Run, sound: number, row: number): void {
  const { starts, grips, placeOf } = sweep.source;
  const { shift, places } = sweep.prices;
  for (let place = 0; place < places; place += 1) reach[row + place] = NEVER;
  for (let grip = starts[sound]!; grip < starts[sound + 1]!; grip += 1) {
    const candidate = grips[grip]!;
    const value = values[candidate]!;
    const way = placeOf[candidate]! * places;
    for (let place = 0; place < places; place += 1) {
      const total = value + shift[way + place]!;
      if (total < reach[row + place]!) reach[row + place] = total;
    }
  }
}

/** All voices going one way together, or the same sound again. */
export function together(
  { source, target, prices }: Sweep,
  from: number,
  to: number,
  octave: number,
): number {
  if (source.shape[from] !== target.shape[to]) return 0;
  if (target.top[to] === source.top[from]! + octave) return prices.again;
  return source.first[from + 1]! - source.first[from]! > 1 ? prices.block : 0;
}

/** Silence leads anywhere, and anything to silence, at no cost. */
function offerSilence(run: Run): void {
  const { source, target } = run.sweep;
  const silent = ({ first }: Layer, sound: number): boolean => first[sound] === first[sound + 1];
  source.top.forEach((_, from) => {
    if (silent(source, from)) target.top.forEach((__, to) => offer(run, from, to, 0));
  });
  target.top.forEach((_, to) => {
    if (silent(target, to)) source.top.forEach((__, from) => offer(run, from, to, 0));
  });
}

function leastOf({ top, starts, grips }: Layer, values: Int32Array): Int32Array {
  const least = new Int32Array(top.length).fill(NEVER);
  for (let sound = 0; sound < least.length; sound += 1) {
    for (let grip = starts[sound]!; grip < starts[sound + 1]!; grip += 1) {
      const value = values[grips[grip]!]!;
      if (value < least[sound]!) least[sound] = value;
    }
  }
  return least;
}
