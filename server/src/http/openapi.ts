import { RECORD_KINDS, type RecordKind } from '@taxikine/core';
import type Joi from 'joi';
import joiToJson from 'joi-to-json';
import { RESOURCES } from '../records/resources';
import { writeSchema } from './recordRoutes';
import { signInSchema } from './sessionRoutes';

const schemaOf = (schema: Joi.Schema): object => {
  const { $schema: _, ...rest } = joiToJson(schema, 'json-draft-2019-09') as Record<
    string,
    unknown
  >;
  return rest;
};

const ERROR = {
  type: 'object',
  required: ['code', 'message'],
  properties: {
    code: { type: 'string' },
    message: { type: 'string' },
    path: { type: 'string' },
    hint: { type: 'string' },
  },
};

const json = (schema: object) => ({ 'application/json': { schema } });
const answer = (description: string, schema: object = { type: 'object' }) => ({
  description,
  content: json(schema),
});
const refused = (description: string) =>
  answer(description, { $ref: '#/components/schemas/Error' });
const idParameter = {
  name: 'id',
  in: 'path',
  required: true,
  schema: { type: 'string', format: 'uuid' },
};

const recordPath = (kind: RecordKind) => ({
  parameters: [idParameter],
  get: {
    operationId: `get-${RESOURCES[kind].word}`,
    responses: {
      200: answer('The record'),
      401: refused('Not signed in'),
      404: refused('No such record in this practice'),
    },
  },
  put: {
    operationId: `put-${RESOURCES[kind].word}`,
    description: 'Idempotent: the same writeId sent again changes nothing.',
    requestBody: { required: true, content: json({ $ref: `#/components/schemas/${kind}-write` }) },
    responses: {
      200: answer('Changed'),
      201: answer('Made'),
      404: refused('No such record in this practice'),
      409: refused('Changed meanwhile; both versions are in the answer'),
      422: refused('Invalid, or held back for safety'),
    },
  },
});

/** The API described by the very schemas that guard it. */
export function openapi(): object {
  const records = Object.fromEntries(
    RECORD_KINDS.map((kind) => [`/api/v1/${kind}/{id}`, recordPath(kind)]),
  );
  const writes = Object.fromEntries(
    RECORD_KINDS.map((kind) => [`${kind}-write`, schemaOf(writeSchema(kind))]),
  );
  return {
    openapi: '3.1.0',
    info: {
      title: 'Taxikine',
      version: '1',
      description: 'Writes need the header X-Taxikine: 1 and the session cookie.',
    },
    paths: {
      '/health': {
        get: {
          operationId: 'health',
          responses: { 200: answer('All well'), 503: answer('The database is away') },
        },
      },
      '/api/v1/case.schema.json': {
        get: {
          operationId: 'case-schema',
          description: 'The open exchange format of cases; needs no session.',
          responses: { 200: answer('JSON Schema of the case file') },
        },
      },
      '/api/v1/session': {
        get: {
          operationId: 'who-am-i',
          responses: { 200: answer('Coach and practice'), 401: refused('Not signed in') },
        },
        post: {
          operationId: 'sign-in',
          requestBody: { required: true, content: json(schemaOf(signInSchema)) },
          responses: {
            201: answer('Signed in'),
            401: refused('Wrong'),
            429: refused('Too many tries'),
          },
        },
        delete: { operationId: 'sign-out', responses: { 204: { description: 'Signed out' } } },
      },
      '/api/v1/clients': {
        get: {
          operationId: 'list-clients',
          responses: { 200: answer('Clients with what hangs loose') },
        },
      },
      '/api/v1/practice/file': {
        get: {
          operationId: 'get-practice-file',
          responses: { 200: answer('Own drills, and what there is to load with') },
        },
      },
      '/api/v1/clients/{id}/file': {
        parameters: [idParameter],
        get: {
          operationId: 'get-client-file',
          responses: {
            200: answer('Everything kept about one client'),
            404: refused('No such client'),
          },
        },
      },
      '/api/v1/visits/{id}/report.pdf': {
        parameters: [idParameter],
        get: {
          operationId: 'get-report',
          responses: {
            200: { description: 'The report of a visit', content: { 'application/pdf': {} } },
            404: refused('No such visit'),
          },
        },
      },
      ...records,
    },
    components: { schemas: { Error: ERROR, ...writes } },
  };
}
