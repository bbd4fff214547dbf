import { J, RECORD_KINDS, RECORD_SCHEMAS, type RecordKind } from '@taxikine/core';
import { Router } from 'express';
import type { DataSource } from 'typeorm';
import { inPractice } from '../database/inPractice';
import { invalid, notFound } from '../ground/errors';
import { putRecord } from '../records/putRecord';
import { RESOURCES } from '../records/resources';
import { toWire } from '../records/toWire';
import { idParam, input } from './input';
import { sightOf, signedIn } from './needSession';

/** A write in its envelope. */
export const writeSchema = (kind: RecordKind) =>
  J.object({
    writeId: J.string().guid({ version: 'uuidv4' }).required(),
    version: J.number().integer().min(0).required(),
    record: RECORD_SCHEMAS[kind].required(),
  });

function routesOf(kind: RecordKind, source: DataSource): Router {
  const router = Router();
  const { entity, word } = RESOURCES[kind];

  router.get(`/${kind}/:id`, async (request, response) => {
    const { id } = input<{ id: string }>(idParam, request.params);
    const row = await inPractice(source, sightOf(response), (manager) =>
      manager.findOneBy(entity, { id }),
    );
    if (!row) throw notFound(word);
    response.json({ record: toWire(row) });
  });

  router.put(`/${kind}/:id`, async (request, response) => {
    const { id } = input<{ id: string }>(idParam, request.params);
    const { writeId, version, record } = input<{
      writeId: string;
      version: number;
      record: { id: string };
    }>(writeSchema(kind), request.body);
    if (record.id !== id)
      throw invalid('The id of the record is not the one in the address.', 'record.id');
    const { practice, coach } = signedIn(response);
    const who = { practiceId: practice.id, coachId: coach.id, sight: sightOf(response) };
    const written = await putRecord(source, { kind, ...who, writeId, version, record });
    response.status(written.created ? 201 : 200).json({ record: written.record });
  });

  return router;
}

/** GET and PUT for every kind of record. */
export const recordRoutes = (source: DataSource): Router[] =>
  RECORD_KINDS.map((kind) => routesOf(kind, source));
