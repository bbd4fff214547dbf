import { J } from '@taxikine/core';
import { Router } from 'express';
import type { DataSource } from 'typeorm';
import type { KnownSessions } from '../auth/KnownSessions';
import { maybeSignedIn, maybeSignIn, signOut } from '../auth/sessions';
import { AppError, notSignedIn } from '../errors';
import { fewTries } from './fewTries';
import { input } from './input';
import { needSession, signedIn } from './needSession';
import { cookieOptions, maybeToken, SESSION_COOKIE } from './sessionCookie';

export const signInSchema = J.object({
  email: J.string().max(200).required().label('e-mail'),
  password: J.string().max(400).required().label('password'),
});

/** Wrong passwords in a quarter of an hour. Right ones do not count. */
const MOST_WRONG = 10;

/** Sign in, who am I, sign out. */
export function sessionRoutes(
  source: DataSource,
  sessions: KnownSessions,
  secure: boolean,
): Router {
  const router = Router();

  router.post('/session', fewTries(MOST_WRONG), async (request, response) => {
    const { email, password } = input<{ email: string; password: string }>(
      signInSchema,
      request.body,
    );
    const token = await maybeSignIn(source, email, password);
    if (!token)
      throw new AppError(401, {
        code: 'wrong-sign-in',
        message: 'E-mail and password do not belong together.',
        path: 'password',
      });
    response
      .cookie(SESSION_COOKIE, token, cookieOptions(secure))
      .status(201)
      .json(await maybeSignedIn(source, token));
  });

  router.get('/session', needSession(sessions), (_request, response) => {
    response.json(signedIn(response));
  });

  router.delete('/session', needSession(sessions), async (request, response) => {
    const token = maybeToken(request);
    if (!token) throw notSignedIn();
    await signOut(source, signedIn(response).practice.id, token);
    // After it is gone: what is looked up meanwhile must not be held.
    sessions.forget(token);
    response.clearCookie(SESSION_COOKIE, { path: '/' }).status(204).end();
  });

  return router;
}
