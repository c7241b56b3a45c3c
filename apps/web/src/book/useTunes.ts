import { TUNES_A_PAGE, type TuneGlance } from '@drop-close/core';
import { useInfiniteQuery } from '@tanstack/react-query';
import { useEffect, useMemo } from 'react';
import { api } from '../api/client';

export const TUNES_KEY = ['tunes'];

/** The tunes of the book by title: the first of them at once, the rest page by page. */
export function useTunes() {
  const query = useInfiniteQuery({
    queryKey: TUNES_KEY,
    queryFn: ({ pageParam }) => api.tunes(pageParam),
    initialPageParam: undefined as string | undefined,
    getNextPageParam: (last: readonly TuneGlance[]) =>
      last.length === TUNES_A_PAGE ? last.at(-1)?.id : undefined,
    refetchOnMount: 'always',
  });
  const { data, hasNextPage, isFetching, isError, fetchNextPage } = query;
  useEffect(() => {
    if (hasNextPage && !isFetching && !isError) void fetchNextPage();
  }, [hasNextPage, isFetching, isError, fetchNextPage]);
  const tunes = useMemo(() => data?.pages.flat(), [data]);
  return { ...query, data: tunes, isWhole: !hasNextPage };
}
