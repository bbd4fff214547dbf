import type { Weekday } from '../../foundation/time/weekdays';
import type { WeekDay, WeekItem, WeekProblem } from './bestWeek';
import { weekFrom } from '../../foundation/time/calendarDay';
import type { ClockTime } from '../../foundation/time/clockTime';
import { isBeforeTraining, isInTraining } from './momentsFor';
import { isPattern, type WeekDrill, type WeekInput, type WeekStage } from './weekInput';

/** Times of a day at which a drill may be done; a sitting is taken to fill the minutes of its day. */
export function momentsOf({ row }: WeekDrill, day: Weekday, input: WeekInput): ClockTime[] {
  const { moments, trainings, minutes } = input;
  return moments.filter((at) => {
    const sitting = { day, at, minutes };
    if (isInTraining(sitting, trainings)) return false;
    return row.family !== 'hold' || !isBeforeTraining(sitting, trainings);
  });
}

/** Days of the week that suit so many times a week: as far from one another as they can be. */
function spread(days: readonly Weekday[], times: number): Set<Weekday> {
  const count = Math.min(times, days.length);
  return new Set(
    Array.from({ length: count }, (_, i) => days[Math.floor((i * days.length) / count)]),
  );
}

/** The days to fill: the client's, and those on which something was put by hand. */
const daysOf = ({ days, wish }: WeekInput, begins: Weekday): Weekday[] =>
  weekFrom(begins).filter(
    (day) => days.includes(day) || wish.pinned.some((one) => one.day === day),
  );

function dayOf(
  day: Weekday,
  drills: readonly WeekDrill[],
  input: WeekInput,
  begins: Weekday,
): WeekDay {
  const there = input.days.includes(day);
  const isOff = ({ key }: WeekDrill) =>
    input.wish.off.some((one) => one.key === key && one.day === day);
  const inOrder = weekFrom(begins).filter((one) => input.days.includes(one));
  return {
    minutes: there ? input.minutes : 0,
    most: drills.map((one) =>
      there && !isOff(one) ? Math.min(one.rhythm.perDay, momentsOf(one, day, input).length) : 0,
    ),
    held: drills.map(
      ({ key }) => input.wish.pinned.filter((one) => one.key === key && one.day === day).length,
    ),
    suits: drills.map(({ perWeek, rhythm }) =>
      spread(inOrder, Math.ceil(perWeek / rhythm.perDay)).has(day),
    ),
  };
}

/** The last drill of the session that is the pattern itself, unless the coach says how often. */
const dailyPattern = (drills: readonly WeekDrill[], { wish }: WeekInput): WeekDrill | undefined =>
  drills.findLast((one) => isPattern(one) && wish.often[one.key] === undefined);

/** The numbers of a week that is to be filled, and the days they stand for. */
export function weekProblem(
  drills: readonly WeekDrill[],
  input: WeekInput,
  { introduces, begins }: WeekStage,
): { problem: WeekProblem; days: Weekday[] } {
  const week = weekFrom(begins);
  const days = daysOf(input, begins);
  const daily = dailyPattern(drills, input);
  const items = drills.map((one): WeekItem => ({
    ...one,
    must: one === daily,
    staged: introduces && !one.known && !isPattern(one),
  }));
  const isNext = (day: Weekday, before: Weekday) =>
    (week.indexOf(day) - week.indexOf(before) + 7) % 7 === 1;
  return {
    days,
    problem: {
      items,
      days: days.map((day) => dayOf(day, drills, input, begins)),
      follows: days.map((day, d) => isNext(day, days[(d + days.length - 1) % days.length])),
    },
  };
}

/** Minutes that would be asked of a day if everything were there on the days that suit it. */
export const askedOn = ({ items }: WeekProblem, { suits, most }: WeekDay): number =>
  items.reduce((sum, { minutes }, i) => sum + (suits[i] ? minutes * most[i] : 0), 0);
