import {
  homeEntrySchema,
  idSchema,
  instantSchema,
  J,
  KINDS_IN_FILE,
  KINDS_OF_PRACTICE,
  parse,
  RECORD_SCHEMAS,
  type ImageRecord,
  type RecordKind,
} from '@taxikine/core';
import type Joi from 'joi';
import { invalid } from '../ground/errors';
import {
  PRACTICE_FILE,
  PRACTICE_FORMAT,
  PRACTICE_VERSION,
  type ClientDocument,
  type PracticeDocument,
} from '../leave/practiceEntries';
import { checkBelongs } from './checkBelongs';

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
  erasures: J.array()
    .items(
      J.object({
        clientId: idSchema(),
        erasedOn: instantSchema().required(),
        counts: J.object().pattern(J.string(), J.number().integer()).required(),
      }),
    )
    .default([]),
  wordings: J.array()
    .items(
      J.object({
        version: J.string().max(60).required(),
        text: J.string().max(4000).required(),
        madeOn: instantSchema().required(),
      }),
    )
    .default([]),
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
  keptTo: idSchema().optional().allow(null).default(null),
}).required();

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

/**
 * What an archive holds of the practice itself.
 *
 * @throws AppError 422 that names the file and the field
 */
export function practiceOf(value: unknown): PracticeDocument {
  const practice = checked<PracticeDocument>(practiceSchema, value, PRACTICE_FILE);
  checkRecords(practice.file, KINDS_OF_PRACTICE, `${PRACTICE_FILE}.file`);
  return practice;
}

/**
 * What a file of an archive holds of a client, every record checked as if it were written; pictures that lie
 * beside it are not looked at.
 *
 * @param name of the file
 * @throws AppError 422 that names the file and the field
 */
export function clientOf(value: unknown, name: string): ClientDocument {
  const document = checked<ClientDocument>(clientSchema, value, name);
  const { file } = document;
  checked(RECORD_SCHEMAS.clients, bare(file.client), `${name}.file.client`);
  checkRecords(file, KINDS_IN_FILE, `${name}.file`);
  file.homeEntries.forEach((entry, i) =>
    checked(homeEntrySchema, entry, `${name}.file.homeEntries.${i}`),
  );
  checkBelongs(document, name);
  return document;
}

/** @throws AppError 422 that names the file */
export const imageOf = (image: ImageRecord, name: string): ImageRecord =>
  checked(RECORD_SCHEMAS.images, image, name);
