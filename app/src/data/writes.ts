import type { ClientFile, KindInFile, RecordKind, RecordOfKind, Versioned } from '@taxikine/core';

/** A write on its way: what, from which version, and its own id so that it counts once. */
export interface Write<K extends RecordKind = RecordKind> {
  /** Who wrote it: nobody else's session may send it. */
  readonly coachId: string;
  readonly writeId: string;
  readonly kind: K;
  readonly clientId: string;
  readonly version: number;
  readonly record: RecordOfKind[K];
}

export const clientIdOf = (kind: RecordKind, record: RecordOfKind[RecordKind]): string =>
  kind === 'clients' ? record.id : (record as { clientId: string }).clientId;

type Row = { id: string; version: number };

/** A record out of a file, as it stands on this device. */
export function recordIn<K extends RecordKind>(
  file: ClientFile | undefined,
  kind: K,
  id: string,
): Versioned<RecordOfKind[K]> | undefined {
  if (kind === 'images') return undefined;
  const rows = kind === 'clients' ? file && [file.client] : file?.[kind as KindInFile];
  return (rows as unknown as Versioned<RecordOfKind[K]>[] | undefined)?.find(
    (one) => one.id === id,
  );
}

/** Version of a record in a file; 0 when it is not there. Of an image, its picture keeps count. */
export const versionIn = (file: ClientFile | undefined, kind: RecordKind, id: string): number =>
  kind === 'images'
    ? (recordIn(file, 'pictures', id)?.imageWrites ?? 0)
    : (recordIn(file, kind, id)?.version ?? 0);

const emptyFile = (client: ClientFile['client']): ClientFile => ({
  client,
  visits: [],
  looks: [],
  probes: [],
  checks: [],
  drills: [],
  pictures: [],
});

/** The file with one record put in, in its old place or at the end. */
export function withRecord(
  file: ClientFile | undefined,
  kind: RecordKind,
  record: Row,
): ClientFile | undefined {
  if (kind === 'clients') {
    const client = record as ClientFile['client'];
    return file ? { ...file, client } : emptyFile(client);
  }
  // An image is no part of the file: it is fetched when it is looked at.
  if (!file || kind === 'images') return file;
  const rows = file[kind] as Row[];
  const known = rows.some((one) => one.id === record.id);
  return {
    ...file,
    [kind]: known ? rows.map((one) => (one.id === record.id ? record : one)) : [...rows, record],
  };
}

/** What the server has, with what it has not heard of yet laid over it. */
export const withPending = (
  file: ClientFile | undefined,
  pending: readonly Write[],
): ClientFile | undefined =>
  pending.reduce<ClientFile | undefined>(
    (sofar, { kind, record, version }) =>
      withRecord(sofar, kind, { ...record, version: version + 1 }),
    file,
  );

const newer = <T extends Row>(fetched: T, known: T | undefined): T =>
  known && known.version > fetched.version ? known : fetched;

function newestRows<T extends Row>(fetched: readonly T[], known: readonly T[]): T[] {
  const merged = fetched.map((row) =>
    newer(
      row,
      known.find((one) => one.id === row.id),
    ),
  );
  return [...merged, ...known.filter((row) => !fetched.some((one) => one.id === row.id))];
}

/**
 * A file as fetched, but no record older than the one this device already knows: an answer can be
 * overtaken on its way by a write that was taken after it was put together.
 */
export function newestOf(fetched: ClientFile, known: ClientFile | undefined): ClientFile {
  if (!known) return fetched;
  return {
    client: newer(fetched.client, known.client),
    visits: newestRows(fetched.visits, known.visits),
    looks: newestRows(fetched.looks, known.looks),
    probes: newestRows(fetched.probes, known.probes),
    checks: newestRows(fetched.checks, known.checks),
    drills: newestRows(fetched.drills, known.drills),
    pictures: newestRows(fetched.pictures, known.pictures),
  };
}
