import { IDLE_MINUTES, J, type PracticeSettings } from '@taxikine/core';
import { Router } from 'express';
import type { DataSource } from 'typeorm';
import { noteDeed } from '../audit/noteDeed';
import type { KnownSessions } from '../auth/KnownSessions';
import { inPractice } from '../database/inPractice';
import { input } from './input';
import { needConfirmed } from './needConfirmed';
import { signedIn } from './needSession';

export const settingsSchema = J.object({
  name: J.string().trim().max(120).required().label('name'),
  idleMin: J.valid(...IDLE_MINUTES, null)
    .required()
    .label('idleMin'),
});

/** What a practice decides for all its coaches; they are told of it with their session. */
export function settingsRoutes(source: DataSource, sessions: KnownSessions): Router {
  const router = Router();
  router.put('/practice/settings', needConfirmed(source), async (request, response) => {
    const settings = input<PracticeSettings>(settingsSchema, request.body);
    const { coach, practice } = signedIn(response);
    await inPractice(source, practice.id, async (manager) => {
      const { name, idleMin } = settings;
      await manager.query('SELECT change_own_practice($1, $2)', [name, idleMin]);
      await noteDeed(manager, { by: coach.id, deed: 'settings-changed' });
    });
    sessions.forgetAll();
    response.json(settings);
  });
  return router;
}
