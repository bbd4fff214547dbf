import type { FactorShown, NewFactor } from '@taxikine/core/contract/account';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { call } from '../data/api';
import { OWN_FACTOR } from '../data/askedAnew';
import { confirmed } from '../data/confirming';

const PATH = '/account/factor';

interface Codes {
  readonly codes: readonly string[];
}

/** How it stands. */
export const useFactor = () =>
  useQuery({
    queryKey: OWN_FACTOR,
    queryFn: () => call<FactorShown>('GET', PATH),
    staleTime: 0,
  });

/** One change of it, asked of the server alone; what is told once stays in no cache. */
function useChange<Asked, Answer>(ask: (asked: Asked) => Promise<Answer>) {
  const client = useQueryClient();
  return useMutation({
    networkMode: 'always',
    gcTime: 0,
    mutationFn: (asked: Asked) => confirmed(() => ask(asked)),
    onSettled: () => client.invalidateQueries({ queryKey: OWN_FACTOR }),
  });
}

export const useBeginFactor = () => useChange((_: void) => call<NewFactor>('POST', PATH, {}));

export const useTurnOnFactor = () =>
  useChange((code: string) => call<Codes>('POST', `${PATH}/on`, { code }));

export const useRenewRecovery = () =>
  useChange((_: void) => call<Codes>('POST', `${PATH}/recovery`, {}));

export const useTurnOffFactor = () => useChange((_: void) => call('DELETE', PATH));
