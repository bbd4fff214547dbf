import { gateOf } from '../safety/gate';
import type { ClientFile, Step, VisitRecord } from './records';
import { maybeVisitFile } from './visitFile';

export type LooseEndKind = 'blocked' | 'mid-visit' | 'not-retested' | 'look-due';

/** Something about a client that waits for the coach. */
export interface LooseEnd {
  readonly kind: LooseEndKind;
  readonly clientId: string;
  readonly clientName: string;
  readonly visitId: string;
  readonly step: Step;
  /** ISO instant since when it hangs. */
  readonly since: string;
}

/** A look is due again after two weeks. */
const DUE_AFTER_DAYS = 14;
const DAY_MS = 86_400_000;

const latest = (visits: readonly VisitRecord[]): VisitRecord | undefined =>
  [...visits].sort((a, b) => b.openedOn.localeCompare(a.openedOn))[0];

function kindOf(file: ClientFile, visit: VisitRecord, now: Date): LooseEndKind | null {
  if (gateOf(file, visit.id).status === 'blocked') return 'blocked';
  const found = maybeVisitFile(file, visit.id);
  const worked = found?.drills.some((drill) => drill.status === 'done') ?? false;
  if (!visit.closedOn) return worked && !found?.again ? 'not-retested' : 'mid-visit';
  const days = (now.getTime() - new Date(visit.openedOn).getTime()) / DAY_MS;
  return days >= DUE_AFTER_DAYS ? 'look-due' : null;
}

/** The one thing that hangs loose for a client, or null when all is tied. */
export function maybeLooseEnd(file: ClientFile, now: Date): LooseEnd | null {
  const visit = latest(file.visits);
  if (!visit) return null;
  const kind = kindOf(file, visit, now);
  if (!kind) return null;
  const { id: clientId, name: clientName } = file.client;
  return { kind, clientId, clientName, visitId: visit.id, step: visit.step, since: visit.openedOn };
}
