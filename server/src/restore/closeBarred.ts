import { hasConsent, openReferrals, type ClientFile } from '@taxikine/core';
import { In, IsNull, type EntityManager } from 'typeorm';
import { DrillLog } from '../database/entities/DrillLog';
import { HomePlanRow } from '../database/entities/HomePlanRow';
import { maybeBarredDrill, maybeBarredRung } from '../records/maybeBarredDrill';

/** Ids of what is open of a client. */
export interface Open {
  readonly drills: readonly string[];
  readonly plans: readonly string[];
}

/** What of a client is open here. */
export async function openHere(manager: EntityManager, clientId: string): Promise<Open> {
  const drills = await manager.find(DrillLog, {
    where: { clientId, status: 'planned', removed: false },
    select: { id: true },
  });
  const plans = await manager.find(HomePlanRow, {
    where: { clientId, endedOn: IsNull() },
    select: { id: true },
  });
  const idsOf = (rows: readonly { id: string }[]) => rows.map(({ id }) => id);
  return { drills: idsOf(drills), plans: idsOf(plans) };
}

const isHeld = (file: ClientFile): boolean =>
  !hasConsent(file) || openReferrals(file, null).length > 0;

/**
 * Ends what an archive brought that may not be given to this client: an archive is no way past what would refuse it
 * drill by drill. For a client whom a safety answer or missing consent holds back that is all that is open, whether
 * the answer came with it or was here already; else the drills that a flag or a pain of their visit keeps out. A plan
 * for home leaves such drills out by itself. What was here stays.
 *
 * @param file as it is with the archive
 * @param before what was open without it
 * @returns whether there was anything to end
 */
export async function closeBarred(
  manager: EntityManager,
  file: ClientFile,
  before: Open,
  on: string,
): Promise<boolean> {
  const after = await openHere(manager, file.client.id);
  const held = isHeld(file);
  const isBarred = (id: string) => {
    const drill = file.drills.find((one) => one.id === id);
    return !drill || (maybeBarredDrill(file, drill) ?? maybeBarredRung(file, drill)) !== null;
  };
  const brought = after.drills.filter((id) => !before.drills.includes(id));
  const drills = brought.filter((id) => held || isBarred(id));
  const plans = held ? after.plans.filter((id) => !before.plans.includes(id)) : [];
  const version = () => 'version + 1';
  await manager.update(DrillLog, { id: In(drills) }, { status: 'skipped', version });
  await manager.update(HomePlanRow, { id: In(plans) }, { endedOn: on, version });
  return drills.length + plans.length > 0;
}
