import { withNorms } from '@taxikine/core/reading/visit/withNorms';
import type { ClientFile } from '@taxikine/core/records/clientFile';
import type { RecordKind } from '@taxikine/core/records/recordKinds';
import type { RecordOfKind } from '@taxikine/core/records/recordOfKind';
import {
  useMutation,
  useMutationState,
  useQuery,
  useQueryClient,
  type QueryClient,
} from '@tanstack/react-query';
import { useCallback } from 'react';
import { callFresh, Refused } from './api';
import { SESSION_KEY, type Session } from './session';
import { CLIENTS_KEY, fileKey, pendingWrites, WRITE_KEY } from './queryClient';
import { useStore } from '../device/store';
import { dropTrouble, troubles, writesSetAside } from './troubles';
import {
  clientIdOf,
  newestOf,
  recordIn,
  versionIn,
  withPending,
  withRecord,
  type KeptFile,
  type Write,
} from './writes';

/** A file with the server's tag of what it was: kept as one, so that no tag outlives what it is the tag of. */
type TaggedFile = ClientFile & { readonly tag?: string | null };

/**
 * A client who was erased, or is kept to another coach now: what this device had of them is not shown any more. One
 * whom the server has never told of was made here: the answer set out before the writes came there.
 */
function letGo(client: QueryClient, clientId: string): void {
  const query = client.getQueryCache().find<TaggedFile>({ queryKey: fileKey(clientId) });
  const had = query?.state.data;
  if (!query || !had?.tag) return;
  query.setState({ data: undefined, dataUpdatedAt: 0 });
  void import('./forgetThings').then(({ forgetThings }) => forgetThings(had));
}

/** Fetches a file; a client made on this device and not sent yet is no error. */
async function fetchFile(client: QueryClient, clientId: string): Promise<TaggedFile> {
  const known = () => client.getQueryData<TaggedFile>(fileKey(clientId));
  const ours = () => pendingWrites(client).filter((write) => write.clientId === clientId);
  try {
    const had = known();
    const fresh = await callFresh<ClientFile>(`/clients/${clientId}/file`, had?.tag ?? null);
    // Nothing was written there since: all there is, is what this device has.
    if (fresh.status === 'same') return (known() ?? had)!;
    return withPending({ ...newestOf(fresh.body, known()), tag: fresh.tag }, ours())!;
  } catch (error) {
    const isNotThere = error instanceof Refused && error.status === 404;
    const local = isNotThere ? withPending<ClientFile>(undefined, ours()) : undefined;
    if (local) return local;
    if (isNotThere) letGo(client, clientId);
    throw error;
  }
}

const useFileAs = <F>(clientId: string, select: (file: TaggedFile) => F) => {
  const client = useQueryClient();
  return useQuery({
    queryKey: fileKey(clientId),
    queryFn: () => fetchFile(client, clientId),
    select,
  });
};

const asItIs = (file: TaggedFile): TaggedFile => file;

/** Everything about one client as it is kept: for a form that writes it again. */
export const useKeptFile = (clientId: string) => useFileAs(clientId, asItIs);

/** Everything about one client, from this device at once and from the server when it answers; under the practice's norms. */
export function useFile(clientId: string) {
  const norms = useQueryClient().getQueryData<Session>(SESSION_KEY)?.practice.norms;
  const select = useCallback((file: TaggedFile) => withNorms(file, norms ?? {}), [norms]);
  return useFileAs(clientId, select);
}

type WriteRecord = <K extends RecordKind>(kind: K, record: RecordOfKind[K], from?: number) => void;

const bare = <T extends object>(record: T): T => {
  const { version: _, ...rest } = record as T & { version?: number };
  return rest as T;
};

/**
 * Puts a record in place on this device now and sends it as soon as there is somebody to take it. Asked for by
 * name of what is done: `useCreate`, `useUpdate`, `useFormWrite`.
 */
function useWrite(): WriteRecord {
  const client = useQueryClient();
  const { mutate } = useMutation<unknown, Error, Write>({ mutationKey: WRITE_KEY });
  return useCallback(
    (kind, given, from) => {
      const record = bare(given);
      const clientId = clientIdOf(kind, record);
      const key = fileKey(clientId);
      const version = from ?? versionIn(client.getQueryData<KeptFile>(key), kind, record.id);
      void client.cancelQueries({ queryKey: key });
      client.setQueryData<KeptFile>(key, (file) =>
        withRecord(file, kind, { ...record, version: version + 1 }),
      );
      const coachId = client.getQueryData<Session>(SESSION_KEY)!.coach.id;
      mutate({ coachId, writeId: crypto.randomUUID(), kind, clientId, version, record });
      void client.invalidateQueries({ queryKey: CLIENTS_KEY, refetchType: 'none' });
    },
    [client, mutate],
  );
}

export type UpdateRecord = <K extends RecordKind>(
  kind: K,
  given: RecordOfKind[K],
  change: (latest: RecordOfKind[K]) => RecordOfKind[K],
) => void;

export type CreateRecord = <K extends RecordKind>(kind: K, record: RecordOfKind[K]) => void;

/** Writes a record that there was not. One that is there already is for `useUpdate`. */
export const useCreate = (): CreateRecord => useWrite();

/**
 * Writes all of a record as a form was filled in with it. `from` is the version that the form began from: what
 * another device wrote since is told, and not lost.
 */
export const useFormWrite = (): (<K extends RecordKind>(
  kind: K,
  record: RecordOfKind[K],
  from: number,
) => void) => useWrite();

/** Changes a record from its latest state on this device, however old the one on the screen is. */
export function useUpdate(): UpdateRecord {
  const client = useQueryClient();
  const write = useWrite();
  return useCallback(
    (kind, given, change) => {
      const file = client.getQueryData<KeptFile>(fileKey(clientIdOf(kind, given)));
      write(kind, change(recordIn(file, kind, given.id) ?? given));
    },
    [client, write],
  );
}

/** Sends what was set aside once more, as it was and in its order. */
export function useSendAgain(): () => void {
  const { mutate } = useMutation<unknown, Error, Write>({ mutationKey: WRITE_KEY });
  return () => {
    const writes = writesSetAside(troubles.get());
    writes.forEach(({ record }) => dropTrouble(record.id));
    writes.forEach((write) => mutate(write));
  };
}

/** How many writes this device still holds, with those that were set aside. */
export function useUnsent(): number {
  const filters = { mutationKey: WRITE_KEY, status: 'pending' } as const;
  const pending = useMutationState({ filters, select: () => 1 }).length;
  return pending + writesSetAside(useStore(troubles)).length;
}
