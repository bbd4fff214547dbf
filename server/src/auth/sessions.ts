import type { ConsentWording, PracticeSettings, Role } from '@taxikine/core';
import type { DataSource, EntityManager } from 'typeorm';
import { noteDeed } from '../audit/noteDeed';
import { inPractice } from '../database/inPractice';
import { settingsOf } from '../settings/readSettings';
import { deviceOf } from './deviceOf';
import { passwordFits } from './passwords';
import { hashOfToken, newToken } from './tokens';

export interface SignedIn {
  readonly coach: {
    readonly id: string;
    readonly name: string;
    readonly email: string;
    readonly role: Role;
  };
  readonly practice: PracticeSettings & {
    readonly id: string;
    /** What clients are asked to agree to; null where the practice has not worded it. */
    readonly wording: ConsentWording | null;
  };
}

export const SESSION_DAYS = 14;

/** Whose e-mail and password belong together, otherwise null. */
export async function maybeCoachBy(
  source: DataSource,
  email: string,
  password: string,
): Promise<Omit<Beginning, 'agent'> | null> {
  const rows = await source.query('SELECT * FROM coach_for_sign_in($1)', [email]);
  const coach = rows[0] as { id: string; practice_id: string; password_hash: string } | undefined;
  if (!(await passwordFits(coach?.password_hash ?? null, password)) || !coach) return null;
  return { practiceId: coach.practice_id, coachId: coach.id };
}

export interface Beginning {
  readonly practiceId: string;
  readonly coachId: string;
  /** What the device says of itself. */
  readonly agent: string;
}

/** Lets a coach in: the token of a new session. */
export async function beginSession(
  manager: EntityManager,
  { practiceId, coachId, agent }: Beginning,
): Promise<string> {
  const token = newToken();
  await manager.query(
    `INSERT INTO session (token_hash, practice_id, coach_id, expires_at, agent)
     VALUES ($1, $2, $3, now() + make_interval(days => $4), $5)`,
    [hashOfToken(token), practiceId, coachId, SESSION_DAYS, agent],
  );
  await noteDeed(manager, { by: coachId, deed: 'signed-in', detail: deviceOf(agent) });
  return token;
}

/** Who holds this token, or null when it is unknown or has expired. */
export async function maybeSignedIn(source: DataSource, token: string): Promise<SignedIn | null> {
  const rows = await source.query('SELECT * FROM who_has_session($1)', [hashOfToken(token)]);
  const row = rows[0];
  if (!row) return null;
  return {
    coach: { id: row.coach_id, name: row.coach_name, email: row.email, role: row.role },
    practice: {
      id: row.practice_id,
      ...settingsOf({ ...row, name: row.practice_name }),
      // As the database writes an instant within JSON; as everybody else does.
      wording: row.wording && {
        ...row.wording,
        madeOn: new Date(row.wording.madeOn).toISOString(),
      },
    },
  };
}

/** A sign of a session is kept to so many minutes. */
export const SEEN_EVERY_MIN = 5;

/** Keeps that a session is still in use. */
export const noteSeen = (
  source: DataSource,
  { practice }: SignedIn,
  hash: Buffer,
): Promise<unknown> =>
  inPractice(source, practice.id, (manager) =>
    manager.query(
      `UPDATE session SET seen_on = now()
       WHERE token_hash = $1 AND seen_on < now() - make_interval(mins => $2)`,
      [hash, SEEN_EVERY_MIN],
    ),
  );

/** Ends the session with this token. */
export const signOut = (
  source: DataSource,
  { coach, practice }: SignedIn,
  token: string,
): Promise<unknown> =>
  inPractice(source, practice.id, async (manager) => {
    await manager.query('DELETE FROM session WHERE token_hash = $1', [hashOfToken(token)]);
    await noteDeed(manager, { by: coach.id, deed: 'signed-out' });
  });
