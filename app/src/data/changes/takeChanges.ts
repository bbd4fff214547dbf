import type { ChangeTold } from '@taxikine/core/records/wire/changeTold';
import type { ClientFile } from '@taxikine/core/records/clientFile';
import type { RecordKind } from '@taxikine/core/records/recordKinds';
import type { QueryClient } from '@tanstack/react-query';
import { call, Refused } from '../api';
import { CLIENTS_KEY, fileKey, pendingWrites, PICTURE_IMAGE } from '../queryClient';
import { PRACTICE, versionIn, withNewest, withPending, type KeptFile } from '../writes';
import type { Told } from './changeStream';

/** Taps on another device come in handfuls. */
const GATHER_MS = 200;
/** More than so many records of a file are fetched with the file. */
const MOST_SINGLE = 4;

const isActive = { refetchType: 'active' } as const;

/** Asks anew for what is on a screen; all else is asked for when it is opened. */
function askForAll(client: QueryClient): void {
  void client.invalidateQueries({ queryKey: [fileKey('')[0]], ...isActive });
  void client.invalidateQueries({ queryKey: CLIENTS_KEY, ...isActive });
}

const fileIdOf = ({ client: clientId }: ChangeTold): string => clientId ?? PRACTICE;

/** A change that this device does not have: its own writes come back to it, too. */
function isNews(client: QueryClient, change: ChangeTold): boolean {
  const { kind, id, version } = change;
  if (kind === 'homeEntries' || version === null) return true;
  const file = client.getQueryData<KeptFile>(fileKey(fileIdOf(change)));
  return versionIn(file, kind, id) < version;
}

/** Puts one record into a file that is on a screen, as the server has it now. */
async function fetchInto(
  client: QueryClient,
  fileId: string,
  { kind, id }: { kind: RecordKind; id: string },
): Promise<void> {
  const { record } = await call<{ record: { id: string; version: number } }>(
    'GET',
    `/${kind}/${id}`,
  );
  const ours = pendingWrites(client).filter((write) => write.clientId === fileId);
  client.setQueryData<KeptFile>(
    fileKey(fileId),
    (file) => file && withPending(withNewest(file, kind, record), ours),
  );
}

const isOfGone = ({ kind, version }: ChangeTold): boolean => kind === 'clients' && version === null;

/** Images are in no file, and a client or word from home is more than one record. */
const isSingle = ({ kind, version }: ChangeTold): boolean =>
  kind !== 'homeEntries' && kind !== 'images' && version !== null;

/** Whether a client of whom it was told that they are gone is still there for this coach. */
const isGone = (clientId: string): Promise<boolean> =>
  call('GET', `/clients/${clientId}/keeping`).then(
    () => false,
    (error: unknown) => error instanceof Refused && error.status === 404,
  );

/** Erased, or kept to somebody: what nobody looks at just now is not left lying on the device. */
async function takeGone(client: QueryClient, fileId: string): Promise<void> {
  const had = client.getQueryData<ClientFile>(fileKey(fileId));
  if (!had || !(await isGone(fileId))) return;
  client.removeQueries({ queryKey: fileKey(fileId) });
  const { forgetThings } = await import('../forgetThings');
  await forgetThings(had);
}

async function takeOfFile(
  client: QueryClient,
  fileId: string,
  changes: readonly ChangeTold[],
): Promise<void> {
  const key = fileKey(fileId);
  for (const { kind, id } of changes)
    if (kind === 'images') void client.invalidateQueries({ queryKey: [PICTURE_IMAGE, id] });
  const inFile = changes.filter(({ kind }) => kind !== 'images');
  const isShown = client.getQueryCache().find({ queryKey: key })?.isActive() ?? false;
  if (!isShown && changes.some(isOfGone)) return takeGone(client, fileId);
  if (!isShown || inFile.length > MOST_SINGLE || !inFile.every(isSingle)) {
    if (inFile.length > 0) await client.invalidateQueries({ queryKey: key, ...isActive });
    return;
  }
  for (const { kind, id } of inFile)
    await fetchInto(client, fileId, { kind: kind as RecordKind, id });
}

const newestOfEach = (changes: readonly ChangeTold[]): ChangeTold[] => [
  ...new Map(changes.map((change) => [`${change.kind} ${change.id}`, change])).values(),
];

/** Lays what was told over what this device has: the records that changed, and nothing else, are fetched. */
async function take(client: QueryClient, told: readonly Told[]): Promise<void> {
  if (told.includes('all')) return askForAll(client);
  const news = newestOfEach(told as readonly ChangeTold[]).filter((one) => isNews(client, one));
  if (news.length === 0) return;
  void client.invalidateQueries({ queryKey: CLIENTS_KEY, ...isActive });
  const files = [...new Set(news.map(fileIdOf))];
  const changesOf = (fileId: string) => news.filter((one) => fileIdOf(one) === fileId);
  await Promise.all(files.map((fileId) => takeOfFile(client, fileId, changesOf(fileId))));
}

/** What takes changes as they are told, a handful at a time. */
export function changeTaker(client: QueryClient): (told: Told) => void {
  let gathered: Told[] = [];
  return (told) => {
    gathered.push(told);
    if (gathered.length > 1) return;
    setTimeout(() => {
      const now = gathered;
      gathered = [];
      // Whatever could not be fetched is asked for when it is opened next, or at the next change.
      void take(client, now).catch((error: unknown) => console.warn('not heard', error));
    }, GATHER_MS);
  };
}
