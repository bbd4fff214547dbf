import type { Cheat } from '@taxikine/core/knowledge/checkGuides';
import type { CheckId } from '@taxikine/core/knowledge/checks';
import type { MaybeSide } from '@taxikine/core/foundation/sides/side';
import { NOTHING_MEASURED } from '@taxikine/core/records/checks/nothingMeasured';
import type { CheckRecord, CheckRole } from '@taxikine/core/records/checks/checkRecord';
import type { VisitFile } from '@taxikine/core/inference/case/visitFile';

/** When in a visit a check is taken: in a look, or right after a drill. */
export interface CheckTime {
  readonly role: CheckRole;
  readonly afterDrill: string | null;
}

/** The record of one check on one side in this visit, or undefined. */
export const maybeCheck = (
  visit: VisitFile,
  { role, afterDrill }: CheckTime,
  check: CheckId,
  side: MaybeSide,
) =>
  visit.checks.find(
    (one) =>
      one.role === role &&
      one.afterDrill === afterDrill &&
      one.check === check &&
      one.side === side,
  );

/** Taken again as it was the first time. */
const heldBefore = ({ checks }: VisitFile, check: CheckId, side: MaybeSide): boolean =>
  checks.find((one) => one.role === 'first' && one.check === check && one.side === side)?.held ??
  false;

export const newCheck = (
  visit: VisitFile,
  time: CheckTime,
  check: CheckId,
  side: MaybeSide,
): CheckRecord => ({
  id: crypto.randomUUID(),
  clientId: visit.client.id,
  visitId: visit.visit.id,
  check,
  side,
  ...NOTHING_MEASURED,
  held: heldBefore(visit, check, side),
  ...time,
  doneOn: new Date().toISOString(),
  removed: false,
});

const NOTHING = ['passive', 'active', 'braced', 'result', 'felt', 'pinch', 'pain'] as const;

/** A check of which nothing is left is taken back. */
export const orRemoved = (record: CheckRecord): CheckRecord => ({
  ...record,
  removed:
    record.removed ||
    (record.cheats.length === 0 && !record.held && NOTHING.every((key) => record[key] === null)),
});

/** What a tap makes of a check, however it stands by then. */
export type CheckChange = (latest: CheckRecord) => CheckRecord;

/** The value in its field; the same again takes it out. */
export const toggled = <K extends 'felt' | 'result' | 'braced' | 'pinch'>(
  record: CheckRecord,
  field: K,
  value: CheckRecord[K],
): CheckRecord => ({ ...record, [field]: record[field] === value ? null : value });

/** With a cheat that was seen, or without it. */
export const withCheat = (record: CheckRecord, cheat: Cheat, seen: boolean): CheckRecord => ({
  ...record,
  cheats: [...record.cheats.filter((one) => one !== cheat), ...(seen ? [cheat] : [])],
});
