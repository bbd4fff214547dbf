import type { RequestHandler } from 'express';
import type { DataSource } from 'typeorm';
import { isConfirmed } from '../auth/confirmed';
import { inPractice } from '../database/inPractice';
import { AppError, notSignedIn } from '../ground/errors';
import { needOwner } from './needOwner';
import { signedIn } from './needSession';
import { maybeToken } from './sessionCookie';

const confirmFirst = new AppError(403, {
  code: 'confirm-first',
  message: 'Type your password again first.',
  hint: 'It was a while since you gave it.',
});

/** Lets only those pass who gave their password not long ago: a device that lies open is no way to what stays. */
export const needPasswordGiven = (source: DataSource): RequestHandler =>
  async function (request, response, next) {
    const token = maybeToken(request);
    if (!token) throw notSignedIn();
    const { practice } = signedIn(response);
    const is = await inPractice(source, practice.id, (manager) => isConfirmed(manager, token));
    next(is ? undefined : confirmFirst);
  };

/** The same, and of these only owners of the practice. */
export const needConfirmed = (source: DataSource): RequestHandler => {
  const given = needPasswordGiven(source);
  return (request, response, next) =>
    needOwner(request, response, (problem) =>
      problem ? next(problem) : given(request, response, next),
    );
};
