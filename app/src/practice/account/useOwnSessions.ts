import type { SessionShown } from '@taxikine/core/records/wire/account';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { call } from '../../data/api';
import { OWN_SESSIONS } from '../../data/askedAnew';
import { useServerAsk } from '../../data/useServerAsk';

const PATH = '/account/sessions';

/** Where the coach is signed in, and a way to end it: one of them, or all but this one. */
export function useOwnSessions() {
  const client = useQueryClient();
  const query = useQuery({
    queryKey: OWN_SESSIONS,
    queryFn: () => call<{ sessions: SessionShown[] }>('GET', PATH).then(({ sessions }) => sessions),
    staleTime: 0,
  });
  const ending = useServerAsk(
    (id: string | null) => call('DELETE', id === null ? PATH : `${PATH}/${id}`),
    // One that somebody else ended meanwhile is gone as well.
    { onSettled: () => client.invalidateQueries({ queryKey: OWN_SESSIONS }) },
  );
  return {
    sessions: query.data ?? null,
    problem: query.error ?? ending.error,
    busy: ending.isPending,
    end: (id: string) => ending.mutate(id),
    endOthers: () => ending.mutate(null),
  };
}
