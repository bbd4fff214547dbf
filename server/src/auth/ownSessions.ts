import type { SessionShown } from '@taxikine/core';
import type { EntityManager } from 'typeorm';
import { deviceOf } from './deviceOf';
import { hashOfToken } from './tokens';

interface Row {
  readonly id: string;
  readonly token_hash: Buffer;
  readonly agent: string;
  readonly begun_on: Date;
  readonly seen_on: Date;
}

/** Where a coach is signed in, the last one seen first; `token` is of the one that asks. */
export async function ownSessions(
  manager: EntityManager,
  coachId: string,
  token: string,
): Promise<SessionShown[]> {
  const own = hashOfToken(token);
  const rows: Row[] = await manager.query(
    `SELECT id, token_hash, agent, begun_on, seen_on FROM session
     WHERE coach_id = $1 AND expires_at > now() ORDER BY seen_on DESC, id`,
    [coachId],
  );
  return rows.map(({ id, token_hash, agent, begun_on, seen_on }) => ({
    id,
    device: deviceOf(agent),
    begunOn: begun_on.toISOString(),
    seenOn: seen_on.toISOString(),
    here: token_hash.equals(own),
  }));
}

/** Which of a coach's sessions: one by its id, or all but the one with this token. */
export type Which = { readonly id: string } | { readonly allBut: string };

/**
 * Ends sessions of a coach, and of nobody else.
 *
 * @returns hashes of their tokens: what is held of them is forgotten
 */
export async function endSessions(
  manager: EntityManager,
  coachId: string,
  which: Which,
): Promise<Buffer[]> {
  const [condition, value] =
    'id' in which ? ['id = $2', which.id] : ['token_hash <> $2', hashOfToken(which.allBut)];
  const [rows] = (await manager.query(
    `DELETE FROM session WHERE coach_id = $1 AND ${condition} RETURNING token_hash`,
    [coachId, value],
  )) as [{ token_hash: Buffer }[], number];
  return rows.map(({ token_hash }) => token_hash);
}
