import type { ClientFile } from '../../records/clientFile';
import type { Day } from '../../foundation/time/instant';
import { addDays, daysFrom } from '../../foundation/time/calendarDay';
import { dayIn } from '../../foundation/time/zoned';
import { maybeDueLook } from './maybeDueLook';
import { whyUnsent } from './whyUnsent';

/** So many days before a look is due its client is told. */
export const REMIND_DAYS_BEFORE = 2;
/** A look that is due since longer than this is a matter for a talk, not for a letter. */
export const REMIND_UNTIL_DAYS = 7;

/**
 * The day of the look that a client is to be reminded of today, or null. Only those are who asked for it, and
 * of each look once.
 *
 * @param today calendar day, `yyyy-mm-dd`
 * @param zone IANA name of the zone whose day it is
 */
export function maybeReminder(file: ClientFile, today: Day, zone = 'UTC'): Day | null {
  const due = file.client.contact?.reminders ? maybeDueLook(file, zone) : null;
  if (!due) return null;
  const inDays = daysFrom(today, due.on);
  if (inDays > REMIND_DAYS_BEFORE || inDays < -REMIND_UNTIL_DAYS) return null;
  const about = { kind: 'review-due', planId: null, dueOn: due.on } as const;
  const recent = addDays(today, -REMIND_UNTIL_DAYS);
  const told = file.messages.some(
    ({ kind, dueOn, askedOn }) =>
      kind === about.kind && (dueOn === due.on || dayIn(new Date(askedOn), zone) > recent),
  );
  return told || whyUnsent(file, about) ? null : due.on;
}
