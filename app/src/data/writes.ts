import { noRecords } from '@taxikine/core/records/noRecords';
import { KINDS_OF_PRACTICE, type RecordKind } from '@taxikine/core/records/recordKinds';
import { type ClientFile } from '@taxikine/core/records/clientFile';
import { type PracticeFile } from '@taxikine/core/records/practiceFile';
import { type RecordOfKind } from '@taxikine/core/records/recordOfKind';
import { type Versioned } from '@taxikine/core/records/versioned';

/** A write on its way: what, from which version, and its own id so that it counts once. */
export interface Write<K extends RecordKind = RecordKind> {
  /** Who wrote it: nobody else's session may send it. */
  readonly coachId: string;
  readonly writeId: string;
  readonly kind: K;
  /** Whose file it is in: a client's, or the practice's own. */
  readonly clientId: string;
  readonly version: number;
  readonly record: RecordOfKind[K];
}

/** Stands for a client where a record belongs to the practice and to none. */
export const PRACTICE = 'practice';

/** A file that records are kept in. */
export type KeptFile = ClientFile | PracticeFile;

const isOfPractice = (kind: RecordKind): boolean =>
  (KINDS_OF_PRACTICE as readonly RecordKind[]).includes(kind);

export const clientIdOf = (kind: RecordKind, record: RecordOfKind[RecordKind]): string => {
  if (isOfPractice(kind)) return PRACTICE;
  return kind === 'clients' ? record.id : (record as { clientId: string }).clientId;
};

type Row = { id: string; version: number };
type Rows = Readonly<Partial<Record<RecordKind, readonly Row[]>>>;

/** A record out of a file, as it stands on this device. */
export function recordIn<K extends RecordKind>(
  file: KeptFile | undefined,
  kind: K,
  id: string,
): Versioned<RecordOfKind[K]> | undefined {
  if (!file || kind === 'images') return undefined;
  const rows = kind === 'clients' ? [(file as ClientFile).client] : (file as Rows)[kind];
  return (rows as unknown as Versioned<RecordOfKind[K]>[] | undefined)?.find(
    (one) => one.id === id,
  );
}

/** Version of a record in a file; 0 when it is not there. Of an image, its picture keeps count. */
export const versionIn = (file: KeptFile | undefined, kind: RecordKind, id: string): number =>
  kind === 'images'
    ? (recordIn(file, 'pictures', id)?.imageWrites ?? 0)
    : (recordIn(file, kind, id)?.version ?? 0);

/** What a practice has kept before it kept anything. */
export const EMPTY_PRACTICE: PracticeFile = { ownDrills: [], rooms: [] };

function withRow<File extends KeptFile>(file: File, kind: RecordKind, record: Row): File {
  const rows = (file as Rows)[kind] ?? [];
  const known = rows.some((one) => one.id === record.id);
  return {
    ...file,
    [kind]: known ? rows.map((one) => (one.id === record.id ? record : one)) : [...rows, record],
  };
}

/** The file with one record put in, in its old place or at the end. */
export function withRecord<File extends KeptFile>(
  file: File | undefined,
  kind: RecordKind,
  record: Row,
): File | undefined {
  if (kind === 'clients') {
    const client = record as ClientFile['client'];
    return (file ? { ...file, client } : { ...noRecords(), client }) as File;
  }
  if (!file && isOfPractice(kind)) return withRow(EMPTY_PRACTICE, kind, record) as File;
  // An image is no part of the file: it is fetched when it is looked at.
  return !file || kind === 'images' ? file : withRow(file, kind, record);
}

/** What the server has, with what it has not heard of yet laid over it. */
export const withPending = <File extends KeptFile>(
  file: File | undefined,
  pending: readonly Write[],
): File | undefined =>
  pending.reduce<File | undefined>(
    (sofar, { kind, record, version }) =>
      withRecord(sofar, kind, { ...record, version: version + 1 }),
    file,
  );

const newer = <T extends Row>(fetched: T, known: T | undefined): T =>
  known && known.version > fetched.version ? known : fetched;

function newestRows(fetched: readonly Row[], known: readonly Row[]): Row[] {
  const merged = fetched.map((row) =>
    newer(
      row,
      known.find((one) => one.id === row.id),
    ),
  );
  return [...merged, ...known.filter((row) => !fetched.some((one) => one.id === row.id))];
}

/** A file with a record put in, unless it has a newer one. */
export const withNewest = <File extends KeptFile>(
  file: File,
  kind: RecordKind,
  record: Row,
): File =>
  versionIn(file, kind, record.id) > record.version ? file : withRecord(file, kind, record)!;

type Parts = Readonly<Record<string, Row | readonly Row[]>>;

/**
 * A file as fetched, but no record older than the one this device already knows: an answer can be
 * overtaken on its way by a write that was taken after it was put together.
 */
export function newestOf<File extends KeptFile>(fetched: File, known: File | undefined): File {
  if (!known) return fetched;
  const before = known as unknown as Parts;
  const parts = Object.entries(fetched as unknown as Parts).map(([part, rows]) => [
    part,
    Array.isArray(rows)
      ? newestRows(rows as readonly Row[], (before[part] ?? []) as readonly Row[])
      : newer(rows as Row, before[part] as Row | undefined),
  ]);
  return Object.fromEntries(parts) as File;
}
