import { repeatsIn, type CheckRepeats } from './repeatsIn';
import type { CheckRecord } from '../../records/checks/checkRecord';
import type { ClientFile } from '../../records/clientFile';
import type { DrillRecord } from '../../records/drills/drillRecord';
import type { LookRecord, LookRole } from '../../records/looks/lookRecord';
import type { PictureRecord } from '../../records/pictures/pictureRecord';
import type { ProbeRecord } from '../../records/probes/probeRecord';
import type { Versioned } from '../../records/versioned';
import type { VisitRecord } from '../../records/visits/visitRecord';

/** One visit with what was done in it, removed things left out. */
export interface VisitPart {
  readonly client: ClientFile['client'];
  readonly visit: Versioned<VisitRecord>;
  readonly first: Versioned<LookRecord> | null;
  readonly again: Versioned<LookRecord> | null;
  readonly probes: readonly Versioned<ProbeRecord>[];
  readonly checks: readonly Versioned<CheckRecord>[];
  /** In the order in which they are to be done. */
  readonly drills: readonly Versioned<DrillRecord>[];
  readonly pictures: readonly Versioned<PictureRecord>[];
  /** What was read more than once of each check, in every visit there is: how steady the readings are. */
  readonly repeats: readonly CheckRepeats[];
}

/** What was done in one visit. */
export function visitPart(file: ClientFile, visit: Versioned<VisitRecord>): VisitPart {
  const visitId = visit.id;
  const ours = <T extends { visitId: string }>(all: readonly T[]) =>
    all.filter((one) => one.visitId === visitId);
  const look = (role: LookRole) => ours(file.looks).find((one) => one.role === role) ?? null;
  return {
    client: file.client,
    visit,
    first: look('first'),
    again: look('again'),
    probes: ours(file.probes).filter((one) => !one.removed),
    checks: ours(file.checks).filter((one) => !one.removed),
    drills: ours(file.drills)
      .filter((one) => !one.removed)
      .sort((a, b) => a.place - b.place),
    repeats: repeatsIn(file.checks),
    pictures: ours(file.pictures).filter((one) => !one.removed),
  };
}
