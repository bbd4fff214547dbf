import type { RequestHandler } from 'express';
import { AppError } from '../ground/errors';

const refuse = new AppError(403, {
  code: 'foreign-origin',
  message: 'Writes are taken only from the app itself.',
  hint: 'Send the header X-Taxikine: 1 from the same origin.',
});

const READS = new Set(['GET', 'HEAD', 'OPTIONS']);

/**
 * Against cross-site requests, beside the SameSite cookie: a write carries a header that a foreign
 * page cannot set without asking first, and an Origin, if any, that is our own.
 */
export const sameOrigin: RequestHandler = (request, _response, next) => {
  if (READS.has(request.method)) return next();
  const { origin, host } = request.headers;
  const own = origin === undefined || (URL.canParse(origin) && new URL(origin).host === host);
  next(own && request.headers['x-taxikine'] === '1' ? undefined : refuse);
};
