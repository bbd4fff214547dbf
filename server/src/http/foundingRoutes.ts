import { emailSchema, J } from '@taxikine/core';
import { Router, type Request } from 'express';
import type { DataSource } from 'typeorm';
import { placeOf } from '../auth/placeOf';
import { maybeSignedIn } from '../auth/sessions';
import type { Tries } from '../auth/tries';
import { AppError } from '../ground/errors';
import { checkFoundingLink } from '../founding/foundingLinks';
import { foundPractice, type Founding } from '../founding/foundPractice';
import { agentOf } from './agentOf';
import { bearer } from './bearer';
import { input } from './input';
import { giveToken } from './sessionCookie';

const name = () => J.string().trim().max(120).required();
export const foundingSchema = J.object({
  practice: name().label('practice'),
  name: name().label('name'),
  email: emailSchema().required().label('e-mail'),
  password: J.string().max(400).required().label('password'),
});

/** Where the first practice of a house is made, by whoever has the address that was told as it started. */
export function foundingRoutes(source: DataSource, tries: Tries): Router {
  const router = Router();
  const counted = <T>(request: Request, work: (token: string) => Promise<T>): Promise<T> => {
    const token = bearer(request);
    return work(token).catch(async (error: unknown) => {
      const isGone = error instanceof AppError && error.status === 410;
      if (isGone) await tries.take(1, ['link', token], ['linksFromPlace', placeOf(request.ip)]);
      throw error;
    });
  };

  router.get('/founding', async (request, response) => {
    await counted(request, (token) => checkFoundingLink(source, token));
    response.json({ open: true });
  });

  router.post('/founding', async (request, response) => {
    const founding = input<Founding>(foundingSchema, request.body);
    const agent = agentOf(request);
    const session = await counted(request, (token) =>
      foundPractice(source, token, { ...founding, agent }),
    );
    const who = await maybeSignedIn(source, session);
    giveToken(response, session).status(201).json(who);
  });

  return router;
}
