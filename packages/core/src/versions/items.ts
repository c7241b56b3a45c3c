import { hitBarKey } from '../arrangement/stored/fit';
import type { OfChord, StoredDevice, StoredSplit } from '../arrangement/stored/stored';
import { chordKey } from '../chart/placeTypes';

/**
 * How the items of an arrangement's lists are told apart from version to version, by the path of the list:
 * by their chord, or by their bar. Items of one key stand together, as the hits of a bar do. Lists that
 * are not named here are one thing each.
 */
type KeyOf = (item: never) => string;

const byChord: KeyOf = ({ place }: OfChord) => chordKey(place);

const KEYS: readonly (readonly [path: RegExp, keyOf: KeyOf])[] = [
  [/^setup\.locks\.\w+$/, byChord],
  [/^setup\.(?:pools|scales|line\.notes)$/, byChord],
  [/^setup\.splits$/, ({ place, after }: StoredSplit) => `${chordKey(place)} ${after}`],
  [/^setup\.comp\.hits$/, hitBarKey],
  [/^setup\.comp\.devices$/, ({ place, chorus }: StoredDevice) => `${chordKey(place)} ${chorus}`],
];

/** The key function of the list at a path, or `undefined` where the list is one thing. */
const keyOfItems = (path: string): KeyOf | undefined =>
  KEYS.find(([pattern]) => pattern.test(path))?.[1];

/** The items of a list by their keys, in their order; `undefined` where the list is one thing. */
export function itemsByKey(
  path: string,
  list: readonly unknown[],
): ReadonlyMap<string, readonly unknown[]> | undefined {
  const keyOf = keyOfItems(path);
  if (!keyOf) return undefined;
  const found = new Map<string, unknown[]>();
  for (const item of list) {
    const key = keyOf(item as never);
    const same = found.get(key);
    if (same) same.push(item);
    else found.set(key, [item]);
  }
  return found;
}

/** Records that are chosen as a whole: half of one room and half of another is none. */
const WHOLE = /^setup\.room$/;

export const isOneThing = (path: string): boolean => WHOLE.test(path);
