import { clientLine, type ClientLine } from '@taxikine/core/reading/today/clientLine';
import type { ClientSummary } from '@taxikine/core/reading/today/clientSummary';
import type { ClientRecord } from '@taxikine/core/records/clients/clientRecord';
import type { Versioned } from '@taxikine/core/records/versioned';
import { useInfiniteQuery, useMutationState } from '@tanstack/react-query';
import { useMemo } from 'react';
import { call } from '../data/api';
import { CLIENTS_KEY, WRITE_KEY } from '../data/queryClient';
import type { Write } from '../data/writes';
import { today } from '../words/when';

export interface ListOf {
  readonly sort: 'name' | 'urgency' | 'last-visit';
  readonly filter: 'all' | 'waiting' | 'home';
  readonly search: string;
}

interface Page {
  readonly clients: readonly ClientSummary[];
  readonly next: number | null;
}

const addressOf = ({ sort, filter, search }: ListOf, from: number): string =>
  `/clients?${new URLSearchParams({ day: today(), sort, filter, search, from: String(from) })}`;

/** Clients made or changed on this device that the server has not heard of. */
const usePendingClients = (): Versioned<ClientRecord>[] =>
  useMutationState({
    filters: { mutationKey: WRITE_KEY, status: 'pending' },
    select: ({ state }) => state.variables as Write,
  })
    .filter((write): write is Write<'clients'> => write.kind === 'clients')
    .map((write) => ({ ...write.record, version: write.version + 1 }));

const newLine = (client: Versioned<ClientRecord>): ClientLine => ({
  client,
  visits: 0,
  lastVisitOn: null,
  lastLook: null,
  lastPattern: null,
  looseEnd: null,
  reports: [],
  due: null,
  week: null,
});

/** The list as the server has it, with what it has not heard of yet; that is at the top, where it is seen. */
export function withPendingClients(
  lines: readonly ClientLine[],
  pending: readonly Versioned<ClientRecord>[],
): ClientLine[] {
  const changed = lines.map((line) => {
    const client = pending.findLast((one) => one.id === line.client.id);
    return client ? { ...line, client } : line;
  });
  const made = pending.filter((one) => !lines.some((line) => line.client.id === one.id));
  const last = made.filter((one, i) => made.findLastIndex((other) => other.id === one.id) === i);
  return [...last.map(newLine), ...changed];
}

/** Clients, a page at a time, from this device at once and from the server when it answers. */
export function useClientList(list: ListOf) {
  const query = useInfiniteQuery({
    queryKey: [...CLIENTS_KEY, list],
    queryFn: ({ pageParam }) => call<Page>('GET', addressOf(list, pageParam)),
    initialPageParam: 0,
    getNextPageParam: ({ next }) => next,
  });
  const day = today();
  const pending = usePendingClients();
  const pages = query.data?.pages;
  const everybody = list.filter === 'all' && list.search === '';
  const lines = useMemo(() => {
    // Read on the day that it is here, also when the list is of an earlier one.
    const known = pages?.flatMap(({ clients }) =>
      clients.map((summary) => clientLine(summary, day)),
    );
    return known && withPendingClients(known, everybody ? pending : []);
  }, [pages, pending, everybody, day]);
  const more = () => {
    if (query.hasNextPage && !query.isFetchingNextPage) void query.fetchNextPage();
  };
  return { lines, more, error: query.error, refetch: () => void query.refetch() };
}
