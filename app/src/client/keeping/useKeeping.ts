import type { KeeperShown } from '@taxikine/core/records/wire/people';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { call } from '../../data/api';
import { KEEPING } from '../../data/askedAnew';
import { CLIENTS_KEY } from '../../data/queryClient';
import { useServerAsk } from '../../data/useServerAsk';

interface Answer {
  readonly keeper: KeeperShown | null;
}

/** Whom a client is kept to, and a way to change it: asked of the server alone, for it is about who sees what. */
export function useKeeping(clientId: string) {
  const client = useQueryClient();
  const path = `/clients/${clientId}/keeping`;
  const queryKey = [...KEEPING, clientId];
  const query = useQuery({
    queryKey,
    queryFn: () => call<Answer>('GET', path),
    staleTime: 0,
  });
  const keeping = useServerAsk((to: string | null) => call<Answer>('PUT', path, { to }), {
    onSuccess: (answer) => {
      client.setQueryData(queryKey, answer);
      void client.invalidateQueries({ queryKey: CLIENTS_KEY });
    },
  });
  return {
    /** Undefined until it is known. */
    keeper: query.data?.keeper,
    problem: keeping.error,
    busy: keeping.isPending,
    keepTo: keeping.mutate,
  };
}
