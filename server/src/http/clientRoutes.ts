import { maybeLooseEnd, type ClientFile } from '@taxikine/core';
import { Router } from 'express';
import type { DataSource } from 'typeorm';
import { inPractice } from '../database/inPractice';
import { notFound } from '../errors';
import { allClientFiles, maybeClientFile } from '../records/readFile';
import { idParam, input } from './input';
import { signedIn } from './needSession';

const newestVisit = ({ visits }: ClientFile) =>
  [...visits].sort((a, b) => a.openedOn.localeCompare(b.openedOn)).at(-1) ?? null;

/** The last look of the last visit that has one, so that its pattern is that visit's. */
const newestLook = (file: ClientFile) =>
  file.looks
    .filter((look) => look.visitId === newestVisit(file)?.id)
    .sort((a, b) => a.startedOn.localeCompare(b.startedOn))
    .at(-1) ?? null;

/** Lists and whole files; single records are in `recordRoutes`. */
export function clientRoutes(source: DataSource, now: () => Date): Router {
  const router = Router();

  router.get('/clients', async (_request, response) => {
    const files = await inPractice(source, signedIn(response).practice.id, allClientFiles);
    const clients = files.map((file) => ({
      client: file.client,
      lastPattern: newestVisit(file)?.pattern ?? null,
      visits: file.visits.length,
      lastVisitOn: newestVisit(file)?.openedOn ?? null,
      lastLook: newestLook(file),
      looseEnd: maybeLooseEnd(file, now()),
    }));
    clients.sort((a, b) => a.client.name.localeCompare(b.client.name));
    response.json({ clients });
  });

  router.get('/clients/:id/file', async (request, response) => {
    const { id } = input<{ id: string }>(idParam, request.params);
    const file = await inPractice(source, signedIn(response).practice.id, (manager) =>
      maybeClientFile(manager, id),
    );
    if (!file) throw notFound('client');
    response.json(file);
  });

  return router;
}
