import { settingsSchema, wordingSchema } from '@taxikine/core';
import { Router } from 'express';
import type { DataSource } from 'typeorm';
import type { KnownSessions } from '../auth/KnownSessions';
import { inPractice } from '../database/inPractice';
import { changeSettings, wordConsent, type ChangedSettings } from '../settings/changeSettings';
import { listWordings } from '../settings/readSettings';
import { input } from './input';
import { needConfirmed } from './needConfirmed';
import { signedIn } from './needSession';

/** What a practice decides for all its coaches; they are told of it with their session. */
export function settingsRoutes(source: DataSource, sessions: KnownSessions): Router {
  const router = Router();
  router.put('/practice/settings', needConfirmed(source), async (request, response) => {
    const settings = input<ChangedSettings>(settingsSchema, request.body);
    const { coach, practice } = signedIn(response);
    const now = await inPractice(source, practice.id, (manager) =>
      changeSettings(manager, coach.id, settings),
    );
    sessions.forgetAll();
    response.json(now);
  });

  router.get('/practice/wordings', async (_request, response) => {
    const { practice } = signedIn(response);
    response.json({ wordings: await inPractice(source, practice.id, listWordings) });
  });

  router.post('/practice/wordings', needConfirmed(source), async (request, response) => {
    const { text } = input<{ text: string }>(wordingSchema, request.body);
    const { coach, practice } = signedIn(response);
    const made = await inPractice(source, practice.id, (manager) =>
      wordConsent(manager, coach.id, text),
    );
    sessions.forgetAll();
    response.status(201).json(made);
  });
  return router;
}
