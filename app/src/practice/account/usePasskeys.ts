import type { PasskeyShown } from '@taxikine/core/records/wire/account';
import { useQuery } from '@tanstack/react-query';
import { call } from '../../data/api';
import { OWN_PASSKEYS } from '../../data/askedAnew';
import { makePasskey, NotSigned } from '../../data/passkey';
import { useHouseChange } from '../../data/useHouseChange';
import { problemWords } from '../../data/problemWords';
import { useText } from '../../words/useText';

const PATH = '/account/passkeys';

/** The keys of the coach's devices, and ways to make one here and to take one away. */
export function usePasskeys() {
  const t = useText();
  const query = useQuery({
    queryKey: OWN_PASSKEYS,
    queryFn: () => call<{ passkeys: PasskeyShown[] }>('GET', PATH).then((all) => all.passkeys),
    staleTime: 0,
  });
  const making = useHouseChange(OWN_PASSKEYS, makePasskey);
  const dropping = useHouseChange(OWN_PASSKEYS, (id: string) => call('DELETE', `${PATH}/${id}`));
  const error = making.error ?? dropping.error ?? (query.data ? null : query.error);
  return {
    passkeys: query.data ?? [],
    problem: error instanceof NotSigned ? t('account.keyNot') : problemWords(error, t),
    busy: making.isPending || dropping.isPending,
    make: making.mutate,
    drop: dropping.mutate,
  };
}
