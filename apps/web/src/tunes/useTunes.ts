import { searchedWords, TUNES_A_PAGE, type ListedTune } from '@drop-close/core';
import { keepPreviousData, useInfiniteQuery, useQuery } from '@tanstack/react-query';
import { useEffect, useMemo, useState } from 'react';
import { api } from '../api/client';

export const TUNES_KEY = ['tunes'];

/** The tunes of the book by title: the first of them at once, the rest page by page. */
export function useTunes() {
  const query = useInfiniteQuery({
    queryKey: TUNES_KEY,
    queryFn: ({ pageParam }) => api.tunes(pageParam),
    initialPageParam: undefined as string | undefined,
    getNextPageParam: (last: readonly ListedTune[]) =>
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

/** Quiet time after the last letter before the book is asked, in ms. */
const SETTLE = 150;

/**
 * Tunes whose titles hold the words of a search, while the list is still on its way; `undefined` where the
 * list is whole and can be searched itself, and while the server is away.
 */
export function useSearchedTunes(
  search: string,
  isWhole: boolean,
): readonly ListedTune[] | undefined {
  const [words, setWords] = useState(search);
  useEffect(() => {
    const timer = setTimeout(() => {
      setWords(search);
    }, SETTLE);
    return () => {
      clearTimeout(timer);
    };
  }, [search]);
  const enabled = !isWhole && searchedWords(words).length > 0;
  const { data } = useQuery({
    queryKey: [...TUNES_KEY, 'search', words],
    queryFn: () => api.searchTunes(words),
    placeholderData: keepPreviousData,
    enabled,
  });
  return enabled ? data : undefined;
}
