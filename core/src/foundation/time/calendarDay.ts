import { WEEKDAYS, type Weekday } from './weekdays';
import type { Day } from './instant';

const DAY_MS = 86_400_000;

/** Days since 1970-01-01; a calendar day has no time zone. */
const numberOf = (day: Day): number => Math.round(Date.parse(`${day}T00:00:00Z`) / DAY_MS);

/** Whether a text in the form of a day names one that there is. */
export function isCalendarDay(text: string): boolean {
  const at = Date.parse(`${text}T00:00:00Z`);
  return Number.isFinite(at) && new Date(at).toISOString().slice(0, 10) === text;
}

/** The calendar day so many days later, or earlier when negative. */
export const addDays = (day: Day, days: number): Day =>
  new Date((numberOf(day) + days) * DAY_MS).toISOString().slice(0, 10);

/** Days from one calendar day to another; negative when the second comes first. */
export const daysFrom = (from: Day, to: Day): number => numberOf(to) - numberOf(from);

/** Day of the week; 1970-01-01 was a Thursday. */
export const weekdayOf = (day: Day): Weekday => WEEKDAYS[(((numberOf(day) + 3) % 7) + 7) % 7];

/** The seven days of a week that begins with this one. */
export const weekFrom = (first: Weekday): Weekday[] => {
  const at = WEEKDAYS.indexOf(first);
  return [...WEEKDAYS.slice(at), ...WEEKDAYS.slice(0, at)];
};
