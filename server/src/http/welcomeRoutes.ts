import { setTimeout as delay } from 'node:timers/promises';
import { J } from '@taxikine/core';
import { Router, type Request } from 'express';
import type { DataSource } from 'typeorm';
import type { KnownSessions } from '../auth/KnownSessions';
import { placeOf } from '../auth/placeOf';
import { maybeSignedIn } from '../auth/sessions';
import type { Tries } from '../auth/tries';
import { AppError } from '../ground/errors';
import { choosePassword } from '../people/choosePassword';
import { askForReset } from '../people/askForReset';
import { oneCoachLink } from '../people/coachLinks';
import { agentOf } from './agentOf';
import { bearer } from './bearer';
import { input } from './input';
import { giveToken } from './sessionCookie';

export const welcomeSchema = J.object({
  password: J.string().max(400).required().label('password'),
});

export const forgottenSchema = J.object({
  email: J.string().max(200).required().label('e-mail'),
});

/** Longer than it takes to ask for a letter. */
const LEAST_MS = 200;

/** What opens with a link to choose a password: no session yet. */
export function welcomeRoutes(source: DataSource, sessions: KnownSessions, tries: Tries): Router {
  const router = Router();
  /** What a link opens is never refused; what opens nothing is counted. */
  const opened = <T>(request: Request, work: (token: string) => Promise<T>): Promise<T> => {
    const token = bearer(request);
    return work(token).catch(async (error: unknown) => {
      const isGone = error instanceof AppError && error.status === 410;
      if (isGone) await tries.take(1, ['link', token], ['linksFromPlace', placeOf(request.ip)]);
      throw error;
    });
  };

  router.post('/welcome/letter', async (request, response) => {
    const { email } = input<{ email: string }>(forgottenSchema, request.body);
    const asking = askForReset(source, tries, email, placeOf(request.ip));
    // Whether anybody has the address is not told by how long it takes, either.
    await Promise.all([asking, delay(LEAST_MS)]);
    response.status(202).json({});
  });

  router.get('/welcome', async (request, response) => {
    const { shown } = await opened(request, (token) => oneCoachLink(source, token));
    response.json(shown);
  });

  router.post('/welcome', async (request, response) => {
    const { password } = input<{ password: string }>(welcomeSchema, request.body);
    const agent = agentOf(request);
    const { session, ended } = await opened(request, (token) =>
      choosePassword(source, { token, password, agent }),
    );
    for (const hash of ended) sessions.forget(hash);
    if (!session) return void response.status(200).json(null);
    const who = await maybeSignedIn(source, session);
    giveToken(response, session).status(201).json(who);
  });

  return router;
}
