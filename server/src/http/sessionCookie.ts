import { parse } from 'cookie';
import type { CookieOptions, Request } from 'express';
import { SESSION_DAYS } from '../auth/sessions';

export const SESSION_COOKIE = 'taxikine_session';

/** Never readable by scripts, never sent from another site. */
export const cookieOptions = (secure: boolean): CookieOptions => ({
  httpOnly: true,
  sameSite: 'strict',
  secure,
  path: '/',
  maxAge: SESSION_DAYS * 86_400_000,
});

export const maybeToken = (request: Request): string | null =>
  parse(request.headers.cookie ?? '')[SESSION_COOKIE] ?? null;
