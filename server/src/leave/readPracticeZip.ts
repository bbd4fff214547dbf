import {
  homeEntrySchema,
  J,
  KINDS_IN_FILE,
  KINDS_OF_PRACTICE,
  parse,
  RECORD_SCHEMAS,
  type RecordKind,
} from '@taxikine/core';
import type Joi from 'joi';
import { strFromU8, unzipSync } from 'fflate';
import { AppError, invalid } from '../errors';
import {
  PRACTICE_FORMAT,
  PRACTICE_VERSION,
  type ClientDocument,
  type PracticeDocument,
} from './practiceZip';

export interface PracticeContents {
  readonly practice: PracticeDocument;
  readonly clients: readonly ClientDocument[];
}

/** Unpacked, no more than this: a zip can be small and hold what no memory does. */
const MOST_BYTES = 1024 ** 3;

const headSchema = J.object({
  format: J.valid(PRACTICE_FORMAT).required(),
  version: J.number().integer().min(1).max(PRACTICE_VERSION).required(),
  name: J.string().required(),
  writtenOn: J.string().required(),
  file: J.object().required().unknown(true),
});

function unpacked(bytes: Uint8Array): Record<string, Uint8Array> {
  let total = 0;
  try {
    return unzipSync(bytes, {
      filter: ({ originalSize }) => {
        total += originalSize;
        if (total > MOST_BYTES) throw new RangeError('too large');
        return true;
      },
    });
  } catch (cause) {
    throw new AppError(
      422,
      {
        code: 'no-archive',
        message: 'This is no archive of a practice, or it is damaged.',
        hint: 'Nothing was written.',
      },
      { cause },
    );
  }
}

function jsonOf<T>(files: Record<string, Uint8Array>, name: string): T {
  if (!files[name]) throw invalid(`${name} is not in the archive.`, name, 'Nothing was written.');
  try {
    return JSON.parse(strFromU8(files[name])) as T;
  } catch {
    throw invalid(`${name} is not readable.`, name, 'Nothing was written.');
  }
}

/** @throws AppError 422 with the file and the field that is wrong */
function check(schema: Joi.Schema, value: unknown, path: string): void {
  const read = parse(schema, value);
  if (read.status === 'ok') return;
  const [first] = read.problems;
  throw invalid(
    first.message,
    [path, first.path].filter(Boolean).join('.'),
    'Nothing was written.',
  );
}

const bare = ({ version, ...record }: { version: number }): object => {
  void version;
  return record;
};

function checkRecords(file: object, kinds: readonly RecordKind[], path: string): void {
  for (const kind of kinds) {
    const rows = (file as Record<string, { version: number }[] | undefined>)[kind] ?? [];
    rows.forEach((row, i) => {
      check(J.number().integer().min(1).required(), row.version, `${path}.${kind}.${i}.version`);
      check(RECORD_SCHEMAS[kind], bare(row), `${path}.${kind}.${i}`);
    });
  }
}

function checkClient({ file, images }: ClientDocument, path: string): void {
  check(RECORD_SCHEMAS.clients, bare(file.client), `${path}.client`);
  checkRecords(file, KINDS_IN_FILE, path);
  const clientId = file.client.id;
  images.forEach(({ id, visitId, jpeg }, i) =>
    check(RECORD_SCHEMAS.images, { id, clientId, visitId, jpeg }, `${path}.images.${i}`),
  );
  file.homeEntries.forEach((entry, i) => check(homeEntrySchema, entry, `${path}.homeEntries.${i}`));
}

/**
 * What a practice's archive holds, every record checked as if it were written.
 *
 * @throws AppError 422 that names the file and the field
 */
export function readPracticeZip(bytes: Uint8Array): PracticeContents {
  const files = unpacked(bytes);
  const practice = jsonOf<PracticeDocument>(files, 'practice.json');
  check(headSchema, practice, 'practice.json');
  checkRecords(practice.file, KINDS_OF_PRACTICE, 'practice.json');
  const clients = Object.keys(files)
    .filter((name) => /^clients\/[^/]+\.json$/.test(name))
    .sort()
    .map((name) => {
      const client = jsonOf<ClientDocument>(files, name);
      checkClient(client, name);
      return client;
    });
  return { practice, clients };
}
