import { DatabaseError } from 'pg';
import {
  QueryFailedError,
  QueryRunnerAlreadyReleasedError,
  QueryRunnerProviderAlreadyReleasedError,
} from 'typeorm';
import { AppError, notFound } from '../ground/errors';

/** The SQLSTATE, whether TypeORM asked or we asked by ourselves. */
function codeOf(error: unknown): string | null {
  const raised: unknown = error instanceof QueryFailedError ? error.driverError : error;
  const isAnswer = error instanceof QueryFailedError || raised instanceof DatabaseError;
  return isAnswer ? ((raised as { code?: string }).code ?? null) : null;
}

export const isUniqueViolation = (error: unknown): boolean => codeOf(error) === '23505';

/** Somebody else holds the row for longer than was to be waited. */
export const isLockTimeout = (error: unknown): boolean => codeOf(error) === '55P03';

const busy = (cause: unknown): AppError =>
  new AppError(
    503,
    {
      code: 'busy',
      message: 'The server has too much to do just now.',
      hint: 'Nothing is lost: the app sends again by itself.',
    },
    { cause },
  );

const away = (cause: unknown): AppError =>
  new AppError(
    503,
    {
      code: 'database-away',
      message: 'The database is not answering.',
      hint: 'Nothing is lost: the app sends again by itself.',
    },
    { cause },
  );

/** The driver and its pool say in words alone that no connection was free, or none was made in time, */
const TOO_LATE =
  /^(timeout exceeded when trying to connect|Connection terminated due to connection timeout|timeout expired)$/;
/** or that the one there was is gone. */
const GONE =
  /^(Connection terminated( unexpectedly)?|Client (has encountered a connection error|was closed) and is not queryable)$/;
const NO_LINE = ['ECONNREFUSED', 'ECONNRESET', 'EPIPE', 'ENOENT'];

/** What went wrong on the way to the database, where it is not the database that says so; null otherwise. */
function maybeOfLine(error: unknown): AppError | null {
  // Its line went between two of its questions.
  if (error instanceof QueryRunnerAlreadyReleasedError) return away(error);
  if (error instanceof QueryRunnerProviderAlreadyReleasedError) return away(error);
  const raised: unknown = error instanceof QueryFailedError ? error.driverError : error;
  const { message = '', code = '', syscall } = (raised ?? {}) as Partial<NodeJS.ErrnoException>;
  if (TOO_LATE.test(message)) return busy(error);
  const isLost = syscall !== undefined && NO_LINE.includes(code);
  return isLost || GONE.test(message) ? away(error) : null;
}

/** Whether the database, or the line to it, is away or too busy: what will be well again by itself. */
export function isAway(error: unknown): boolean {
  const known = translated(error);
  return known instanceof AppError && known.status === 503;
}

/** PostgreSQL's codes as our own errors; everything else stays what it was. */
export function translated(error: unknown): unknown {
  const code = codeOf(error);
  // Waited for a row, or worked, for longer than anything may.
  if (code === '55P03' || code === '57014') return busy(error);
  if (code === '23503') return notFound('client or visit', error);
  if (code === '42501') return notFound('record', error);
  // Data exceptions: a text, a number or a date that has no place there.
  if (code?.startsWith('22'))
    return new AppError(
      422,
      {
        code: 'invalid',
        message: 'Something in the request cannot be kept as it is.',
        hint: 'Nothing was written.',
      },
      { cause: error },
    );
  // Ended from there: it stops, or the transaction did nothing for too long.
  if (code?.startsWith('08') || code?.startsWith('57') || code === '25P03') return away(error);
  return maybeOfLine(error) ?? error;
}
