import { useMutation, type UseMutationOptions } from '@tanstack/react-query';

/**
 * Something asked of the server alone, once, as it is tapped: nothing waits on the device for a line, and what is
 * told stays in no cache.
 */
export const useServerAsk = <Asked, Answer>(
  ask: (asked: Asked) => Promise<Answer>,
  after: Pick<UseMutationOptions<Answer, Error, Asked>, 'onSuccess' | 'onError' | 'onSettled'> = {},
) => useMutation({ networkMode: 'always', gcTime: 0, mutationFn: ask, ...after });
