import { hasConsent, openReferrals } from '@taxikine/core';
import { In, IsNull, type EntityManager } from 'typeorm';
import { DrillLog } from '../database/entities/DrillLog';
import { HomePlanRow } from '../database/entities/HomePlanRow';
import { maybeClientFile } from '../records/readFile';

/** Open drills and plans of a client, by their ids. */
async function openOf(manager: EntityManager, clientId: string) {
  const own = { where: { clientId }, select: { id: true } } as const;
  const open = [
    ...(await manager.find(DrillLog, {
      ...own,
      where: { clientId, status: 'planned', removed: false },
    })),
    ...(await manager.find(HomePlanRow, { ...own, where: { clientId, endedOn: IsNull() } })),
  ];
  return open.map(({ id }) => id);
}

/**
 * Ends the open drills and plans that an archive brings for a client whom a safety answer or missing consent holds
 * back: it is no way past the gate, whether the answer comes with it or was here already. What was here stays, held.
 *
 * @param bring adds what the archive has
 * @returns whether there was anything to end
 */
export async function closeHeld(
  manager: EntityManager,
  clientId: string,
  on: string,
  bring: () => Promise<void>,
): Promise<boolean> {
  const before = await openOf(manager, clientId);
  await bring();
  const file = (await maybeClientFile(manager, clientId))!;
  if (hasConsent(file) && openReferrals(file, null).length === 0) return false;
  const brought = (await openOf(manager, clientId)).filter((id) => !before.includes(id));
  const version = () => 'version + 1';
  await manager.update(DrillLog, { id: In(brought) }, { status: 'skipped', version });
  await manager.update(HomePlanRow, { id: In(brought) }, { endedOn: on, version });
  return brought.length > 0;
}
