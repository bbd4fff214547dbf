import type { Day } from '../../foundation/time/instant';
import { addDays, daysFrom } from '../../foundation/time/calendarDay';
import { NO_DOSES, tallied, type DoseTally } from '../../planning/home/doseTally';
import type { ClientSummary, HangingKind } from './clientSummary';

type LooseEndKind = HangingKind | 'look-due';

/** The one thing that hangs loose for a client. */
interface LooseEnd {
  readonly kind: LooseEndKind;
  /** null: it leads to the client and to no visit. */
  readonly visitId: string | null;
  readonly step: string | null;
  /** ISO instant or day since when it hangs. */
  readonly since: string;
}

/** A client in the list, on a day. */
export interface ClientLine extends Omit<ClientSummary, 'hanging' | 'home'> {
  readonly looseEnd: LooseEnd | null;
  readonly week: DoseTally | null;
}

function looseEndOn({ hanging, due }: ClientSummary, today: Day): LooseEnd | null {
  if (hanging) return hanging;
  return due && due.on <= today
    ? { kind: 'look-due', visitId: null, step: null, since: due.on }
    : null;
}

/** The seven days before this one, as far as the course covers them; null where it covers none. */
function weekBehind({ home }: ClientSummary, today: Day): DoseTally | null {
  if (!home) return null;
  const days = Array.from({ length: 7 }, (_, i) => addDays(today, i - 7)).filter((day) => {
    const at = daysFrom(home.startsOn, day);
    return at >= 0 && at < home.planned.length;
  });
  if (days.length === 0) return null;
  return tallied(
    days.map((day) => {
      const planned = home.planned[daysFrom(home.startsOn, day)];
      return home.said[day] ?? { ...NO_DOSES, planned, silent: planned };
    }),
  );
}

/** A summary read on a day. */
export function clientLine(summary: ClientSummary, today: Day): ClientLine {
  const { hanging: _, home: __, ...rest } = summary;
  return { ...rest, looseEnd: looseEndOn(summary, today), week: weekBehind(summary, today) };
}
