import { QueryFailedError } from 'typeorm';
import { AppError, notFound } from '../errors';

const codeOf = (error: unknown): string | null =>
  error instanceof QueryFailedError
    ? ((error.driverError as { code?: string }).code ?? null)
    : null;

export const isUniqueViolation = (error: unknown): boolean => codeOf(error) === '23505';

/** Somebody else holds the row for longer than was to be waited. */
export const isLockTimeout = (error: unknown): boolean => codeOf(error) === '55P03';

/** PostgreSQL's codes as our own errors; everything else stays what it was. */
export function translated(error: unknown): unknown {
  const code = codeOf(error);
  if (code === '23503') return notFound('client or visit', error);
  if (code === '42501') return notFound('record', error);
  if (code?.startsWith('08') || code?.startsWith('57'))
    return new AppError(
      503,
      {
        code: 'database-away',
        message: 'The database is not answering.',
        hint: 'Nothing is lost: the app sends again by itself.',
      },
      { cause: error },
    );
  return error;
}
