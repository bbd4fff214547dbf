import type { RequestHandler } from 'express';
import type { DataSource } from 'typeorm';
import { isConfirmed } from '../auth/confirmed';
import { inPractice } from '../database/inPractice';
import { AppError, notSignedIn } from '../errors';
import { ownerOnly } from '../people/oneHeldBy';
import { signedIn } from './needSession';
import { maybeToken } from './sessionCookie';

const confirmFirst = new AppError(403, {
  code: 'confirm-first',
  message: 'Type your password again first.',
  hint: 'It was a while since you gave it.',
});

/** Lets only owners pass who gave their password not long ago: a device that lies open is no way to what stays. */
export const needConfirmed = (source: DataSource): RequestHandler =>
  async function (request, response, next) {
    const token = maybeToken(request);
    if (!token) throw notSignedIn();
    const { coach, practice } = signedIn(response);
    if (coach.role !== 'owner') throw ownerOnly;
    const is = await inPractice(source, practice.id, (manager) => isConfirmed(manager, token));
    next(is ? undefined : confirmFirst);
  };
