import type { ErrorRequestHandler } from 'express';
import type { Logger } from 'pino';
import { translated } from '../database/databaseErrors';
import { AppError } from '../errors';

/** Express's own parse errors, as ours. */
function ofBodyParser(error: unknown): unknown {
  const { type, limit = 0 } = error as { type?: string; limit?: number };
  if (type === 'entity.parse.failed')
    return new AppError(
      400,
      {
        code: 'broken-json',
        message: 'The request is not readable JSON.',
        hint: 'Nothing was written.',
      },
      { cause: error },
    );
  if (type === 'entity.too.large')
    return new AppError(
      413,
      {
        code: 'too-large',
        message: `The request is larger than ${Math.round(limit / 1024)} kB.`,
        hint: 'Nothing was written.',
      },
      { cause: error },
    );
  return error;
}

/** The one place where errors become HTTP: one shape, and the cause only in the log. */
export const answerErrors = (log: Logger): ErrorRequestHandler =>
  function (raised, request, response, _next) {
    const error = ofBodyParser(translated(raised));
    if (error instanceof AppError) {
      response.status(error.status).json(error.shape);
      return;
    }
    log.error(
      {
        err: { name: (raised as Error).name, stack: (raised as Error).stack },
        method: request.method,
      },
      'unexpected',
    );
    response.status(500).json({
      code: 'unexpected',
      message: 'Something went wrong on our side.',
      hint: 'Nothing was written; the app sends again by itself.',
    });
  };
