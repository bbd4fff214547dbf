import { type CheckRow, oneCheck } from '@taxikine/core/knowledge/checks';
import { oneFault, type ClearKey, type FaultLevel } from '@taxikine/core/knowledge/faults';
import { maybeScaled } from '@taxikine/core/records/checks/plainReading';
import type { MaybeSide } from '@taxikine/core/foundation/sides/side';
import type { SeenFault } from '@taxikine/core/records/case/caseFile';
import { rangeRatio } from '@taxikine/core/inference/trace/rangeRatio';
import { NOTHING_SEEN } from '@taxikine/core/records/looks/nothingSeen';
import type { LookRecord } from '@taxikine/core/records/looks/lookRecord';
import { faultKey } from '@taxikine/core/knowledge/keys';
import type { VisitFile } from '@taxikine/core/inference/case/visitFile';

/** The retest opens with the set-up of the first look, locked. */
export const newAgain = (first: LookRecord): LookRecord => ({
  ...first,
  id: crypto.randomUUID(),
  role: 'again',
  ...NOTHING_SEEN,
  startedOn: new Date().toISOString(),
});

/** Grades a fault of the first look again; `clear` says that it is gone. */
export function regrade(again: LookRecord, before: SeenFault, level: FaultLevel): LookRecord {
  const key = faultKey(before);
  const was = again.faults.find((one) => faultKey(one) === key);
  const rest = again.faults.filter((one) => faultKey(one) !== key);
  if (level !== 'clear') {
    const fault: SeenFault = {
      ...before,
      value: was?.value,
      unit: was?.value === undefined ? undefined : before.unit,
      grade: level,
    };
    return {
      ...again,
      faults: [...rest, withoutUndefined(fault)],
      clear: again.clear.filter((one) => one !== before.fault && one !== key),
    };
  }
  const gone = key as ClearKey;
  return {
    ...again,
    faults: rest,
    clear: again.clear.includes(gone) ? again.clear : [...again.clear, gone],
  };
}

const withoutUndefined = (fault: SeenFault): SeenFault =>
  Object.fromEntries(
    Object.entries(fault).filter(([, value]) => value !== undefined),
  ) as unknown as SeenFault;

/** Puts a number on a fault graded again. */
export function revalue(again: LookRecord, before: SeenFault, value: number): LookRecord {
  const key = faultKey(before);
  const graded = again.faults.some((one) => faultKey(one) === key)
    ? again
    : regrade(again, before, before.grade);
  return {
    ...graded,
    faults: graded.faults.map((one) =>
      faultKey(one) === key
        ? { ...one, value, unit: oneFault(before.fault).unit ?? undefined }
        : one,
    ),
  };
}

/** Checks worth taking again: the ranges that were short the first time. */
export function checksToRepeat({ checks }: VisitFile): { row: CheckRow; side: MaybeSide }[] {
  return checks
    .filter((one) => one.role === 'first')
    .map((one) => ({ row: oneCheck(one.check), side: one.side, value: maybeScaled(one) }))
    .filter(
      ({ row, value }) => row.type === 'range' && value !== null && rangeRatio(value, row.norm) > 1,
    );
}
