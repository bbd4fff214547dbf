import type { RequestHandler } from 'express';
import { ownerOnly } from '../people/oneHeldBy';
import { signedIn } from './needSession';

/** Lets only owners of the practice pass; behind `needSession`. */
export const needOwner: RequestHandler = function (_request, response, next) {
  next(signedIn(response).coach.role === 'owner' ? undefined : ownerOnly);
};
