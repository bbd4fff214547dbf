import type { EntityManager } from 'typeorm';
import { noteDeed, type NewDeed } from './noteDeed';

/**
 * Keeps something that is asked for again and again as done once in so many minutes, whichever process of the server is
 * asked, and however many requests come at once.
 *
 * @param withinMin the same deed of the same coach to the same client, with the same detail, within so many minutes
 */
export async function noteDeedOnce(
  manager: EntityManager,
  deed: NewDeed,
  withinMin: number,
): Promise<void> {
  const { by, deed: what, to = null, detail = '' } = deed;
  await manager.query('SELECT pg_advisory_xact_lock(hashtextextended($1, 0))', [
    [by, what, to, detail].join('|'),
  ]);
  const [known] = await manager.query(
    `SELECT 1 FROM deed WHERE done_on > now() - make_interval(mins => $5)
       AND done_by = $1 AND deed = $2 AND done_to IS NOT DISTINCT FROM $3 AND detail = $4 LIMIT 1`,
    [by, what, to, detail, withinMin],
  );
  if (!known) await noteDeed(manager, deed);
}
