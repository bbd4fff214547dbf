import type { RestoreShown } from '@taxikine/core/records/wire/restoreShown';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef } from 'react';
import { call, sendFile } from '../../data/api';
import { confirmed } from '../../data/confirming';
import { useServerAsk } from '../../data/useServerAsk';

const KEY = ['restore'] as const;
const PATH = '/practice/restore';
const LOOK_EVERY_MS = 700;

const isUnderWay = (restore: RestoreShown | null | undefined): boolean =>
  restore?.state === 'receiving' || restore?.state === 'waiting';

interface Answer {
  readonly restore: RestoreShown | null;
}

/** The archive that is put back, or was last, whichever device handed it over; and how to hand one over. */
export function useRestore() {
  const client = useQueryClient();
  const { data: last } = useQuery({
    queryKey: KEY,
    queryFn: () => call<Answer>('GET', PATH).then(({ restore }) => restore),
    staleTime: 0,
    refetchInterval: ({ state }) => (isUnderWay(state.data) ? LOOK_EVERY_MS : false),
  });
  const sending = useServerAsk(
    async (file: File) => {
      await confirmed(() => call('GET', '/account/confirm'));
      return sendFile<Answer>(PATH, file);
    },
    {
      onSuccess: ({ restore }) => client.setQueryData(KEY, restore),
      onError: () => client.invalidateQueries({ queryKey: KEY }),
    },
  );
  const underWay = isUnderWay(last);
  const wasUnderWay = useRef(false);
  // What came back is asked for once, when all of it is there.
  useEffect(() => {
    if (wasUnderWay.current && !underWay)
      void client.invalidateQueries({ predicate: ({ queryKey }) => queryKey[0] !== KEY[0] });
    wasUnderWay.current = underWay;
  }, [client, underWay]);
  return {
    last: last ?? null,
    underWay,
    sending: sending.isPending,
    problem: sending.error,
    send: (file: File) => sending.mutate(file),
  };
}
