import type { DrillRecord } from '@taxikine/core/records/drills/drillRecord';
import type { DoseToday } from '@taxikine/core/planning/home/asTheyMayBe';
import type { DoseDone, DoseEntry, WhyNot } from '@taxikine/core/records/homeEntries/homeEntry';
import type { PagePlan } from '@taxikine/core/planning/home/homePage';

/** What is said of a dose that was, or was not, done. */
export interface Saying {
  readonly done: DoseDone;
  readonly why: WhyNot | null;
  readonly pain: number | null;
  readonly sharp: boolean;
}

/** An entry of one dose, made on this device. */
export const doseEntry = (
  plan: Pick<PagePlan, 'id' | 'version'>,
  { key, at }: Pick<DoseToday, 'key' | 'at'>,
  name: string,
  on: string,
  saying: Saying,
): DoseEntry => ({
  id: crypto.randomUUID(),
  planId: plan.id,
  planVersion: plan.version,
  kind: 'dose',
  on,
  said: new Date().toISOString(),
  key,
  at,
  name: name.slice(0, 120),
  ...saying,
});

/** How much of a dose was done when its player ended. */
export function doneOf({ status, log, dose }: DrillRecord): DoseDone {
  if (status === 'done' && log.length >= dose.sets) return 'done';
  return log.some(({ workedS }) => workedS > 0) ? 'partly' : 'not';
}
