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

/** Where a coach is signed in: the one that asks, whose token it is, then the last one seen. */
export async function ownSessions(
  manager: EntityManager,
  coachId: string,
  token: string,
): Promise<SessionShown[]> {
  const own = hashOfToken(token);
  const rows: Row[] = await manager.query(
    `SELECT id, token_hash, agent, begun_on, seen_on FROM session
     WHERE coach_id = $1 AND expires_at > now() ORDER BY token_hash <> $2, seen_on DESC, id`,
    [coachId, own],
  );
  return rows.map(({ id, token_hash, agent, begun_on, seen_on }) => ({
    id,
    device: deviceOf(agent),
    begunOn: begun_on.toISOString(),
    seenOn: seen_on.toISOString(),
    here: token_hash.equals(own),
  }));
}

/** Which of a coach's sessions: one by its id, all but the one with this token, or all. */
export type Which = { readonly id: string } | { readonly allBut: string } | 'all';

/** What a session has to meet to be one of them, and the value for it. */
function conditionOf(which: Which): [condition: string, ...value: unknown[]] {
  if (which === 'all') return ['true'];
  return 'id' in which ? ['id = $2', which.id] : ['token_hash <> $2', hashOfToken(which.allBut)];
}

/** Hashes of the tokens of a coach's sessions. */
export const sessionsOf = async (manager: EntityManager, coachId: string): Promise<Buffer[]> =>
  (
    (await manager.query('SELECT token_hash FROM session WHERE coach_id = $1', [coachId])) as Pick<
      Row,
      'token_hash'
    >[]
  ).map(({ token_hash }) => token_hash);

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
  const [condition, ...value] = conditionOf(which);
  const [rows] = (await manager.query(
    `DELETE FROM session WHERE coach_id = $1 AND ${condition} RETURNING token_hash`,
    [coachId, ...value],
  )) as [{ token_hash: Buffer }[], number];
  return rows.map(({ token_hash }) => token_hash);
}
