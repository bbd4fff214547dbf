import { useMutation, useQueryClient, type QueryKey } from '@tanstack/react-query';
import { confirmed } from './confirming';

/**
 * A change of the house, asked of the server alone: who is let in, and how, is not for a device to say. What is told
 * once stays in no cache; what `shown` names is asked for anew.
 */
export function useHouseChange<Asked, Answer>(
  shown: QueryKey,
  ask: (asked: Asked) => Promise<Answer>,
) {
  const client = useQueryClient();
  return useMutation({
    networkMode: 'always',
    gcTime: 0,
    mutationFn: (asked: Asked) => confirmed(() => ask(asked)),
    onSettled: () => client.invalidateQueries({ queryKey: shown }),
  });
}
