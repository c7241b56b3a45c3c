/**
 * The look at every pair, where there are few sounds.
 *
 * Sources stand by their values. A target goes through them and stops where the value of a source and the
 * least that the target pays for any are no less than the total it has: no source from there on can help.
 * Cost: stances × places, and at worst stances × sounds.
 */
import { UNREACHABLE } from './layers';
import type { Layer } from './layer';
import type { LeastByTarget, HandMoves } from './sweep';

/** What pairs of sounds cost: that of target `t` and source `s` stands at `t * sounds + s`. */
export interface PairCosts {
  readonly costs: Int32Array;
  /** By target: the least of its row. */
  readonly floor: Int32Array;
}

export const scan =
  (source: Layer, target: Layer, handMoves: HandMoves, pairs: PairCosts): LeastByTarget =>
  (values) => {
    const sources = sourcesBy(source, values);
    return leastAt(target, sources, reachOf(source, handMoves, values, sources), pairs);
  };

export function pairCosts(costs: Int32Array, sounds: number): PairCosts {
  const floor = new Int32Array(costs.length / sounds);
  let at = 0;
  for (let target = 0; target < floor.length; target += 1) {
    let least = UNREACHABLE;
    for (const end = at + sounds; at < end; at += 1) {
      if (costs[at]! < least) least = costs[at]!;
    }
    floor[target] = least;
  }
  return { costs, floor };
}

/** The source sounds in the order of their least values. */
interface Sources {
  readonly order: Int32Array;
  /** By rank. */
  readonly least: Int32Array;
}

function sourcesBy({ top, stances }: Layer, values: Int32Array): Sources {
  const count = top.length;
  const keys = new Float64Array(count);
  for (let sound = 0; sound < count; sound += 1) {
    let least = UNREACHABLE;
    for (let stance = stances[sound]!; stance < stances[sound + 1]!; stance += 1) {
      if (values[stance]! < least) least = values[stance]!;
    }
    // Value and sound as one number: sorted without a comparing function.
    keys[sound] = least * count + sound;
  }
  keys.sort();
  const order = new Int32Array(count);
  const least = new Int32Array(count);
  for (let rank = 0; rank < count; rank += 1) {
    order[rank] = keys[rank]! % count;
    least[rank] = (keys[rank]! - order[rank]!) / count;
  }
  return { order, least };
}

/** From each source sound, by rank `r`, to each place `p` of the target: `p * sounds + r`. */
function reachOf(
  { stances, stancePlace }: Layer,
  { price, width }: HandMoves,
  values: Int32Array,
  { order }: Sources,
): Int32Array {
  const sounds = order.length;
  const reach = new Int32Array(width * sounds).fill(UNREACHABLE);
  for (let rank = 0; rank < sounds; rank += 1) {
    const sound = order[rank]!;
    for (let stance = stances[sound]!; stance < stances[sound + 1]!; stance += 1) {
      const value = values[stance]!;
      const row = stancePlace[stance]! * width;
      let at = rank;
      for (let place = row; place < row + width; place += 1) {
        const total = value + price[place]!;
        if (total < reach[at]!) reach[at] = total;
        at += sounds;
      }
    }
  }
  return reach;
}

/** By target stance. */
function leastAt(
  { stanceSound, stancePlace }: Layer,
  { order, least }: Sources,
  reach: Int32Array,
  { costs, floor }: PairCosts,
): Int32Array {
  const sounds = order.length;
  const best = new Int32Array(stanceSound.length);
  for (let stance = 0; stance < best.length; stance += 1) {
    const from = stancePlace[stance]! * sounds;
    const sound = stanceSound[stance]!;
    const row = sound * sounds;
    const sure = floor[sound]!;
    let total = UNREACHABLE;
    for (let rank = 0; rank < sounds && least[rank]! + sure < total; rank += 1) {
      const each = reach[from + rank]! + costs[row + order[rank]!]!;
      if (each < total) total = each;
    }
    best[stance] = total;
  }
  return best;
}
