import { J } from '@taxikine/core';
import { raw, Router } from 'express';
import type { DataSource } from 'typeorm';
import { Client } from '../database/entities/Client';
import { Erasure } from '../database/entities/Erasure';
import { Image } from '../database/entities/Image';
import { inPractice } from '../database/inPractice';
import { AppError, invalid, notFound } from '../errors';
import { clientZip } from '../leave/clientZip';
import { eraseClient } from '../leave/eraseClient';
import { practiceZip } from '../leave/practiceZip';
import { readPracticeZip } from '../leave/readPracticeZip';
import { restorePractice } from '../leave/restorePractice';
import { maybeClientFile } from '../records/readFile';
import { idParam, input } from './input';
import { signedIn } from './needSession';

export const eraseSchema = J.object({ name: J.string().max(120).required().label('name') });

const MOST_ARCHIVE = '200mb';
const noArchive = new AppError(415, {
  code: 'no-archive',
  message: 'Send the archive as application/zip.',
});

/** Leaving: all of one client or of the practice as a file, put back, and a client erased for good. */
export function leaveRoutes(source: DataSource, now: () => Date): Router {
  const router = Router();

  router.get('/clients/:id/export.zip', async (request, response) => {
    const { id } = input<{ id: string }>(idParam, request.params);
    const found = await inPractice(source, signedIn(response).practice.id, async (manager) => {
      const file = await maybeClientFile(manager, id);
      return file && { file, images: await manager.findBy(Image, { clientId: id }) };
    });
    if (!found) throw notFound('client');
    const bytes = await clientZip(found.file, found.images, now().toISOString());
    response
      .type('application/zip')
      .set('Content-Disposition', 'attachment; filename="client.zip"')
      .send(Buffer.from(bytes));
  });

  router.post('/clients/:id/erase', async (request, response) => {
    const { id: clientId } = input<{ id: string }>(idParam, request.params);
    const { name } = input<{ name: string }>(eraseSchema, request.body);
    const { practice, coach } = signedIn(response);
    const whose = { practiceId: practice.id, clientId, coachId: coach.id };
    await inPractice(source, practice.id, async (manager) => {
      const client = await manager.findOneBy(Client, { id: clientId });
      if (!client) throw notFound('client');
      if (client.name !== name.trim())
        throw invalid('That is not the name of this client.', 'name', 'Nothing was erased.');
      await eraseClient(manager, { ...whose, on: now().toISOString() });
    });
    response.status(204).end();
  });

  router.get('/practice/export.zip', async (_request, response) => {
    const { practice } = signedIn(response);
    const bytes = await inPractice(source, practice.id, (manager) =>
      practiceZip(manager, practice, now().toISOString()),
    );
    response
      .type('application/zip')
      .set('Content-Disposition', 'attachment; filename="practice.zip"')
      .send(Buffer.from(bytes));
  });

  router.post(
    '/practice/restore',
    raw({ type: 'application/zip', limit: MOST_ARCHIVE }),
    async (request, response) => {
      if (!Buffer.isBuffer(request.body)) throw noArchive;
      const contents = readPracticeZip(new Uint8Array(request.body));
      const { practice } = signedIn(response);
      const restored = await inPractice(source, practice.id, (manager) =>
        restorePractice(manager, practice.id, contents),
      );
      response.json(restored);
    },
  );

  router.get('/erasures', async (_request, response) => {
    const rows = await inPractice(source, signedIn(response).practice.id, (manager) =>
      manager.find(Erasure, { order: { erasedOn: 'DESC' } }),
    );
    response.json({
      erasures: rows.map(({ clientId, erasedBy, erasedOn, counts }) => ({
        clientId,
        erasedBy,
        erasedOn,
        counts,
      })),
    });
  });

  return router;
}
