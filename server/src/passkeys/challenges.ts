import type { DataSource } from 'typeorm';

/** So long a device may take to ask whoever holds it. */
const GOOD_FOR_MIN = 5;

/** Keeps what a device is asked to sign. */
export const keepChallenge = (source: DataSource, challenge: string): Promise<unknown> =>
  source.query(
    `INSERT INTO passkey_challenge (challenge, expires_at)
     VALUES ($1, now() + make_interval(mins => $2))`,
    [challenge, GOOD_FOR_MIN],
  );

/** Uses one up; false when it was not asked, or is used or too old. */
export async function useChallenge(source: DataSource, challenge: string): Promise<boolean> {
  const [used] = await source.query(
    'DELETE FROM passkey_challenge WHERE challenge = $1 AND expires_at > now() RETURNING 1',
    [challenge],
  );
  return used.length > 0;
}

/** Lets go of what was never signed. */
export const tidyChallenges = (source: DataSource): Promise<unknown> =>
  source.query('DELETE FROM passkey_challenge WHERE expires_at < now()');
