import type { Clearance, Day } from '../visit/records';

/** As long as an operation counts as recent; older words hold no longer than what they were about. */
const HOLDS_MS = 84 * 86_400_000;

/** What clinicians cleared lately, as of a day, and for what: the newest word on each question, by its day. */
export function clearedFor(clearances: readonly Clearance[], onDay: Day): readonly string[] {
  const lately = clearances
    .filter(({ on }) => Date.parse(onDay) - Date.parse(on) <= HOLDS_MS)
    .sort((a, b) => a.on.localeCompare(b.on));
  const newest = lately.filter(
    ({ question }, i) => !lately.slice(i + 1).some((later) => later.question === question),
  );
  return newest.map(
    ({ by, on, scope }) => `Cleared by ${by} on ${on} for “${scope}”: keep to that.`,
  );
}
