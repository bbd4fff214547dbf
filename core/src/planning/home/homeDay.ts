import type { Day } from '../../foundation/time/instant';
import { asTheyMayBe, type DoseToday } from './asTheyMayBe';
import { dosesByDay, weekOf, type WhichWeek } from './course';
import type { HomeEntry } from '../../records/homeEntries/homeEntry';
import type { HomePlan } from '../../records/homePlans/homePlan';

export interface HomeDay {
  readonly day: Day;
  readonly week: WhichWeek;
  readonly doses: readonly DoseToday[];
}

/** What there is to do on a day of a plan. */
export const homeDay = (plan: HomePlan, entries: readonly HomeEntry[], day: Day): HomeDay => ({
  day,
  week: weekOf(plan, day),
  doses: asTheyMayBe(dosesByDay(plan)(day), day, entries, plan.answers),
});
