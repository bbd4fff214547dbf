import type { EntityManager } from 'typeorm';
import { noteDeed } from '../audit/noteDeed';
import { AppError, invalid } from '../ground/errors';
import { needColleague } from './keepTo';

/** Whom clients go to: a coach by id, or every coach of the practice. */
export type HandTo = string;
export const TO_ALL = 'all';

const countKept = async (manager: EntityManager, coachId: string): Promise<number> =>
  (
    await manager.query('SELECT count(*)::int AS count FROM kept_client WHERE coach_id = $1', [
      coachId,
    ])
  )[0].count;

const choose = (count: number): AppError =>
  new AppError(422, {
    code: 'hand-over-first',
    message: `Clients are kept to them: ${count}.`,
    path: 'handTo',
    hint: 'Say who sees these clients from now on.',
  });

const opened = (manager: EntityManager, from: string): Promise<unknown> =>
  manager.query('DELETE FROM kept_client WHERE coach_id = $1', [from]);

async function handed(manager: EntityManager, from: string, to: string): Promise<void> {
  if (to === from) throw invalid('They are the one who leaves.', 'handTo', 'Choose somebody else.');
  await needColleague(manager, to, 'handTo');
  await manager.query('UPDATE kept_client SET coach_id = $2 WHERE coach_id = $1', [from, to]);
}

/**
 * Leaves no client with somebody who is not let in any more: those who are kept to them go to another coach, or are
 * opened to all.
 *
 * @param to null when it was not said
 * @throws AppError 422 when there are such clients and it was not said, or it is nobody
 */
export async function handOver(
  manager: EntityManager,
  { from, to, by }: { from: string; to: HandTo | null; by: string },
): Promise<void> {
  const count = await countKept(manager, from);
  if (count === 0) return;
  if (to === null) throw choose(count);
  if (to === TO_ALL) await opened(manager, from);
  else await handed(manager, from, to);
  await noteDeed(manager, { by, deed: 'handed-over', to: from, detail: to });
}
