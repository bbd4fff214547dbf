import type { Query, QueryClient } from '@tanstack/react-query';
import {
  persistQueryClientRestore,
  persistQueryClientSubscribe,
  type Persister,
} from '@tanstack/react-query-persist-client';
import { del, get, set } from 'idb-keyval';
import { PICTURE_IMAGE } from './queryClient';

const WEEK_MS = 7 * 86_400_000;
const SAVE_EVERY_MS = 600;

/** Changes with the shape of the records: what an older app kept is then read anew. */
const buster = 'letters';

/** What was read from the server, kept for when it is gone; one box a coach. */
function persisterFor(coachId: string): Persister {
  const key = `taxikine/cache/${coachId}`;
  let latest: unknown;
  let timer: ReturnType<typeof setTimeout> | null = null;
  const save = () => {
    timer = null;
    void set(key, latest);
  };
  return {
    persistClient: (state) => {
      latest = state;
      timer ??= setTimeout(save, SAVE_EVERY_MS);
    },
    restoreClient: () => get(key),
    removeClient: () => del(key),
  };
}

/** Pictures have a box of their own on the device; here they would be written anew at every save. */
const shouldDehydrateQuery = (query: Query): boolean =>
  query.state.status === 'success' && query.queryKey[0] !== PICTURE_IMAGE;

/** Brings back what this coach read last time and keeps it from now on. */
export async function keepQueries(queryClient: QueryClient, coachId: string): Promise<() => void> {
  const persister = persisterFor(coachId);
  const dehydrateOptions = { shouldDehydrateMutation: () => false, shouldDehydrateQuery };
  await persistQueryClientRestore({ queryClient, persister, buster, maxAge: WEEK_MS });
  return persistQueryClientSubscribe({ queryClient, persister, buster, dehydrateOptions });
}
