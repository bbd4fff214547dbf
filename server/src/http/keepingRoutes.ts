import { idSchema, J } from '@taxikine/core';
import { Router } from 'express';
import type { DataSource } from 'typeorm';
import { inPractice } from '../database/inPractice';
import { keeperOf, keepTo } from '../keeping/keepTo';
import { idParam, input } from './input';
import { sightOf, signedIn } from './needSession';

export const keepingSchema = J.object({ to: idSchema().allow(null).required().label('to') });

/** Who sees a client: every coach of the practice, or one. */
export function keepingRoutes(source: DataSource): Router {
  const router = Router();

  router.get('/clients/:id/keeping', async (request, response) => {
    const { id } = input<{ id: string }>(idParam, request.params);
    const keeper = await inPractice(source, sightOf(response), (manager) => keeperOf(manager, id));
    response.json({ keeper });
  });

  router.put('/clients/:id/keeping', async (request, response) => {
    const { id: clientId } = input<{ id: string }>(idParam, request.params);
    const { to } = input<{ to: string | null }>(keepingSchema, request.body);
    const { coach: by } = signedIn(response);
    const keeper = await inPractice(source, sightOf(response), (manager) =>
      keepTo(manager, { clientId, to, by }),
    );
    response.json({ keeper });
  });

  return router;
}
