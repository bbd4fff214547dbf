import type { DataSource } from 'typeorm';
import { hashOfToken, newToken } from '../auth/tokens';
import { AppError } from '../ground/errors';
import { hasPractices } from './makePractice';

const HOURS = 24;

export const goneFounding = new AppError(410, {
  code: 'founded',
  message: 'This address opens nothing any more.',
  hint: 'There is a practice already, or a day has passed: start Taxikine anew for another one.',
});

/**
 * A link for whoever starts a house in which there is no practice. Takes the owner's connection: only who runs the
 * machine can do this.
 *
 * @returns its token, told this once; null where there is a practice
 */
export async function maybeFoundingLink(owner: DataSource): Promise<string | null> {
  if (await hasPractices(owner)) return null;
  const token = newToken();
  await owner.query(
    `INSERT INTO founding_link (token_hash, expires_at) VALUES ($1, now() + make_interval(hours => $2))`,
    [hashOfToken(token), HOURS],
  );
  return token;
}

/** @throws AppError 410 when it opens nothing */
export async function checkFoundingLink(source: DataSource, token: string): Promise<void> {
  const [{ is }] = await source.query('SELECT is_founding_link($1) AS is', [hashOfToken(token)]);
  if (!is) throw goneFounding;
}
