import { UNREACHABLE } from './layers';
import type { Layer } from './layer';
import type { SoundPrices } from './soundCosts';
import type { HandMoves } from './sweep';
import type { VoiceTable } from './tables';

/** What a search between two layers goes by. */
export interface SearchSpace {
  readonly source: Layer;
  readonly target: Layer;
  readonly handMoves: HandMoves;
  readonly table: VoiceTable;
  readonly prices: SoundPrices;
}

/** A search under way. */
export interface Run {
  readonly space: SearchSpace;
  /** By source stance. */
  readonly values: Int32Array;
  /** By source sound: the least value of its stances. */
  readonly least: Int32Array;
  /**
   * The least of value and way from source sound `s` to place `p` of the target: `reach[s * places + p]`,
   * worked out when first asked for; until then `UNKNOWN` stands at place 0.
   */
  readonly reach: Int32Array;
  /** By target stance. */
  readonly best: Int32Array;
  /** By target sound: the highest of the totals its stances have reached so far. */
  readonly bounds: Int32Array;
}

const UNKNOWN = -1;

export function runOver(space: SearchSpace, values: Int32Array): Run {
  const { source, target, handMoves } = space;
  const run: Run = {
    space,
    values,
    least: leastOf(source, values),
    reach: new Int32Array(source.top.length * handMoves.width).fill(UNKNOWN),
    best: new Int32Array(target.stanceSound.length).fill(UNREACHABLE),
    bounds: new Int32Array(target.top.length).fill(UNREACHABLE),
  };
  offerSilence(run);
  return run;
}

/** Takes a pair of sounds in, for every stance of the target. */
export function offer(
  { space, values, reach, best, bounds }: Run,
  from: number,
  to: number,
  cost: number,
): void {
  const { stances, stancePlace } = space.target;
  const row = from * space.handMoves.width;
  if (reach[row] === UNKNOWN) reachFrom(space, values, reach, from, row);
  const end = stances[to + 1]!;
  let worst = 0;
  for (let stance = stances[to]!; stance < end; stance += 1) {
    const total = cost + reach[row + stancePlace[stance]!]!;
    const known = best[stance]!;
    const now = total < known ? total : known;
    best[stance] = now;
    if (now > worst) worst = now;
  }
  bounds[to] = worst;
}

function reachFrom(
  { source, handMoves }: SearchSpace,
  values: Int32Array,
  reach: Int32Array,
  sound: number,
  row: number,
): void {
  const { stances, stancePlace } = source;
  const { price, width } = handMoves;
  for (let place = 0; place < width; place += 1) reach[row + place] = UNREACHABLE;
  for (let stance = stances[sound]!; stance < stances[sound + 1]!; stance += 1) {
    const way = stancePlace[stance]! * width;
    for (let place = 0; place < width; place += 1) {
      const total = values[stance]! + price[way + place]!;
      if (total < reach[row + place]!) reach[row + place] = total;
    }
  }
}

/** Silence leads anywhere, and anything to silence, at no cost. */
function offerSilence(run: Run): void {
  const { source, target } = run.space;
  const silent = ({ first }: Layer, sound: number): boolean => first[sound] === first[sound + 1];
  source.top.forEach((_, from) => {
    if (silent(source, from))
      target.top.forEach((__, to) => {
        offer(run, from, to, 0);
      });
  });
  target.top.forEach((_, to) => {
    if (silent(target, to))
      source.top.forEach((__, from) => {
        offer(run, from, to, 0);
      });
  });
}

function leastOf({ top, stances }: Layer, values: Int32Array): Int32Array {
  const least = new Int32Array(top.length).fill(UNREACHABLE);
  for (let sound = 0; sound < least.length; sound += 1) {
    for (let stance = stances[sound]!; stance < stances[sound + 1]!; stance += 1) {
      if (values[stance]! < least[sound]!) least[sound] = values[stance]!;
    }
  }
  return least;
}
