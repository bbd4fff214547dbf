import type { QueryClient } from '@tanstack/react-query';
import { SESSION_KEY, signOut } from './session';

/** Signs out on this device at once; nothing of what was read stays in the page. */
export function leaveHere(client: QueryClient): void {
  signOut();
  client.setQueryData(SESSION_KEY, null);
  client.removeQueries({ predicate: (query) => query.queryKey[0] !== SESSION_KEY[0] });
}
