import { J } from '@taxikine/core';
import { Router, type Response } from 'express';
import type { DataSource, EntityManager } from 'typeorm';
import { inPractice } from '../database/inPractice';
import {
  beginFactor,
  dropFactor,
  renewRecovery,
  showFactor,
  turnOnFactor,
} from '../factor/changeFactor';
import { askToWarn } from '../jobs/askToWarn';
import { input } from './input';
import { needPasswordGiven } from './needConfirmed';
import { signedIn } from './needSession';

export const codeSchema = J.object({ code: J.string().max(40).required().label('code') });

const PATH = '/account/factor';

/** What is asked of a coach at the door besides the password. Behind `needSession`. */
export function factorRoutes(source: DataSource, now: () => Date): Router {
  const router = Router();
  const given = needPasswordGiven(source);
  const own = <T>(response: Response, work: (manager: EntityManager) => Promise<T>) =>
    inPractice(source, signedIn(response).practice.id, work);

  router.get(PATH, async (_request, response) => {
    const { coach } = signedIn(response);
    response.json(await own(response, (manager) => showFactor(manager, coach.id)));
  });

  router.post(PATH, given, async (_request, response) => {
    const { coach } = signedIn(response);
    const begun = await own(response, (manager) => beginFactor(manager, coach));
    response.status(201).json(begun);
  });

  router.post(`${PATH}/on`, async (request, response) => {
    const { code } = input<{ code: string }>(codeSchema, request.body);
    const { coach } = signedIn(response);
    const said = { code, now: now() };
    const codes = await own(response, (manager) => turnOnFactor(manager, coach.id, said));
    response.json({ codes });
  });

  router.post(`${PATH}/recovery`, given, async (_request, response) => {
    const { coach } = signedIn(response);
    response.json({ codes: await own(response, (manager) => renewRecovery(manager, coach.id)) });
  });

  router.delete(PATH, given, async (_request, response) => {
    const { coach, practice } = signedIn(response);
    await own(response, async (manager) => {
      const was = await dropFactor(manager, coach.id, coach.id);
      const about = { practiceId: practice.id, coachId: coach.id, of: 'factor-off' } as const;
      if (was) await askToWarn(manager, about);
    });
    response.status(204).end();
  });

  return router;
}
