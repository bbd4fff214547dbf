import { parse } from 'cookie';
import type { Application, CookieOptions, Request, Response } from 'express';
import { SESSION_DAYS } from '../auth/sessions';

const SECURE = 'secure cookies';

/** Says once for the whole application whether cookies go over HTTPS alone. */
export const setSecure = (app: Application, secure: boolean): void => void app.set(SECURE, secure);

const isSecure = (app: Application): boolean => app.get(SECURE) === true;

/** Over HTTPS a browser takes `__Host-` from this very host alone: no neighbour under the same domain lays one under. */
const nameFor = (app: Application): string =>
  isSecure(app) ? '__Host-taxikine_session' : 'taxikine_session';

/** Never readable by scripts, never sent from another site. */
const optionsFor = (app: Application): CookieOptions => ({
  httpOnly: true,
  sameSite: 'strict',
  secure: isSecure(app),
  path: '/',
});

/** Lets a browser be who has this token, for as long as a session lasts. */
export const giveToken = (response: Response, token: string): Response =>
  response.cookie(nameFor(response.app), token, {
    ...optionsFor(response.app),
    maxAge: SESSION_DAYS * 86_400_000,
  });

export const takeToken = (response: Response): Response =>
  response.clearCookie(nameFor(response.app), optionsFor(response.app));

export const maybeToken = (request: Request): string | null =>
  parse(request.headers.cookie ?? '')[nameFor(request.app)] ?? null;
