import { INVITE_DAYS, RESET_MINUTES, type WelcomeShown } from '@taxikine/core';
import type { DataSource, EntityManager } from 'typeorm';
import { hashOfToken, newToken } from '../auth/tokens';
import { AppError } from '../ground/errors';

export type Purpose = WelcomeShown['purpose'];

/** Whose link it is. */
export interface CoachLinkHolder {
  readonly coachId: string;
  readonly practiceId: string;
  readonly shown: WelcomeShown;
}

/** One answer for a link that ran out, was used, was taken back, and never was. */
const goneLink = new AppError(410, {
  code: 'link-gone',
  message: 'This link has run out, or was used already.',
  hint: 'Ask for a new one.',
});

const MINUTES: Readonly<Record<Purpose, number>> = {
  invite: INVITE_DAYS * 24 * 60,
  reset: RESET_MINUTES,
};

/** Takes back what was open for a coach. */
export const dropCoachLinks = (manager: EntityManager, coachId: string): Promise<unknown> =>
  manager.query('DELETE FROM coach_link WHERE coach_id = $1', [coachId]);

/** A link for a coach, in place of those that were open. Its token is told this once and not kept. */
export async function makeCoachLink(
  manager: EntityManager,
  { practiceId, coachId, purpose }: { practiceId: string; coachId: string; purpose: Purpose },
): Promise<string> {
  await dropCoachLinks(manager, coachId);
  const token = newToken();
  await manager.query(
    `INSERT INTO coach_link (token_hash, practice_id, coach_id, purpose, expires_at)
     VALUES ($1, $2, $3, $4, now() + make_interval(mins => $5))`,
    [hashOfToken(token), practiceId, coachId, purpose, MINUTES[purpose]],
  );
  return token;
}

/** @throws AppError 410 when it opens nothing */
export async function oneCoachLink(source: DataSource, token: string): Promise<CoachLinkHolder> {
  const [row] = await source.query('SELECT * FROM who_has_coach_link($1)', [hashOfToken(token)]);
  if (!row) throw goneLink;
  const { coach_id: coachId, practice_id: practiceId, coach_name: name, email, purpose } = row;
  return { coachId, practiceId, shown: { name, email, practice: row.practice_name, purpose } };
}

/** Uses a link up; of two who do so at once it is one. @throws AppError 410 for the other */
export async function useUp(manager: EntityManager, coachId: string, token: string): Promise<void> {
  const [, count] = await manager.query('DELETE FROM coach_link WHERE token_hash = $1', [
    hashOfToken(token),
  ]);
  if (count === 0) throw goneLink;
  await dropCoachLinks(manager, coachId);
}
