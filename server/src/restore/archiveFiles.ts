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
import { checkBelongs } from './checkBelongs';
import {
  PRACTICE_FORMAT,
  PRACTICE_VERSION,
  type ClientDocument,
  type PracticeDocument,
} from './practiceEntries';

export interface PracticeContents {
  readonly practice: PracticeDocument;
  readonly clients: readonly ClientDocument[];
}

const PRACTICE_FILE = 'practice.json';

/** Unpacked, no more than this: a zip can be small and hold what no memory does. */
const MOST_BYTES = 1024 ** 3;

/** Records are checked one by one by the schemas they are written by; here, that there are lists of them. */
const records = () =>
  J.array()
    .items(J.object({ version: J.number().integer().min(1).required() }).unknown(true))
    .default([]);
const lists = (kinds: readonly RecordKind[]) =>
  Object.fromEntries(kinds.map((kind) => [kind, records()]));

const practiceSchema = J.object({
  format: J.valid(PRACTICE_FORMAT).required(),
  version: J.number().integer().min(1).max(PRACTICE_VERSION).required(),
  name: J.string().required(),
  writtenOn: J.string().required(),
  file: J.object(lists(KINDS_OF_PRACTICE)).required().unknown(true),
}).required();

const clientSchema = J.object({
  file: J.object({
    client: J.object({ version: J.number().integer().min(1).required() })
      .required()
      .unknown(true),
    ...lists(KINDS_IN_FILE),
    homeEntries: J.array().items(J.object().unknown(true)).default([]),
  })
    .required()
    .unknown(true),
  images: records(),
}).required();

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

function jsonOf(files: Record<string, Uint8Array>, name: string): unknown {
  if (!files[name]) throw invalid(`${name} is not in the archive.`, name, 'Nothing was written.');
  try {
    return JSON.parse(strFromU8(files[name]));
  } catch {
    throw invalid(`${name} is not readable.`, name, 'Nothing was written.');
  }
}

/** @throws AppError 422 with the file and the field that is wrong */
function checked<T>(schema: Joi.Schema, value: unknown, path: string): T {
  const read = parse<T>(schema, value);
  if (read.status === 'ok') return read.value;
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

type Rows = Partial<Record<RecordKind, { version: number }[]>>;

function checkRecords(file: object, kinds: readonly RecordKind[], path: string): void {
  for (const kind of kinds)
    (file as Rows)[kind]!.forEach((row, i) =>
      checked(RECORD_SCHEMAS[kind], bare(row), `${path}.${kind}.${i}`),
    );
}

function oneClient(value: unknown, path: string): ClientDocument {
  const document = checked<ClientDocument>(clientSchema, value, path);
  const { file, images } = document;
  checked(RECORD_SCHEMAS.clients, bare(file.client), `${path}.file.client`);
  checkRecords(file, KINDS_IN_FILE, `${path}.file`);
  const clientId = file.client.id;
  images.forEach(({ id, visitId, jpeg }, i) =>
    checked(RECORD_SCHEMAS.images, { id, clientId, visitId, jpeg }, `${path}.images.${i}`),
  );
  file.homeEntries.forEach((entry, i) =>
    checked(homeEntrySchema, entry, `${path}.file.homeEntries.${i}`),
  );
  checkBelongs(document, path);
  return document;
}

/**
 * What a practice's archive holds, every record checked as if it were written.
 *
 * @throws AppError 422 that names the file and the field
 */
export function readPracticeZip(bytes: Uint8Array): PracticeContents {
  const files = unpacked(bytes);
  const practice = checked<PracticeDocument>(
    practiceSchema,
    jsonOf(files, PRACTICE_FILE),
    PRACTICE_FILE,
  );
  checkRecords(practice.file, KINDS_OF_PRACTICE, `${PRACTICE_FILE}.file`);
  const clients = Object.keys(files)
    .filter((one) => /^clients\/[^/]+\.json$/.test(one))
    .sort()
    .map((one) => oneClient(jsonOf(files, one), one));
  return { practice, clients };
}
