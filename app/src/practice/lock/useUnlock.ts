import { useState } from 'react';
import { call, Refused } from '../../data/api';
import { useServerAsk } from '../../data/useServerAsk';
import { problemWords } from '../../data/problemWords';
import { useText } from '../../words/useText';
import { hasCode, tryCode } from '../../data/lock/deviceCode';
import { unlock } from '../../data/lock/locked';

/** Why the lock did not open, besides what the server says. */
class NotOpened extends Error {}

/** What opens the lock: the digits of this device, or the password; `door` when the session has ended meanwhile. */
export function useUnlock(coachId: string) {
  const t = useText();
  const [by, setBy] = useState<'code' | 'password' | 'door'>(() =>
    hasCode(coachId) ? 'code' : 'password',
  );
  const byCode = async (code: string) => {
    const tried = await tryCode(coachId, code);
    if (tried.status === 'gone') setBy('password');
    if (tried.status === 'gone') throw new NotOpened(t('lock.codeGone'));
    if (tried.status === 'wrong') throw new NotOpened(t('lock.codeWrong', { count: tried.left }));
  };
  const byPassword = async (password: string) => {
    try {
      await call('POST', '/account/confirm', { password });
    } catch (error) {
      if (error instanceof Refused && error.status === 401) setBy('door');
      throw error;
    }
  };
  const opening = useServerAsk(by === 'code' ? byCode : byPassword, { onSuccess: unlock });
  return {
    by,
    usePassword: () => {
      opening.reset();
      setBy('password');
    },
    open: (typed: string) => {
      if (!opening.isPending) opening.mutate(typed);
    },
    busy: opening.isPending,
    problem: problemWords(opening.error, t),
  };
}
