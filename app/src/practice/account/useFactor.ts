import type { FactorShown, NewFactor } from '@taxikine/core/records/wire/account';
import { useQuery } from '@tanstack/react-query';
import { call } from '../../data/api';
import { OWN_FACTOR } from '../../data/askedAnew';
import { useHouseChange } from '../../data/useHouseChange';

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

export const useBeginFactor = () =>
  useHouseChange(OWN_FACTOR, (_: void) => call<NewFactor>('POST', PATH, {}));

export const useTurnOnFactor = () =>
  useHouseChange(OWN_FACTOR, (code: string) => call<Codes>('POST', `${PATH}/on`, { code }));

export const useRenewRecovery = () =>
  useHouseChange(OWN_FACTOR, (_: void) => call<Codes>('POST', `${PATH}/recovery`, {}));

export const useTurnOffFactor = () => useHouseChange(OWN_FACTOR, (_: void) => call('DELETE', PATH));
