import { UNREACHABLE } from './layers';
import type { Entries } from './entries';
import type { Run } from './run';

/** The source entries of one pairing, made ready for the targets to look through. */
export interface Sources {
  /** Cell by cell, as in the entries, but within a cell by rising value. */
  readonly entry: Int32Array;
  readonly value: Int32Array;
  /** By cell: the least of value and way, as far as its inner sum, of this and the cells below in its group. */
  readonly fromBelow: Int32Array;
  /** And of this and those above. */
  readonly fromAbove: Int32Array;
  /** By group. */
  readonly groupLeast: Int32Array;
}

export function sourcesOf(
  entries: Entries,
  fees: Int32Array,
  { least }: Run,
  slope: number,
): Sources {
  const { count, sound, starts } = entries;
  const entry = new Int32Array(count);
  const value = new Int32Array(count);
  const lowest = new Int32Array(starts.length - 1).fill(UNREACHABLE);
  for (let cell = 0; cell < lowest.length; cell += 1) {
    const begin = starts[cell]!;
    const end = starts[cell + 1]!;
    for (let e = begin; e < end; e += 1) {
      const cost = Math.min(UNREACHABLE, least[sound[e]!]! + fees[e]!);
      let place = e;
      while (place > begin && value[place - 1]! > cost) {
        value[place] = value[place - 1]!;
        entry[place] = entry[place - 1]!;
        place -= 1;
      }
      value[place] = cost;
      entry[place] = e;
    }
    if (begin < end) lowest[cell] = value[begin]!;
  }
  return { entry, value, ...envelopes(lowest, entries, slope) };
}

/** The least of every cell as seen from either side. */
function envelopes(lowest: Int32Array, { cells, sums }: Entries, slope: number) {
  const fromBelow = lowest.slice();
  const fromAbove = lowest.slice();
  const groupLeast = new Int32Array(cells.length - 1).fill(UNREACHABLE);
  for (let group = 0; group < cells.length - 1; group += 1) {
    const first = cells[group]!;
    const last = cells[group + 1]! - 1;
    for (let cell = first; cell <= last; cell += 1) {
      groupLeast[group] = Math.min(groupLeast[group]!, lowest[cell]!);
    }
    for (let cell = first + 1; cell <= last; cell += 1) {
      const passed = fromBelow[cell - 1]! + slope * (sums[cell]! - sums[cell - 1]!);
      if (passed < fromBelow[cell]!) fromBelow[cell] = passed;
    }
    for (let cell = last - 1; cell >= first; cell -= 1) {
      const passed = fromAbove[cell + 1]! + slope * (sums[cell + 1]! - sums[cell]!);
      if (passed < fromAbove[cell]!) fromAbove[cell] = passed;
    }
  }
  return { fromBelow, fromAbove, groupLeast };
}
