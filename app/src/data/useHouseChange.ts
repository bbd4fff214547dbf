import { useQueryClient, type QueryKey } from '@tanstack/react-query';
import { confirmed } from './confirming';
import { useServerAsk } from './useServerAsk';

/**
 * A change of the house, for which the password may be asked again: who is let in, and how, is not for a device to
 * say. What `shown` names is asked for anew.
 */
export function useHouseChange<Asked, Answer>(
  shown: QueryKey,
  ask: (asked: Asked) => Promise<Answer>,
) {
  const client = useQueryClient();
  return useServerAsk((asked: Asked) => confirmed(() => ask(asked)), {
    onSettled: () => client.invalidateQueries({ queryKey: shown }),
  });
}
