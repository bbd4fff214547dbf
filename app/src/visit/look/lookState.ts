import { canBeSeen, type FaultRow } from '@taxikine/core/knowledge/faultRow';
import { FAULTS, oneFault, type FaultId } from '@taxikine/core/knowledge/faults';
import {
  GRADES,
  type Grade,
  VIEWS,
  type Pattern,
  type Phase,
  type View,
  type Zone,
} from '@taxikine/core/body/stance/patterns';
import type { MaybeSide } from '@taxikine/core/foundation/sides/side';
import type { SeenFault } from '@taxikine/core/records/case/caseFile';
import type { LookRecord } from '@taxikine/core/records/looks/lookRecord';
import { faultKey } from '@taxikine/core/knowledge/keys';

type Look = LookRecord;

/** What a tap makes of a look, however it stands by then. */
export type LookChange = (latest: Look) => Look;

/** Faults that can happen at this joint, in this pattern, view and phase, under this set-up. */
export function faultsAt(
  pattern: Pattern,
  zone: Zone,
  view: View,
  phase: Phase,
  { setup }: Pick<Look, 'setup'>,
): FaultRow[] {
  const table: readonly FaultRow[] = FAULTS;
  return table.filter(
    (row) =>
      canBeSeen(row, pattern, setup) &&
      row.zone === zone &&
      row.views.includes(view) &&
      row.phases.includes(phase),
  );
}

/** A view from which something at this joint could be seen in this phase, or null. */
export const betterView = (
  pattern: Pattern,
  zone: Zone,
  phase: Phase,
  look: Pick<Look, 'setup'>,
): View | null =>
  VIEWS.find((view) => faultsAt(pattern, zone, view, phase, look).length > 0) ?? null;

export const seenOne = (
  look: Pick<Look, 'faults'>,
  fault: string,
  side: MaybeSide,
): SeenFault | undefined =>
  look.faults.find((one) => one.fault === fault && (one.side ?? null) === side);

const without = (look: Look, key: string): SeenFault[] =>
  look.faults.filter((one) => faultKey(one) !== key);

/** One tap logs a fault as slight; each further tap raises the grade, and then begins again. */
export function tapFault(look: Look, fault: FaultId, side: MaybeSide, phase: Phase): Look {
  const was = seenOne(look, fault, side);
  const grade = was ? GRADES[(GRADES.indexOf(was.grade) + 1) % GRADES.length] : GRADES[0];
  const next: SeenFault = was
    ? { ...was, grade, phase }
    : { fault, ...(side ? { side } : {}), phase, grade };
  const faults = was
    ? look.faults.map((one) => (one === was ? next : one))
    : [...look.faults, next];
  return {
    ...look,
    faults,
    clear: look.clear.filter((one) => one !== fault && !one.startsWith(`${fault}@`)),
  };
}

/** Puts a number on a fault that was seen; the unit comes from the table. */
export function setFaultValue(look: Look, key: string, value: number): Look {
  const faults = look.faults.map((one) =>
    faultKey(one) === key ? { ...one, value, unit: oneFault(one.fault).unit ?? undefined } : one,
  );
  return { ...look, faults };
}

export const removeFault = (look: Look, key: string): Look => ({
  ...look,
  faults: without(look, key),
});

/** Everything that could be seen here and was not: looked for and clear. Again to take it back. */
export function toggleAllClear(look: Look, rows: readonly FaultRow[]): Look {
  const open = rows
    .filter((row) => !look.faults.some((one) => one.fault === row.id))
    .map((row) => row.id as FaultId);
  const already = open.every((id) => look.clear.includes(id));
  const rest = look.clear.filter((one) => !open.some((id) => id === one));
  return { ...look, clear: already ? rest : [...rest, ...open] };
}

export const setFaultGrade = (look: Look, key: string, grade: Grade): Look => ({
  ...look,
  faults: look.faults.map((one) => (faultKey(one) === key ? { ...one, grade } : one)),
});
