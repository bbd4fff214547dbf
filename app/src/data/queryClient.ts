import { notifyManager, QueryCache, QueryClient } from '@tanstack/react-query';
import { isPassing, Refused, type NoAnswer } from './api';
import { sendWrite, type Sent } from './sendWrite';
import { expired } from './session';
import { troubles, writesSetAside } from './troubles';
import { waitBefore } from '@taxikine/core/records/wire/waitBefore';
import { withNewest, withRecord, type KeptFile, type Write } from './writes';

export const WRITE_KEY = ['write'] as const;
export const fileKey = (clientId: string) => ['file', clientId] as const;
/** First of the key under which the image of a marked picture is held. */
export const PICTURE_IMAGE = 'picture-image';
export const CLIENTS_KEY = ['clients'] as const;

const WEEK_MS = 7 * 86_400_000;

/** What the server has not taken yet: set aside, or on its way. */
export const pendingWrites = (client: QueryClient): Write[] => [
  ...writesSetAside(troubles.get()),
  ...client
    .getMutationCache()
    .findAll({ mutationKey: WRITE_KEY, status: 'pending' })
    .map((mutation) => mutation.state.variables as Write),
];

/** After the last write to a record, the server's own version of it is the truth. */
function settle(client: QueryClient, write: Write, sent: Sent): void {
  if (sent.status === 'held') return;
  const more = pendingWrites(client).some(
    (one) => one.record.id === write.record.id && one.writeId !== write.writeId,
  );
  if (more) return;
  const key = fileKey(write.clientId);
  client.setQueryData<KeptFile>(key, (file) =>
    file
      ? withNewest(file, write.kind, sent.record)
      : withRecord<KeptFile>(undefined, write.kind, sent.record),
  );
}

/** Reading finds out that a session has ended just as writing does. */
function noticeExpiry(error: Error): void {
  if (error instanceof Refused && error.status === 401) expired.set(true);
}

// A tap changes a record as the screen shows it, so the screen must have heard of the tap before it:
// told in a task of its own, as is usual, a second tap can come first and take the first one back.
notifyManager.setScheduler(queueMicrotask);

/** Queries answer from the device first; writes are sent in order, again and again until taken. */
export function createQueryClient(): QueryClient {
  const client = new QueryClient({
    queryCache: new QueryCache({ onError: noticeExpiry }),
    defaultOptions: {
      queries: {
        staleTime: 0,
        gcTime: WEEK_MS,
        networkMode: 'always',
        retry: (count, error) => isPassing(error) && count < 1,
        refetchOnWindowFocus: true,
      },
    },
  });
  client.setMutationDefaults(WRITE_KEY, {
    mutationFn: (write: unknown) => sendWrite(write as Write),
    onSuccess: (sent: unknown, write: unknown) => settle(client, write as Write, sent as Sent),
    scope: { id: 'writes' },
    networkMode: 'always',
    gcTime: WEEK_MS,
    retry: (_count, error) => isPassing(error),
    retryDelay: (count, error) => waitBefore(count, (error as Refused | NoAnswer).status ?? null),
  });
  return client;
}
