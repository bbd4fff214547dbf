import type { DataSource } from 'typeorm';
import { AppError } from '../ground/errors';
import { passwordFits } from './passwords';
import { ofAccountFrom, type Tries } from './tries';

export interface Said {
  readonly email: string;
  readonly password: string;
  /** Where the request is from. */
  readonly place: string;
}

/**
 * Asks somebody who is signed in for their password. It is counted as a sign-in is: a session that was stolen is no
 * way to guess at it.
 *
 * @param path the field it came in
 * @throws AppError 422 when it is not theirs, 429 when too much has failed
 */
export async function needPassword(
  source: DataSource,
  tries: Tries,
  { email, password, place }: Said,
  path: string,
): Promise<void> {
  const tried = ofAccountFrom(email, place);
  await tries.begin(tried);
  try {
    const [coach] = await source.query('SELECT password_hash FROM coach_for_sign_in($1)', [email]);
    if (await passwordFits(coach?.password_hash ?? null, password)) return;
    await tries.failed(tried);
  } finally {
    await tries.end(tried);
  }
  throw new AppError(422, {
    code: 'wrong-password',
    message: 'This is not your password now.',
    path,
  });
}
