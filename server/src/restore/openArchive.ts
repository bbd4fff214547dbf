import { crc32 } from 'node:zlib';
import {
  fromRandomAccessReaderPromise,
  type Entry,
  type RandomAccessReader,
  type ZipFile,
} from 'yauzl';
import { AppError, invalid } from '../ground/errors';
import { maybeUnsound } from '../ground/maybeUnsound';

const MB = 1024 ** 2;

/**
 * What an archive may be when it is unpacked. A small one can hold what no memory does; so what it says of itself is
 * looked at before anything is unpacked, and held to while it is.
 */
const MOST = {
  entries: 100_000,
  /** Bytes of a file of JSON: a client of six hundred visits has a quarter of it. */
  json: 16 * MB,
  /** Bytes of a picture. */
  picture: MB,
  /** Bytes of all files. */
  total: 4096 * MB,
  /** Times what it takes packed; JSON of ours is some twenty times. A small file may be anything. */
  ratio: 200,
  smallFile: 64 * 1024,
  /** Values in a file of JSON. */
  values: 1_000_000,
} as const;

/** Files that mean something here; others are not unpacked. */
const KNOWN: readonly [RegExp, number][] = [
  [/^practice\.json$/, MOST.json],
  [/^clients\/[^/]+\.json$/, MOST.json],
  [/^pictures\/[^/]+\.jpg$/, MOST.picture],
];

const NOTHING_WRITTEN = 'Nothing was written.';

const noArchive = (cause: unknown): AppError =>
  new AppError(
    422,
    {
      code: 'no-archive',
      message: 'This is no archive of a practice, or it is damaged.',
      hint: NOTHING_WRITTEN,
    },
    { cause },
  );

const tooLarge = (message: string, path?: string): AppError =>
  invalid(message, path, NOTHING_WRITTEN);

const megabytes = (bytes: number): string => `${Math.round(bytes / MB)} MB`;

/** @throws AppError 422 that names the file */
function checkSize({ fileName, compressedSize, uncompressedSize }: Entry, most: number): void {
  if (uncompressedSize > most)
    throw tooLarge(`${fileName} would unpack to more than ${megabytes(most)}.`, fileName);
  if (uncompressedSize > MOST.smallFile && uncompressedSize > MOST.ratio * compressedSize)
    throw tooLarge(`${fileName} would unpack to ${MOST.ratio} times its size.`, fileName);
}

/** Every file that means something, by its name. */
async function entriesOf(zip: ZipFile): Promise<Map<string, Entry>> {
  if (zip.entryCount > MOST.entries)
    throw tooLarge(`The archive holds more than ${MOST.entries} files.`);
  const entries = new Map<string, Entry>();
  let total = 0;
  for await (const entry of zip.eachEntry()) {
    const { fileName } = entry;
    const [, most] = KNOWN.find(([name]) => name.test(fileName)) ?? [];
    if (most === undefined) continue;
    checkSize(entry, most);
    if (entries.has(fileName))
      throw invalid(`${fileName} is there twice.`, fileName, NOTHING_WRITTEN);
    total += entry.uncompressedSize;
    entries.set(fileName, entry);
  }
  if (total > MOST.total)
    throw tooLarge(`The archive would unpack to more than ${megabytes(MOST.total)}.`);
  return entries;
}

/** The bytes of a file; the reader lets no more of them through than the archive says there are. */
async function unpacked(zip: ZipFile, entry: Entry): Promise<Buffer> {
  const parts: Buffer[] = [];
  for await (const part of await zip.openReadStreamPromise(entry)) parts.push(part as Buffer);
  const bytes = Buffer.concat(parts);
  if (crc32(bytes) !== entry.crc32) throw new Error('other bytes than were packed');
  return bytes;
}

function jsonOf(bytes: Buffer, name: string): unknown {
  const unreadable = invalid(`${name} is not readable.`, name, NOTHING_WRITTEN);
  let value: unknown;
  try {
    value = JSON.parse(bytes.toString('utf8'));
  } catch {
    throw unreadable;
  }
  const unsound = maybeUnsound(value, MOST.values);
  if (unsound)
    throw invalid(unsound.message, [name, unsound.path].filter(Boolean).join('.'), NOTHING_WRITTEN);
  return value;
}

export interface OpenArchive {
  /** Names of the clients' files, in one order each time. */
  readonly clients: readonly string[];
  /** @throws AppError 422 with the file when it is not there, or is damaged */
  readonly bytes: (name: string) => Promise<Buffer>;
  readonly json: (name: string) => Promise<unknown>;
}

/**
 * A practice's archive, file by file: one is unpacked at a time.
 *
 * @param reader of its bytes; an AppError of its own is thrown on
 * @param size in bytes
 * @throws AppError 422 when it is none, or too large when it is unpacked
 */
export async function openArchive(reader: RandomAccessReader, size: number): Promise<OpenArchive> {
  const options = { autoClose: false, lazyEntries: true };
  const [zip, entries] = await fromRandomAccessReaderPromise(reader, size, options)
    .then(async (opened) => [opened, await entriesOf(opened)] as const)
    .catch((cause: unknown) => {
      throw cause instanceof AppError ? cause : noArchive(cause);
    });
  const bytes = async (name: string) => {
    const entry = entries.get(name);
    if (!entry) throw invalid(`${name} is not in the archive.`, name, NOTHING_WRITTEN);
    return unpacked(zip, entry).catch((cause: unknown) => {
      if (cause instanceof AppError) throw cause;
      throw invalid(`${name} is damaged.`, name, NOTHING_WRITTEN);
    });
  };
  const clients = [...entries.keys()].filter((name) => name.startsWith('clients/')).sort();
  return { clients, bytes, json: async (name) => jsonOf(await bytes(name), name) };
}
