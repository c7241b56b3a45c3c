import {
  ITEMS_A_PAGE,
  itemInWords,
  itemOf,
  type Known,
  type PracticeItem,
  type PracticeItemView,
} from '@drop-close/core';
import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { api } from '../../api/client';
import { useTunes } from '../../book/useTunes';

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

/** Every practised item, and how it is known. */
export function usePractised(): { readonly known: readonly Known[]; readonly isHere: boolean } {
  const { data } = useQuery({ queryKey: ITEMS, queryFn: allItems, refetchOnMount: 'always' });
  const known = useMemo(() => data?.flatMap(knownOf) ?? NOTHING, [data]);
  return { known, isHere: data !== undefined };
}

/** Names items for the player. */
export function useItemWords(): (item: PracticeItem) => string {
  const { data } = useTunes();
  return useMemo(() => {
    const titles = new Map(data?.map(({ id, title }) => [id, title]));
    return (item) => itemInWords(item, (id) => titles.get(id));
  }, [data]);
}
