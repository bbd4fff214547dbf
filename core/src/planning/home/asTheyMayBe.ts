import type { Day } from '../../foundation/time/instant';
import { maybeDoseLog, type DoseLog, type HomeEntry } from '../../records/homeEntries/homeEntry';
import type { HomeAnswer } from '../../records/homePlans/homePlan';
import { drillState, halvedDose, type DrillState } from './homeState';
import type { PlacedDose } from './placedDoses';

/** A dose of today, as it may be done now. */
export interface DoseToday extends PlacedDose {
  readonly state: DrillState;
  readonly log: DoseLog | null;
}

const asAllowed = (dose: PlacedDose, state: DrillState): PlacedDose =>
  state === 'halved' ? { ...dose, dose: halvedDose(dose.dose), minutes: dose.minutes / 2 } : dose;

/** Doses of one day as the rules leave them; what the coach took out is gone, unless it was done. */
export const asTheyMayBe = (
  doses: readonly PlacedDose[],
  on: Day,
  entries: readonly HomeEntry[],
  answers: readonly HomeAnswer[],
): DoseToday[] =>
  doses.flatMap((dose): DoseToday[] => {
    const state = drillState(dose.key, entries, answers);
    const log = maybeDoseLog(entries, { ...dose, on });
    return state === 'out' && !log ? [] : [{ ...asAllowed(dose, state), state, log }];
  });
