import type { RequestHandler, Response } from 'express';
import type { KnownSessions } from '../auth/KnownSessions';
import type { SignedIn } from '../auth/sessions';
import type { Sight } from '../database/inPractice';
import { notSignedIn } from '../ground/errors';
import { maybeToken } from './sessionCookie';

/** A write says whose it is, so that one coach's unsent work never goes out in another's session. */
const isOfAnother = (said: string | string[] | undefined, { coach }: SignedIn): boolean =>
  said !== undefined && said !== coach.id;

/** Lets only signed-in coaches pass. */
export const needSession = (sessions: KnownSessions): RequestHandler =>
  async function (request, response, next) {
    const token = maybeToken(request);
    const found = token ? await sessions.maybeSignedIn(token) : null;
    if (!found || isOfAnother(request.headers['x-taxikine-coach'], found)) throw notSignedIn();
    response.locals.signedIn = found;
    next();
  };

/** What who is signed in sees of the practice: an owner all of it. */
export function sightOf(response: Response): Sight {
  const { practice, coach } = signedIn(response);
  return coach.role === 'owner' ? practice.id : { practiceId: practice.id, coachId: coach.id };
}

/** Who is signed in; only behind `needSession`. */
export const signedIn = (response: Response): SignedIn => response.locals.signedIn as SignedIn;
