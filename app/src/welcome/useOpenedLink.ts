import type { WelcomeShown } from '@taxikine/core/contract/people';
import { useMutation, useQuery } from '@tanstack/react-query';
import { call, NoAnswer, Refused } from '../data/api';
import { enterBy, type Session } from '../data/session';

const PATH = '/welcome';

/** What a link to choose a password opens, and how it is chosen. */
export function useWelcome(token: string) {
  const headers = { Authorization: `Bearer ${token}` };
  const opened = useQuery({
    queryKey: ['welcome', token],
    queryFn: () => call<WelcomeShown>('GET', PATH, undefined, headers),
    retry: (_count, error) => error instanceof NoAnswer,
    staleTime: Infinity,
    networkMode: 'always',
  });
  const chosen = useMutation({
    networkMode: 'always',
    gcTime: 0,
    mutationFn: (password: string) =>
      enterBy(() => call<Session | null>('POST', PATH, { password }, headers)),
    // The day opens as it does for whoever signs in, or the door where a code is asked for; the link stays in no
    // history.
    onSuccess: () => window.location.replace('/'),
  });
  const isGone = (error: Error | null) => error instanceof Refused && error.status === 410;
  return {
    shown: opened.data ?? null,
    gone: isGone(opened.error) || isGone(chosen.error),
    error: chosen.error,
    busy: chosen.isPending || chosen.isSuccess,
    choose: (password: string) => {
      if (!chosen.isPending && !chosen.isSuccess) chosen.mutate(password);
    },
  };
}
