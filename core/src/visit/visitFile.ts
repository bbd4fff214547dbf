import type {
  CheckRecord,
  ClientFile,
  DrillRecord,
  LookRecord,
  LookRole,
  ProbeRecord,
  Versioned,
  VisitRecord,
} from './records';

/** One visit with what was done in it, removed things left out. */
export interface VisitFile {
  readonly client: ClientFile['client'];
  readonly visit: Versioned<VisitRecord>;
  readonly first: Versioned<LookRecord> | null;
  readonly again: Versioned<LookRecord> | null;
  readonly probes: readonly Versioned<ProbeRecord>[];
  readonly checks: readonly Versioned<CheckRecord>[];
  /** In the order in which they are to be done. */
  readonly drills: readonly Versioned<DrillRecord>[];
}

/** The part of a client's file that belongs to one visit, or null when there is no such visit. */
export function maybeVisitFile(file: ClientFile, visitId: string): VisitFile | null {
  const visit = file.visits.find((one) => one.id === visitId);
  if (!visit) return null;
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
  };
}
