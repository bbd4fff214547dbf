import { WEEKDAYS, type Weekday } from './weekdays';

/** `07:30`: hours and minutes of a day, in the time of the place where the client is. */
export type ClockTime = string;

const DAY_MINUTES = 24 * 60;
const WEEK_MINUTES = 7 * DAY_MINUTES;

/** Minutes since midnight. */
function minutesOf(time: ClockTime): number {
  const [hours, minutes] = time.split(':').map(Number);
  return hours * 60 + minutes;
}

/** Minutes since Monday began. */
export const weekMinute = (day: Weekday, time: ClockTime): number =>
  WEEKDAYS.indexOf(day) * DAY_MINUTES + minutesOf(time);

/** A stretch of the week, in minutes since Monday began; it may begin before Monday or end after Sunday. */
export interface Stretch {
  readonly from: number;
  readonly to: number;
}

/** Whether two stretches share any time; a week is followed by one just like it. */
export const overlap = (a: Stretch, b: Stretch): boolean =>
  [-WEEK_MINUTES, 0, WEEK_MINUTES].some((by) => a.from < b.to + by && b.from + by < a.to);
