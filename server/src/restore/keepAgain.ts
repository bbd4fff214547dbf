import type { EntityManager } from 'typeorm';
import { keepTo } from '../keeping/keepTo';

/**
 * Keeps a client who comes back as they were kept: to the same coach, and where nobody like that is let in here to the
 * owner who puts them back. They are never open to more than they were.
 */
export async function keepAgain(
  manager: EntityManager,
  clientId: string,
  keptTo: string,
  owner: string,
): Promise<void> {
  const [coach] = await manager.query('SELECT id FROM coach WHERE id = $1 AND ended_on IS NULL', [
    keptTo,
  ]);
  const to = coach ? keptTo : owner;
  await keepTo(manager, { clientId, to, by: { id: owner, role: 'owner' } });
}
