import type { RequestHandler, Response } from 'express';
import type { DataSource } from 'typeorm';
import { maybeSignedIn, type SignedIn } from '../auth/sessions';
import { notSignedIn } from '../errors';
import { maybeToken } from './sessionCookie';

/** Lets only signed-in coaches pass. */
export const needSession = (source: DataSource): RequestHandler =>
  async function (request, response, next) {
    const token = maybeToken(request);
    const found = token ? await maybeSignedIn(source, token) : null;
    if (!found) throw notSignedIn();
    response.locals.signedIn = found;
    next();
  };

/** Who is signed in; only behind `needSession`. */
export const signedIn = (response: Response): SignedIn => response.locals.signedIn as SignedIn;
