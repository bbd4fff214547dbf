import { LEAST_PASSWORD } from '@taxikine/core/records/wire/account';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { call, NoAnswer, Refused } from '../../data/api';
import { OWN_SESSIONS } from '../../data/askedAnew';
import { useServerAsk } from '../../data/useServerAsk';
import { useText, type TextOf } from '../../words/useText';

export interface Typed {
  readonly current: string;
  readonly next: string;
}
/** What is wrong with each field; `whole` is of neither. */
export type Problems = Readonly<Partial<Record<keyof Typed | 'whole', string>>>;

const NOTHING: Typed = { current: '', next: '' };

/** What can be told without the server. */
function lacking({ current, next }: Typed, t: TextOf): Problems | null {
  if (current === '') return { current: t('account.needed') };
  const count = [...next].length;
  return count < LEAST_PASSWORD
    ? { next: t('account.nextShort', { least: LEAST_PASSWORD, count }) }
    : null;
}

function problemsOf(error: Error | null, t: TextOf): Problems {
  if (!error) return {};
  if (!(error instanceof Refused))
    return { whole: error instanceof NoAnswer ? t('noAnswer') : error.message };
  const { path, message, hint } = error.body;
  const words = [message, hint].filter(Boolean).join(' ');
  return path === 'current' || path === 'next' ? { [path]: message } : { whole: words };
}

/** The two passwords as they are typed, what is wrong with them, and the change itself. */
export function useChangePassword() {
  const t = useText();
  const client = useQueryClient();
  const [typed, setTyped] = useState(NOTHING);
  const [unsent, setUnsent] = useState<Problems>({});
  const changing = useServerAsk(
    (body: Typed) => call<{ ended: number }>('POST', '/account/password', body),
    {
      onSuccess: () => {
        setTyped(NOTHING);
        void client.invalidateQueries({ queryKey: OWN_SESSIONS });
      },
    },
  );
  const type = (field: keyof Typed, value: string) => {
    setTyped((was) => ({ ...was, [field]: value }));
    setUnsent({});
    if (!changing.isPending) changing.reset();
  };
  const go = () => {
    if (changing.isPending) return;
    const lacks = lacking(typed, t);
    setUnsent(lacks ?? {});
    if (!lacks) changing.mutate(typed);
  };
  return {
    typed,
    type,
    go,
    busy: changing.isPending,
    problems: { ...problemsOf(changing.error, t), ...unsent },
    /** How many other devices were signed out; null before it is done. */
    ended: changing.data?.ended ?? null,
  };
}
