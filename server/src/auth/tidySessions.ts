import type { EntityManager } from 'typeorm';

/** Lets go of sessions, and of links to choose a password, that have run out. */
export async function tidySessions(manager: EntityManager, now: Date): Promise<void> {
  for (const table of ['session', 'coach_link'])
    await manager.query(`DELETE FROM ${table} WHERE expires_at < $1`, [now.toISOString()]);
}
