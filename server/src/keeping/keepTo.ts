import type { KeeperShown } from '@taxikine/core';
import type { EntityManager } from 'typeorm';
import { noteDeed } from '../audit/noteDeed';
import { Client } from '../database/entities/Client';
import { AppError, invalid, notFound } from '../ground/errors';

/** Whom a client that is seen here is kept to; null while every coach of the practice sees them. */
export async function keeperOf(
  manager: EntityManager,
  clientId: string,
): Promise<KeeperShown | null> {
  if (!(await manager.existsBy(Client, { id: clientId }))) throw notFound('client');
  const [keeper] = await manager.query(
    `SELECT c.id, c.name FROM kept_client k JOIN coach c ON c.id = k.coach_id
     WHERE k.client_id = $1`,
    [clientId],
  );
  return keeper ?? null;
}

const notYours = new AppError(403, {
  code: 'owner-only',
  message: 'Only an owner keeps a client to somebody else.',
  hint: 'Keep them to yourself, or ask an owner.',
});

/** @throws AppError 422 when nobody of the practice, who is let in, has this id */
export async function needColleague(
  manager: EntityManager,
  coachId: string,
  path: string,
): Promise<void> {
  const [coach] = await manager.query('SELECT ended_on FROM coach WHERE id = $1 FOR SHARE', [
    coachId,
  ]);
  if (!coach) throw invalid('There is nobody like that in the practice.', path);
  if (coach.ended_on) throw invalid('They are not let in any more.', path, 'Choose somebody else.');
}

export interface Keeping {
  readonly clientId: string;
  /** Null to open them to every coach of the practice. */
  readonly to: string | null;
  readonly by: { readonly id: string; readonly role: string };
}

/**
 * Keeps a client to one coach, or opens them to all. Whoever sees them may; an owner for somebody else, too.
 *
 * @throws AppError 404 when they are not seen, 403 for somebody else by no owner, 422 for nobody
 */
export async function keepTo(
  manager: EntityManager,
  { clientId, to, by }: Keeping,
): Promise<KeeperShown | null> {
  const was = await keeperOf(manager, clientId);
  if ((was?.id ?? null) === to) return was;
  if (to !== null && to !== by.id && by.role !== 'owner') throw notYours;
  if (to === null) {
    await manager.query('DELETE FROM kept_client WHERE client_id = $1', [clientId]);
    await noteDeed(manager, { by: by.id, deed: 'client-opened', to: clientId });
    return null;
  }
  await needColleague(manager, to, 'to');
  await manager.query(
    `INSERT INTO kept_client (practice_id, client_id, coach_id)
     VALUES (current_setting('app.practice_id')::uuid, $1, $2)
     ON CONFLICT (practice_id, client_id) DO UPDATE SET coach_id = $2`,
    [clientId, to],
  );
  await noteDeed(manager, { by: by.id, deed: 'client-kept', to: clientId, detail: to });
  return keeperOf(manager, clientId);
}
