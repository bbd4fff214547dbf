import type { Day } from '../../foundation/time/instant';
import { addDays } from '../../foundation/time/calendarDay';
import { tallied, tallyOf } from './doseTally';
import { isDose, type HomeEntry } from '../../records/homeEntries/homeEntry';
import type { PagePlan } from './homePage';
import type { PlacedDose } from './placedDoses';

/** Doses that something was said of on a day, as the page knows them: a week is like the next. */
function toldOn({ days }: PagePlan, on: Day, entries: readonly HomeEntry[]): PlacedDose[] {
  const known = days.flatMap(({ doses }) => doses);
  const told = entries.filter(isDose).filter((one) => one.on === on);
  const once = told.filter(
    (one, i) => told.findIndex(({ key, at }) => key === one.key && at === one.at) === i,
  );
  return once.flatMap(({ key, at }) => {
    const dose = known.find((one) => one.key === key);
    return dose ? [{ ...dose, at }] : [];
  });
}

/** Minutes done in the seven days up to and with this one, as far as the page knows. No streaks. */
export function minutesOfPage(plan: PagePlan, entries: readonly HomeEntry[], today: Day): number {
  const days = Array.from({ length: 7 }, (_, i) => addDays(today, -i));
  return tallied(days.map((on) => tallyOf(toldOn(plan, on, entries), on, entries))).minutes;
}
