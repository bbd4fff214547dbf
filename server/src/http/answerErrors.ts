import type { ErrorRequestHandler } from 'express';
import type { Logger } from 'pino';
import { translated } from '../database/databaseErrors';
import { AppError } from '../ground/errors';

/** Express and its parsers tell by a status what is wrong with a request. */
const isOfRequest = (error: unknown): error is Error & { status: number } => {
  const { status } = error as { status?: unknown };
  return error instanceof Error && typeof status === 'number' && status >= 400 && status < 500;
};

/** Express's own errors, as ours. */
function ofExpress(error: unknown): unknown {
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
  if (isOfRequest(error) && !(error instanceof AppError))
    return new AppError(
      error.status,
      {
        code: 'bad-request',
        message: 'The request cannot be read.',
        hint: 'Nothing was written.',
      },
      { cause: error },
    );
  return error;
}

/** The one place where errors become HTTP: one shape, and the cause only in the log. */
export const answerErrors = (log: Logger): ErrorRequestHandler =>
  function (raised, request, response, _next) {
    const error = ofExpress(translated(raised));
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
