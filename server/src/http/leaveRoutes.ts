import { J } from '@taxikine/core';
import { Router, type Response } from 'express';
import type { DataSource } from 'typeorm';
import { sendArchive } from '../archives/sendArchive';
import { Client } from '../database/entities/Client';
import { Erasure } from '../database/entities/Erasure';
import { inPractice } from '../database/inPractice';
import { invalid, notFound } from '../ground/errors';
import { eraseClient } from '../leave/eraseClient';
import { idParam, input } from './input';
import { needConfirmed } from './needConfirmed';
import { signedIn } from './needSession';

export const eraseSchema = J.object({ name: J.string().max(120).required().label('name') });

/** Leaving: all of one client or of the practice as a file, and a client erased for good. */
export function leaveRoutes(source: DataSource, now: () => Date, withinMs: number): Router {
  const router = Router();
  const askedOf = (response: Response) => ({
    practiceId: signedIn(response).practice.id,
    coachId: signedIn(response).coach.id,
    now: now(),
    withinMs,
  });

  router.get('/clients/:id/export.zip', needConfirmed(source), async (request, response) => {
    const { id } = input<{ id: string }>(idParam, request.params);
    const asked = { ...askedOf(response), clientId: id, name: 'client.zip' };
    await sendArchive(source, response, asked);
  });

  router.post('/clients/:id/erase', needConfirmed(source), async (request, response) => {
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

  router.get('/practice/export.zip', needConfirmed(source), async (_request, response) => {
    const asked = { ...askedOf(response), clientId: null, name: 'practice.zip' };
    await sendArchive(source, response, asked);
  });

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
