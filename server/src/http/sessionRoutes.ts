import { J } from '@taxikine/core';
import { Router } from 'express';
import { rateLimit } from 'express-rate-limit';
import type { DataSource } from 'typeorm';
import type { KnownSessions } from '../auth/KnownSessions';
import { maybeSignedIn, maybeSignIn, signOut } from '../auth/sessions';
import { AppError, notSignedIn } from '../errors';
import { input } from './input';
import { needSession, signedIn } from './needSession';
import { cookieOptions, maybeToken, SESSION_COOKIE } from './sessionCookie';

export const signInSchema = J.object({
  email: J.string().max(200).required().label('e-mail'),
  password: J.string().max(400).required().label('password'),
});

/** Ten wrong tries in a quarter of an hour, then a pause. Right ones do not count. */
const fewTries = () =>
  rateLimit({
    windowMs: 15 * 60_000,
    limit: 10,
    skipSuccessfulRequests: true,
    standardHeaders: 'draft-8',
    legacyHeaders: false,
    handler: (_request, _response, next) =>
      next(
        new AppError(429, {
          code: 'too-many-tries',
          message: 'Too many tries.',
          hint: 'Wait a quarter of an hour.',
        }),
      ),
  });

/** Sign in, who am I, sign out. */
export function sessionRoutes(
  source: DataSource,
  sessions: KnownSessions,
  secure: boolean,
): Router {
  const router = Router();

  router.post('/session', fewTries(), async (request, response) => {
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
