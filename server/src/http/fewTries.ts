import { rateLimit } from 'express-rate-limit';
import { AppError } from '../errors';

/** Nobody guesses by trying: what fails is let through so many times in a quarter of an hour. */
export const fewTries = (limit: number) =>
  rateLimit({
    windowMs: 15 * 60_000,
    limit,
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
