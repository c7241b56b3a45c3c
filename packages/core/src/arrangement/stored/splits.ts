import { chordKey } from '../../chart/placeTypes';
import type { StoredArrangement, StoredSplit } from './stored';

/**
 * Splits a chord, or joins the part that begins there to the one before. What was said of a part that is
 * joined has no place until it is split again; nothing is lost.
 */
export function withSplit(
  arrangement: StoredArrangement,
  split: StoredSplit,
  parted: boolean,
): StoredArrangement {
  const others = arrangement.splits.filter((other) => !isSame(other, split));
  const known = others.length < arrangement.splits.length;
  if (known === parted) return arrangement;
  return { ...arrangement, splits: parted ? [...others, split] : others };
}

const isSame = (a: StoredSplit, b: StoredSplit): boolean =>
  a.after === b.after && chordKey(a.place) === chordKey(b.place);
