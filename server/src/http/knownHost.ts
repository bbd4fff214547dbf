import type { RequestHandler } from 'express';
import { AppError } from '../ground/errors';
import { isLoopback } from './isLoopback';

const misdirected = new AppError(421, {
  code: 'unknown-host',
  message: 'This server does not go by that name.',
  hint: 'Its operator sets PUBLIC_URL to the address it is reached at.',
});

/**
 * Answers by its own names alone: a page of somebody else's that has its name led here would otherwise be of the same
 * origin, and read what the coach can.
 *
 * @param names besides those of this machine; null for any, where it is not known which there are
 */
export const knownHost = (names: readonly string[] | null): RequestHandler =>
  function (request, _response, next) {
    const [, name = ''] =
      /^(\[[\da-f:.]+\]|[^:]*)(?::\d+)?$/i.exec(request.headers.host ?? '') ?? [];
    const plain = name.toLowerCase();
    const isKnown = names === null || isLoopback(plain) || names.includes(plain);
    next(isKnown ? undefined : misdirected);
  };
