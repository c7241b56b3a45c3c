import { ENTRIES_A_PAGE, type EntryView } from '@drop-close/core';
import { useQuery } from '@tanstack/react-query';
import { api } from '../../api/client';

export const LOG = ['practice log'];

/** The whole logbook is asked for page by page, as far back as this. */
const MOST_PAGES = 10;

async function allEntries(): Promise<EntryView[]> {
  const all: EntryView[] = [];
  for (let page = 0; page < MOST_PAGES; page += 1) {
    const entries = await api.log(all.at(-1)?.id);
    all.push(...entries);
    if (entries.length < ENTRIES_A_PAGE) break;
  }
  return all;
}

/** The logbook, the latest days first. */
export const useLog = () =>
  useQuery({ queryKey: LOG, queryFn: allEntries, refetchOnMount: 'always' });
