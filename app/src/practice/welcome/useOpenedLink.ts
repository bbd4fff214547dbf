import { useQuery } from '@tanstack/react-query';
import { call, NoAnswer, Refused } from '../../data/api';
import { enterBy, type Session } from '../../data/session';
import { useServerAsk } from '../../data/useServerAsk';

/**
 * What a link opens, and how one goes in by it.
 *
 * @param path where the server answers to the link: GET with what is shown, POST with what is said to go in
 */
export function useOpenedLink<Shown, Said>(path: string, token: string) {
  const headers = { Authorization: `Bearer ${token}` };
  const opened = useQuery({
    queryKey: [path, token],
    queryFn: () => call<Shown>('GET', path, undefined, headers),
    retry: (_count, error) => error instanceof NoAnswer,
    staleTime: Infinity,
    networkMode: 'always',
  });
  const entered = useServerAsk(
    (said: Said) => enterBy(() => call<Session | null>('POST', path, said, headers)),
    // The day opens as it does for whoever signs in, or the door where a code is asked for; the link stays in no
    // history.
    { onSuccess: () => window.location.replace('/') },
  );
  const isGone = (error: Error | null) => error instanceof Refused && error.status === 410;
  return {
    shown: opened.data ?? null,
    gone: isGone(opened.error) || isGone(entered.error),
    error: entered.error,
    busy: entered.isPending || entered.isSuccess,
    enter: (said: Said) => {
      if (!entered.isPending && !entered.isSuccess) entered.mutate(said);
    },
  };
}
