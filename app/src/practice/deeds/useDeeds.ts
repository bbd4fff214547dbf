import type { DeedShown } from '@taxikine/core/records/wire/audit';
import { useInfiniteQuery } from '@tanstack/react-query';
import { call } from '../../data/api';
import { DEEDS_DONE } from '../../data/askedAnew';

interface Page {
  readonly deeds: readonly DeedShown[];
  readonly more: boolean;
}

/** What was done in the practice, the newest first, a page at a time. */
export function useDeeds() {
  const query = useInfiniteQuery({
    queryKey: DEEDS_DONE,
    queryFn: ({ pageParam }) =>
      call<Page>('GET', `/practice/deeds${pageParam ? `?before=${pageParam}` : ''}`),
    initialPageParam: '',
    getNextPageParam: ({ deeds, more }: Page) => (more ? deeds.at(-1)?.id : undefined),
    staleTime: 0,
    gcTime: 0,
  });
  return {
    deeds: query.data?.pages.flatMap(({ deeds }) => deeds) ?? null,
    error: query.error,
    isReading: query.isFetching,
    older: query.hasNextPage ? () => void query.fetchNextPage() : null,
  };
}
