// One by one: the whole library would be bundled otherwise.
import { differenceInCalendarDays } from 'date-fns/differenceInCalendarDays';
import { format } from 'date-fns/format';

/** "today", "yesterday", "9 days ago", then the date. */
export function when(instant: string, now: Date = new Date()): string {
  const date = new Date(instant);
  const days = differenceInCalendarDays(now, date);
  if (days <= 0) return 'today';
  if (days === 1) return 'yesterday';
  return days < 21 ? `${days} days ago` : format(date, 'd MMM yyyy');
}

/** "today, 14:05", for several of one day. */
export const whenAt = (instant: string, now: Date = new Date()): string =>
  `${when(instant, now)}, ${format(new Date(instant), 'HH:mm')}`;

/** The local day of the device, as records keep it. */
export const today = (now: Date = new Date()): string => format(now, 'yyyy-MM-dd');
