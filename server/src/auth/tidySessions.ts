import type { EntityManager } from 'typeorm';

/** Lets go of sessions that have run out. */
export const tidySessions = (manager: EntityManager, now: Date): Promise<unknown> =>
  manager.query('DELETE FROM session WHERE expires_at < $1', [now.toISOString()]);
