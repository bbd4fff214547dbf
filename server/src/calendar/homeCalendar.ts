import { TZDate } from '@date-fns/tz';
import {
  addDays,
  doseWords,
  drillOf,
  homeDay,
  drillKey,
  maybeOpenPlan,
  reviewDays,
  type ClientFile,
  type Day,
  type DoseToday,
  type HomePlanRecord,
  type PlanAtHome,
} from '@taxikine/core';
import { createEvents, type DateTime, type EventAttributes } from 'ics';

/** The instant of a time of day, where the client is. In an hour that the clocks skip: after it. */
export function instantOf(day: Day, at: string, timeZone: string): Date {
  const [year, month, date] = day.split('-').map(Number);
  const [hours, minutes] = at.split(':').map(Number);
  return new Date(new TZDate(year, month - 1, date, hours, minutes, timeZone).getTime());
}

const inUtc = (instant: Date): DateTime => [
  instant.getUTCFullYear(),
  instant.getUTCMonth() + 1,
  instant.getUTCDate(),
  instant.getUTCHours(),
  instant.getUTCMinutes(),
];

/** In one line: a lone carriage return would begin a line of the calendar's own. */
const oneLine = (text: string): string => text.replaceAll(/[\r\n\u2028\u2029]+/g, ' ');

const dateOnly = (day: Day): DateTime => day.split('-').map(Number) as [number, number, number];

const lineOf = (plan: HomePlanRecord, { key, dose }: DoseToday): string => {
  const one = plan.drills.find((drill) => drillKey(drill) === key)!;
  const name = oneLine(drillOf(one).name);
  return `${one.side ? `${name}, ${one.side}` : name}: ${doseWords(dose)}`;
};

/** What is done at one time of a day. A calendar is seen by others: the title tells no drill. */
function sitting(
  plan: HomePlanRecord,
  practice: string,
  day: Day,
  at: string,
  doses: readonly DoseToday[],
): EventAttributes {
  const minutes = Math.max(1, Math.ceil(doses.reduce((sum, one) => sum + one.minutes, 0)));
  return {
    uid: `${plan.id}-${day}-${at.replace(':', '')}@taxikine`,
    start: inUtc(instantOf(day, at, plan.timeZone)),
    startInputType: 'utc',
    startOutputType: 'utc',
    duration: { minutes },
    title: `${oneLine(practice)}: ${minutes} min`,
    description: doses.map((dose) => lineOf(plan, dose)).join('\n'),
    busyStatus: 'FREE',
  };
}

const review = (plan: HomePlanRecord, practice: string, day: Day): EventAttributes => ({
  uid: `${plan.id}-${day}-review@taxikine`,
  start: dateOnly(day),
  end: dateOnly(addDays(day, 1)),
  title: `${oneLine(practice)}: time to look again`,
  busyStatus: 'FREE',
});

function eventsOf({ plan, entries }: PlanAtHome, practice: string): EventAttributes[] {
  const days = Array.from({ length: 7 * plan.weeks }, (_, i) => addDays(plan.startsOn, i));
  const sittings = days.flatMap((day) => {
    const doses = homeDay(plan, entries, day).doses.filter(
      ({ state }) => state !== 'stopped' && state !== 'out',
    );
    return [...new Set(doses.map(({ at }) => at))].map((at) =>
      sitting(
        plan,
        practice,
        day,
        at,
        doses.filter((one) => one.at === at),
      ),
    );
  });
  return [...sittings, ...reviewDays(plan).map((day) => review(plan, practice, day))];
}

/**
 * The home plan as a calendar (RFC 5545): every sitting at its time where the client is, written in UTC
 * so that no reader has to know the rules of a time zone, and the days to look again. Empty without
 * consent, and while a stop-and-refer answer holds the client back.
 */
export function homeCalendar(file: ClientFile, practice: string, now: Date): string {
  const open = maybeOpenPlan(file);
  const events = open ? eventsOf(open, practice) : [];
  const stamp = inUtc(now);
  const { error, value } = createEvents(
    events.map((one) => ({ ...one, timestamp: now.getTime(), created: stamp })),
    { calName: practice, productId: 'taxikine' },
  );
  if (error || !value) throw error ?? new Error('no calendar');
  return value;
}
