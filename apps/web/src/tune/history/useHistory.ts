import { MOMENTS_A_PAGE, tellChanges, type TuneMoment, type TuneThen } from '@drop-close/core';
import { useInfiniteQuery, useQuery } from '@tanstack/react-query';
import { create } from 'zustand';
import { api } from '../../api/client';
import { useDocument } from '../../document/store';
import type { TuneDocument } from '../../document/types';
import { dayOf } from '../../ui/moments';

/** Whether the earlier versions are shown. */
export const useHistorySheet = create<{ readonly open: boolean }>(() => ({ open: false }));

/** One moment, and the one before it where there is one. */
export interface Moment {
  readonly at: string;
  readonly before: string | undefined;
}

export interface HistoryDay {
  readonly day: string;
  /** The latest first. */
  readonly moments: readonly Moment[];
}

/** The moments of a tune's history by the player's own days, the latest first. */
export function byDay(moments: readonly string[]): HistoryDay[] {
  const days = new Map<string, Moment[]>();
  moments.forEach((at, index) => {
    const day = dayOf(at);
    const moment = { at, before: moments[index + 1] };
    const same = days.get(day);
    if (same) same.push(moment);
    else days.set(day, [moment]);
  });
  return [...days].map(([day, all]) => ({ day, moments: all }));
}

/** The tune as it was, with the arrangement that is on the desk. */
export function documentThen(then: TuneThen, arrangementId: string): TuneDocument | undefined {
  const { arrangements, at: _, ...fields } = then;
  const found = arrangements.find(({ id }) => id === arrangementId) ?? arrangements[0];
  return found && { ...fields, arrangementName: found.name, setup: found.setup };
}

/** When the tune on the desk was saved, page by page; asked anew each time it is looked at. */
export function useMoments() {
  const tuneId = useDocument((state) => state.origin?.tuneId) ?? '';
  return useInfiniteQuery({
    queryKey: ['history', tuneId],
    queryFn: ({ pageParam }) => api.history(tuneId, pageParam),
    initialPageParam: undefined as string | undefined,
    getNextPageParam: (last: readonly TuneMoment[]) =>
      last.length === MOMENTS_A_PAGE ? last.at(-1)?.at : undefined,
    select: ({ pages }) => pages.flat().map(({ at }) => at),
    refetchOnMount: 'always',
  });
}

/** The tune as it was at a moment; it does not change any more. */
export function useThen(at: string | undefined) {
  const origin = useDocument((state) => state.origin);
  return useQuery({
    queryKey: ['history', origin?.tuneId, at],
    queryFn: async () =>
      documentThen(await api.tuneThen(origin!.tuneId, at!), origin!.arrangementId),
    enabled: !!origin && at !== undefined,
    staleTime: Infinity,
  });
}

/**
 * What a save changed, in words; `undefined` while that is not known.
 * @param isFirst whether nothing is kept from before the moments that are there
 */
export function useChanged(
  { at, before }: Moment,
  isFirst: boolean,
): readonly string[] | undefined {
  const now = useThen(at).data;
  const was = useThen(before).data;
  if (before === undefined) return isFirst ? ['as it began'] : undefined;
  return now && was && tellChanges(was, now);
}
