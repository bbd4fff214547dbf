import { daysFrom } from '@taxikine/core/foundation/time/calendarDay';
import { dayIn, timeIn } from '@taxikine/core/foundation/time/zoned';
// By itself: the whole library would be bundled otherwise.
import { format } from 'date-fns/format';
import { ways } from './ways';

/** The zone whose days are meant: the practice's, or the device's own. */
const zone = (): string | undefined => ways.get().timeZone ?? undefined;

/** "today", "yesterday", "9 days ago", then the date. */
export function when(instant: string, now: Date = new Date()): string {
  const day = dayIn(new Date(instant), zone());
  const days = daysFrom(day, today(now));
  if (days <= 0) return 'today';
  if (days === 1) return 'yesterday';
  return days < 21 ? `${days} days ago` : format(new Date(`${day}T12:00:00`), 'd MMM yyyy');
}

/** "today, 14:05", for several of one day. */
export const whenAt = (instant: string, now: Date = new Date()): string =>
  `${when(instant, now)}, ${timeIn(new Date(instant), zone())}`;

/** The day it is where the practice is, as records keep it. */
export const today = (now: Date = new Date()): string => dayIn(now, zone());
