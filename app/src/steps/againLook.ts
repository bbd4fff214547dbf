import {
  faultKey,
  oneFault,
  type ClearKey,
  type CheckRow,
  type FaultLevel,
  type LookRecord,
  oneCheck,
  type SeenFault,
  type VisitFile,
} from '@taxikine/core';

/** The retest opens with the set-up of the first look, locked. */
export const newAgain = (first: LookRecord): LookRecord => ({
  ...first,
  id: crypto.randomUUID(),
  role: 'again',
  faults: [],
  clear: [],
  pain: [],
  rating: null,
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

/** Checks worth taking again: ranges that a done drill was aimed at, as far as they were measured. */
export function checksToRepeat(
  visit: VisitFile,
): { row: CheckRow; side: 'left' | 'right' | null }[] {
  return visit.checks
    .filter((one) => one.role === 'first' && (one.passive ?? one.active) !== null)
    .filter(
      (one) =>
        one.side === null ||
        visit.drills.some((drill) => drill.side === null || drill.side === one.side),
    )
    .map((one) => ({ row: oneCheck(one.check), side: one.side }))
    .filter(({ row }) => row.type === 'range');
}
