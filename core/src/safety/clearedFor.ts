import type { Clearance, Day } from '../visit/records';
import { daysFrom } from '../week/calendarDay';

/** As long as an operation counts as recent; older words hold no longer than what they were about. */
const HOLDS_DAYS = 84;

/** What clinicians cleared lately, as of a day, and for what: the newest word on each question. */
export function clearedFor(clearances: readonly Clearance[], onDay: Day): readonly string[] {
  const lately = clearances.filter(({ on }) => daysFrom(on, onDay) <= HOLDS_DAYS);
  const newest = lately.filter(
    ({ question }, i) => !lately.slice(i + 1).some((later) => later.question === question),
  );
  return newest.map(
    ({ by, on, scope }) => `Cleared by ${by} on ${on} for “${scope}”: keep to that.`,
  );
}
