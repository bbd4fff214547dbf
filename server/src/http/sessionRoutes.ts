import { J } from '@taxikine/core';
import { Router, type Request } from 'express';
import type { DataSource } from 'typeorm';
import type { KnownSessions } from '../auth/KnownSessions';
import { guardedSignIn } from '../auth/guardedSignIn';
import { placeOf } from '../auth/placeOf';
import { maybeSignedIn, signOut } from '../auth/sessions';
import { hashOfToken } from '../auth/tokens';
import type { Tries } from '../auth/tries';
import { notSignedIn } from '../ground/errors';
import { agentOf } from './agentOf';
import { input } from './input';
import { needSession, signedIn } from './needSession';
import { giveToken, maybeToken, takeToken } from './sessionCookie';

export const signInSchema = J.object({
  email: J.string().max(200).required().label('e-mail'),
  password: J.string().max(400).required().label('password'),
  code: J.string().max(40).allow('').default('').label('code'),
});

/** Sign in, who am I, sign out. */
export function sessionRoutes(
  source: DataSource,
  sessions: KnownSessions,
  tries: Tries,
  now: () => Date,
): Router {
  const router = Router();
  /** Whoever signs in where somebody is already takes their place. */
  const endFormer = async (request: Request) => {
    const former = maybeToken(request);
    const who = former && (await maybeSignedIn(source, former));
    if (!who) return;
    await signOut(source, who, former);
    sessions.forget(hashOfToken(former));
  };

  router.post('/session', async (request, response) => {
    const said = input<{ email: string; password: string; code: string }>(
      signInSchema,
      request.body,
    );
    const agent = agentOf(request);
    const place = placeOf(request.ip);
    const token = await guardedSignIn(source, tries, { ...said, place, agent, now: now() });
    await endFormer(request);
    const session = await maybeSignedIn(source, token);
    giveToken(response, token).status(201).json(session);
  });

  router.get('/session', needSession(sessions), (_request, response) => {
    response.json(signedIn(response));
  });

  router.delete('/session', needSession(sessions), async (request, response) => {
    const token = maybeToken(request);
    if (!token) throw notSignedIn();
    await signOut(source, signedIn(response), token);
    // After it is gone: what is looked up meanwhile must not be held.
    sessions.forget(hashOfToken(token));
    takeToken(response).status(204).end();
  });

  return router;
}
