import type { Day } from '../../foundation/time/instant';
import { addDays, daysFrom } from '../../foundation/time/calendarDay';
import { dosesByDay, reviewDays } from './course';
import { tallied, tallyOf, type DoseTally } from './doseTally';
import type { HomeEntry } from '../../records/homeEntries/homeEntry';
import type { HomePlan } from '../../records/homePlans/homePlan';

/**
 * What became of the doses of some days.
 *
 * @param from first day, counted
 * @param before first day that is not counted: today, whose doses may still be done
 */
export function adherence(
  plan: HomePlan,
  entries: readonly HomeEntry[],
  from: Day,
  before: Day,
): DoseTally {
  const doses = dosesByDay(plan);
  const begin = daysFrom(plan.startsOn, from) > 0 ? from : plan.startsOn;
  const days = Array.from({ length: Math.max(0, daysFrom(begin, before)) }, (_, i) =>
    addDays(begin, i),
  );
  return tallied(days.map((on) => tallyOf(doses(on), on, entries)));
}

/** The first day from this one on, on which the pattern is looked at again; null after the course. */
export const nextReview = (plan: Pick<HomePlan, 'startsOn' | 'weeks'>, today: Day): Day | null =>
  reviewDays(plan).find((day) => daysFrom(today, day) >= 0) ?? null;
