import type { RestoreProblem } from '@taxikine/core';
import type { EntityManager } from 'typeorm';
import { Restore } from '../database/entities/Restore';
import { RestorePart } from '../database/entities/RestorePart';
import type { ClientRestored } from './restoreClient';

/** So many of what was refused are told; the rest is counted. */
const MOST_TOLD = 20;

/** The restore while its next file is this one and nobody else is at it; who has it holds it till the end. */
export const maybeNext = (
  manager: EntityManager,
  id: string,
  read: number,
): Promise<Restore | null> =>
  manager.findOne(Restore, {
    where: { id, state: 'waiting', read },
    lock: { mode: 'pessimistic_write' },
  });

/** Counts a client who was looked at. */
export const countClient = (
  manager: EntityManager,
  restore: Restore,
  { became, closed }: ClientRestored,
  touchedOn: string,
) =>
  manager.update(
    Restore,
    { id: restore.id },
    {
      touchedOn,
      read: restore.read + 1,
      [became]: restore[became] + 1,
      closed: restore.closed + (closed ? 1 : 0),
    },
  );

/** Counts a client who was not taken, and tells why. */
export const countRefused = (
  manager: EntityManager,
  { id, read, refused, problems }: Restore,
  problem: RestoreProblem,
  touchedOn: string,
) =>
  manager.update(
    Restore,
    { id },
    {
      touchedOn,
      read: read + 1,
      refused: refused + 1,
      problems: [...problems, problem].slice(0, MOST_TOLD),
    },
  );

/** It is over: the bytes go, what became of it stays. */
export async function endRestore(
  manager: EntityManager,
  id: string,
  how: Partial<Restore> & { state: 'done' | 'refused' | 'failed' },
): Promise<void> {
  await manager.update(Restore, { id }, how);
  await manager.delete(RestorePart, { restoreId: id });
}
