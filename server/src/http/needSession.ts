import type { RequestHandler, Response } from 'express';
import type { DataSource } from 'typeorm';
import { maybeSignedIn, type SignedIn } from '../auth/sessions';
import { notSignedIn } from '../errors';
import { maybeToken } from './sessionCookie';

/** A write says whose it is, so that one coach's unsent work never goes out in another's session. */
const isOfAnother = (said: string | string[] | undefined, { coach }: SignedIn): boolean =>
  said !== undefined && said !== coach.id;

/** Lets only signed-in coaches pass. */
export const needSession = (source: DataSource): RequestHandler =>
  async function (request, response, next) {
    const token = maybeToken(request);
    const found = token ? await maybeSignedIn(source, token) : null;
    if (!found || isOfAnother(request.headers['x-taxikine-coach'], found)) throw notSignedIn();
    response.locals.signedIn = found;
    next();
  };

/** Who is signed in; only behind `needSession`. */
export const signedIn = (response: Response): SignedIn => response.locals.signedIn as SignedIn;
