import { RECORD_KINDS, type RecordKind } from '@taxikine/core';
import { RESOURCES } from '../records/resources';
import { entriesSchema } from './homeRoutes';
import {
  answer,
  clientPath,
  ERROR,
  file,
  goneLink,
  idParameter,
  json,
  refused,
} from './openapiParts';
import { account, people } from './openapiPeople';
import { eraseSchema } from './leaveRoutes';
import { withSchemas } from './withSchemas';
import { newLinkSchema } from './linkRoutes';
import { writeSchema } from './recordRoutes';
import { signInSchema } from './sessionRoutes';

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

/** The client's door, what goes on paper, and leaving. */
const leavingAndHome = {
  '/api/v1/home': {
    get: {
      operationId: 'home-page',
      description: 'Needs `Authorization: Bearer` with the token of a link, and `?day=`.',
      responses: { 200: answer('The plan and the client’s own log'), 410: goneLink },
    },
  },
  '/api/v1/home/entries': {
    post: {
      operationId: 'say-from-home',
      description: 'Adds to the log; the same entry sent twice is kept once.',
      requestBody: { required: true, content: json(entriesSchema) },
      responses: { 201: answer('Kept'), 410: goneLink, 422: refused('Invalid') },
    },
  },
  '/api/v1/calendar/{token}.ics': {
    get: {
      operationId: 'home-calendar',
      responses: { 200: file('text/calendar', 'The plan as iCalendar'), 410: goneLink },
    },
  },
  '/api/v1/clients/{id}/links': {
    parameters: [idParameter],
    get: { operationId: 'list-links', responses: { 200: answer('Links, without their tokens') } },
    post: {
      operationId: 'make-link',
      requestBody: { required: true, content: json(newLinkSchema) },
      responses: { 201: answer('The link, and its token this once') },
    },
  },
  '/api/v1/clients/{id}/links/{link}': {
    parameters: [idParameter, { ...idParameter, name: 'link' }],
    delete: {
      operationId: 'close-link',
      responses: {
        204: { description: 'It opens nothing any more' },
        404: refused('No such link'),
      },
    },
  },
  '/api/v1/clients/{id}/handout.pdf': clientPath({
    operationId: 'get-handout',
    responses: { 200: file('application/pdf', 'The plan on paper'), 404: refused('No plan') },
  }),
  '/api/v1/clients/{id}/export.zip': clientPath({
    operationId: 'export-client',
    responses: { 200: file('application/zip', 'Everything kept about one client') },
  }),
  '/api/v1/clients/{id}/erase': clientPath(
    {
      operationId: 'erase-client',
      requestBody: { required: true, content: json(eraseSchema) },
      responses: { 204: { description: 'Erased for good' }, 422: refused('Another name') },
    },
    'post',
  ),
  '/api/v1/practice/export.zip': {
    get: {
      operationId: 'export-practice',
      responses: { 200: file('application/zip', 'Everything the practice has kept') },
    },
  },
  '/api/v1/practice/restore': {
    get: {
      operationId: 'get-restore',
      responses: {
        200: answer('How far it is, what was taken, and what was refused by file and field'),
      },
    },
    post: {
      operationId: 'restore-practice',
      requestBody: { required: true, content: { 'application/zip': {} } },
      responses: {
        202: answer('Received; the worker puts it back'),
        409: refused('Another one is under way'),
        413: refused('Too large'),
      },
    },
  },
  '/api/v1/erasures': {
    get: { operationId: 'list-erasures', responses: { 200: answer('Who was erased, by id') } },
  },
};

/** Letters, jobs, and what the worker rolled up. */
const background = {
  '/api/v1/letters': {
    get: {
      operationId: 'list-letters',
      description: 'Newest first; `?from=` is where the page begins.',
      responses: { 200: answer('Letters with what became of them') },
    },
  },
  '/api/v1/jobs': {
    get: { operationId: 'list-jobs', responses: { 200: answer('What waits, and what is stuck') } },
  },
  '/api/v1/jobs/{id}/again': clientPath(
    {
      operationId: 'try-job-again',
      responses: { 204: { description: 'Tried again' }, 409: refused('It has not failed') },
    },
    'post',
  ),
  '/api/v1/practice/retention': {
    get: {
      operationId: 'get-retention',
      responses: { 200: answer('How well gains last, check by check') },
    },
  },
};

/** The API described by the very schemas that guard it; worked out in parts, so that nobody waits for it meanwhile. */
export async function openapi(): Promise<object> {
  const records = Object.fromEntries(
    RECORD_KINDS.map((kind) => [`/api/v1/${kind}/{id}`, recordPath(kind)]),
  );
  const writes = Object.fromEntries(
    RECORD_KINDS.map((kind) => [`${kind}-write`, writeSchema(kind)]),
  );
  return withSchemas({
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
      '/api/v1/openapi.json': {
        get: {
          operationId: 'openapi',
          description: 'This document; needs no session.',
          responses: { 200: answer('OpenAPI 3.1') },
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
          requestBody: { required: true, content: json(signInSchema) },
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
          description:
            'Its ETag, sent back as If-None-Match, is answered with 304 while nothing was written.',
          responses: {
            200: answer('Everything kept about one client'),
            304: { description: 'Nothing was written since' },
            404: refused('No such client'),
          },
        },
      },
      '/api/v1/changes': {
        get: {
          operationId: 'follow-changes',
          description:
            'Server-sent events, one for every write of the practice: `change` with client, kind, id and version; `all` when more changed than is told; `open` at the start.',
          responses: { 200: file('text/event-stream', 'Changes as they happen') },
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
      ...account,
      ...people,
      ...leavingAndHome,
      ...background,
      ...records,
    },
    components: { schemas: { Error: ERROR, ...writes } },
  });
}
