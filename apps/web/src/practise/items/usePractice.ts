import {
  ITEMS_A_PAGE,
  itemInWords,
  itemKey,
  itemOf,
  scheduleSince,
  type Known,
  type PracticeItem,
  type PracticeItemView,
  type PracticeNote,
  type PracticeNoteFields,
} from '@drop-close/core';
import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { api } from '../../api/client';
import { useTunes } from '../../tunes/useTunes';
import { useWaiting } from './sending';

export const ITEMS = ['practice items'];

/** Page after page, until one is not full. */
async function allItems(): Promise<PracticeItemView[]> {
  const all: PracticeItemView[] = [];
  for (;;) {
    const page = await api.items(all.at(-1)?.item);
    all.push(...page);
    if (page.length < ITEMS_A_PAGE) return all;
  }
}

/** An item with its schedule; names that mean nothing here, as from a newer version, are passed over. */
function knownOf({ item: key, ...schedule }: PracticeItemView): Known[] {
  const read = itemOf(key);
  return read.ok ? [{ item: read.value, schedule }] : [];
}

const NOTHING: readonly Known[] = [];

/** Read once for whoever asks, as long as the list is the same. */
const readLists = new WeakMap<readonly PracticeItemView[], readonly Known[]>();
function readList(list: readonly PracticeItemView[]): readonly Known[] {
  const known = readLists.get(list) ?? list.flatMap(knownOf);
  readLists.set(list, known);
  return known;
}

/** Every practised item, and how it is known: what the server has not yet is counted here. */
export function usePractised(): { readonly known: readonly Known[]; readonly isHere: boolean } {
  const { data } = useQuery({ queryKey: ITEMS, queryFn: allItems, refetchOnMount: 'always' });
  const { notes } = useWaiting();
  const known = data ? readList(data) : NOTHING;
  const now = useMemo(() => (notes.length ? withWaiting(known, notes) : known), [known, notes]);
  return { known: now, isHere: data !== undefined };
}

/** Notes that wait are younger than all that the server has of their items, or as good as that until it has them. */
function withWaiting(known: readonly Known[], waiting: readonly PracticeNoteFields[]): Known[] {
  const byItem = new Map<string, PracticeNote[]>();
  for (const fields of waiting) {
    const own = byItem.get(fields.item) ?? [];
    byItem.set(fields.item, [...own, { ...fields, received: fields.at } as PracticeNote]);
  }
  const changed = known.map((each) => {
    const key = itemKey(each.item);
    const notes = byItem.get(key);
    byItem.delete(key);
    return notes ? { ...each, schedule: scheduleSince(each.schedule, notes) } : each;
  });
  const fresh = [...byItem].flatMap(([key, notes]): Known[] => {
    const read = itemOf(key);
    return read.ok ? [{ item: read.value, schedule: scheduleSince(undefined, notes) }] : [];
  });
  return [...changed, ...fresh];
}

/** Names items for the player. */
export function useItemWords(): (item: PracticeItem) => string {
  const { data } = useTunes();
  return useMemo(() => {
    const titles = new Map(data?.map(({ id, title }) => [id, title]));
    return (item) => itemInWords(item, (id) => titles.get(id));
  }, [data]);
}
