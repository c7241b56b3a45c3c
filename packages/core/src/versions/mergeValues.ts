import equal from 'fast-deep-equal';
import { isOneThing, itemsByKey } from './items';
import type { ThreeOf } from './types';

/** Where both sides changed the same, each in its own way. */
export interface Conflict {
  /** `tempo`, `setup.room.window.low`; in a list that is told apart by places, with the item's key behind it. */
  readonly path: string;
  readonly key?: string;
}

export interface MergedValue {
  readonly value: unknown;
  readonly conflicts: readonly Conflict[];
}

/**
 * Merges what two sides made of one value: what only one of them changed is taken from it. Records merge
 * field by field, lists that are told apart by chord or bar item by item, all else as one thing. Where
 * both changed the same thing the value is mine and the conflict is told.
 * @param path where the value stands, as `setup.comp`
 */
export function mergeValues(sides: ThreeOf<unknown>, path: string, key?: string): MergedValue {
  const { base, mine, theirs } = sides;
  if (equal(mine, theirs) || equal(base, theirs)) return { value: mine, conflicts: [] };
  if (equal(base, mine)) return { value: theirs, conflicts: [] };
  if (areRecords(sides) && !isOneThing(path)) return mergeRecords(sides, path);
  const lists = areLists(sides) ? byKey(sides, path) : undefined;
  if (lists) return mergeItems(lists, path);
  return { value: mine, conflicts: [key === undefined ? { path } : { path, key }] };
}

type Fields = Readonly<Record<string, unknown>>;

const isRecord = (value: unknown): value is Fields =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

function areRecords(sides: ThreeOf<unknown>): sides is ThreeOf<Fields> {
  return isRecord(sides.base) && isRecord(sides.mine) && isRecord(sides.theirs);
}

function areLists(sides: ThreeOf<unknown>): sides is ThreeOf<readonly unknown[]> {
  return [sides.base, sides.mine, sides.theirs].every(Array.isArray);
}

function mergeRecords({ base, mine, theirs }: ThreeOf<Fields>, path: string): MergedValue {
  const names = new Set([...Object.keys(mine), ...Object.keys(theirs)]);
  const fields = [...names].map((name) => {
    const sides = { base: base[name], mine: mine[name], theirs: theirs[name] };
    return [name, mergeValues(sides, path ? `${path}.${name}` : name)] as const;
  });
  const kept = fields.filter(([, { value }]) => value !== undefined);
  return {
    value: Object.fromEntries(kept.map(([name, { value }]) => [name, value])),
    conflicts: fields.flatMap(([, { conflicts }]) => conflicts),
  };
}

type Items = ReadonlyMap<string, readonly unknown[]>;

function byKey(lists: ThreeOf<readonly unknown[]>, path: string): ThreeOf<Items> | undefined {
  const base = itemsByKey(path, lists.base);
  const mine = itemsByKey(path, lists.mine);
  const theirs = itemsByKey(path, lists.theirs);
  return base && mine && theirs && { base, mine, theirs };
}

function mergeItems({ base, mine, theirs }: ThreeOf<Items>, path: string): MergedValue {
  const keys = [...new Set([...mine.keys(), ...theirs.keys()])];
  const merged = keys.map((key) => {
    const of = (items: Items): readonly unknown[] => items.get(key) ?? [];
    // As one thing: the items of one key belong together.
    const sides = { base: of(base), mine: of(mine), theirs: of(theirs) };
    return mergeValues(sides, `${path}[]`, key);
  });
  return {
    value: merged.flatMap(({ value }) => value as readonly unknown[]),
    conflicts: merged.flatMap(({ conflicts }) => conflicts),
  };
}
