import type { Dose } from '../knowledge/drillRow';
import { KIT } from '../knowledge/kit';
import type { Weekday } from '../knowledge/weekdays';
import { familyOrder } from '../knowledge/workOrder';
import { maybeFitted, doseMinutes, setSeconds } from '../planning/doseSeconds';
import { bestWeek, type WeekDay, type WeekItem, type WeekProblem } from './bestWeek';
import { weekFrom } from './calendarDay';
import type { ClockTime } from './clockTime';
import { isBeforeTraining, isInTraining } from './momentsFor';
import { missingParts, timeInPosition, type Part, type TimeInPosition } from './threeParts';
import { weekDrill, type WeekDrill, type WeekInput, type WeekStage } from './weekInput';
import { brokenWeekRules, type BrokenWeekRule } from './weekRules';
import type { DoseAt } from './homePlan';

/** A dose in its place. */
export interface PlacedDose extends DoseAt {
  readonly dose: Dose;
  readonly minutes: number;
  /** Put there by hand. */
  readonly pinned: boolean;
  /** Done at home for the first time. */
  readonly first: boolean;
}

/** Why a drill is in the week less often than it was asked for. */
export type DroppedWhy =
  'minutes' | 'days' | 'training' | 'rest-days' | 'one-new' | 'kit' | 'flag' | 'by-hand';

export interface DroppedDoses {
  readonly key: string;
  readonly asked: number;
  readonly placed: number;
  readonly why: DroppedWhy;
  readonly says: string;
}

/** A day on which more is asked than there is time for. */
export interface FullDay {
  readonly day: Weekday;
  readonly asked: number;
  readonly there: number;
}

export type WeekPlan =
  | { readonly status: 'no-room'; readonly why: 'no-days' | 'no-minutes' | 'no-drills' }
  | {
      readonly status: 'planned';
      /** Shown to be worth most; false for a week so crowded that the search was ended early. */
      readonly exact: boolean;
      readonly drills: readonly WeekDrill[];
      /** By day, then time, then in the order in which they are done. */
      readonly doses: readonly PlacedDose[];
      readonly full: readonly FullDay[];
      readonly dropped: readonly DroppedDoses[];
      readonly broken: readonly BrokenWeekRule[];
      readonly missing: readonly Part[];
      readonly time: readonly TimeInPosition[];
    };

const isPattern = ({ row }: WeekDrill): boolean => row.family === 'pattern';

/** A pattern that is longer than the day is done in fewer sets: it is for every day. */
function fittedTo(minutes: number, drill: WeekDrill): WeekDrill {
  if (!isPattern(drill) || drill.minutes <= minutes) return drill;
  const dose = maybeFitted(drill.dose, minutes);
  return dose ? { ...drill, dose, minutes: doseMinutes(dose) } : drill;
}

/** Times of a day at which a drill may be done; a sitting is taken to fill the minutes of its day. */
function momentsOf({ row }: WeekDrill, day: Weekday, input: WeekInput): ClockTime[] {
  const { moments, trainings, minutes } = input;
  return moments.filter((at) => {
    const sitting = { day, at, minutes };
    if (isInTraining(sitting, trainings)) return false;
    return row.family !== 'hold' || !isBeforeTraining(sitting, trainings);
  });
}

/** Days of the week that suit so many times a week: as far from one another as they can be. */
export function spread(days: readonly Weekday[], times: number): Set<Weekday> {
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

function problemOf(
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

/** So many of a list, as evenly apart as can be. */
const evenly = <T>(list: readonly T[], count: number): T[] =>
  count <= 1
    ? list.slice(0, count)
    : Array.from(
        { length: count },
        (_, i) => list[Math.round((i * (list.length - 1)) / (count - 1))],
      );

/** Times for the sittings of one drill on one day; those put by hand keep theirs. */
function timesOf(drill: WeekDrill, day: Weekday, count: number, input: WeekInput): ClockTime[] {
  const pinned = input.wish.pinned
    .filter((one) => one.key === drill.key && one.day === day)
    .map(({ at }) => at);
  const free = momentsOf(drill, day, input).filter((at) => !pinned.includes(at));
  const left = count - pinned.length;
  if (left <= 0) return pinned;
  // Calm and long belongs to the end of the day, all else together to its beginning.
  const rest = drill.rhythm.kind === 'few-long' ? free.slice(-left) : evenly(free, left);
  return [...pinned, ...rest];
}

/** Places every sitting at a time of its day, in the order of the approach, the pattern last. */
function placed(
  counts: readonly (readonly number[])[],
  days: readonly Weekday[],
  drills: readonly WeekDrill[],
  input: WeekInput,
  introduces: boolean,
): PlacedDose[] {
  const order = familyOrder(input.approach);
  const place = ({ row }: WeekDrill) => order.indexOf(row.family);
  const sorted = drills
    .map((drill, i) => ({ drill, i }))
    .sort((a, b) => place(a.drill) - place(b.drill) || a.i - b.i);
  const seen = new Set<string>();
  return days.flatMap((day, d) => {
    const doses = sorted.flatMap(({ drill, i }) =>
      timesOf(drill, day, counts[d][i], input).map((at) => ({ drill, at })),
    );
    return doses
      .map((one, i) => ({ ...one, i }))
      .sort((a, b) => a.at.localeCompare(b.at) || a.i - b.i)
      .map(({ drill, at }): PlacedDose => {
        const { key, dose, minutes, known } = drill;
        const first = introduces && !known && !seen.has(key);
        seen.add(key);
        const pinned = input.wish.pinned.some(
          (one) => one.key === key && one.day === day && one.at === at,
        );
        return { key, day, at, dose, minutes, pinned, first };
      });
  });
}

const WHY_SAYS: Readonly<Record<Exclude<DroppedWhy, 'kit' | 'flag'>, string>> = {
  minutes: 'the minutes of the day are full',
  days: 'there are no more days, or times in a day',
  training: 'training takes the time for it',
  'rest-days': 'the same part rests for a day between',
  'one-new': 'one new thing at a time',
  'by-hand': 'taken away by hand',
};

/** The first of the rules that alone keeps a drill from being there as often as it was asked for. */
function whyDropped(
  i: number,
  {
    problem,
    counts,
    input,
  }: { problem: WeekProblem; counts: readonly (readonly number[])[]; input: WeekInput },
): DroppedWhy {
  const item = problem.items[i];
  if (input.wish.off.some(({ key }) => key === item.key)) return 'by-hand';
  const possible = problem.days.reduce((sum, { most }) => sum + most[i], 0);
  if (possible < item.perWeek) {
    const times = input.days.length * input.moments.length;
    return times < item.perWeek || input.trainings.length === 0 ? 'days' : 'training';
  }
  const room = problem.days.some(
    (day, d) =>
      counts[d][i] < day.most[i] &&
      problem.items.reduce((sum, one, j) => sum + one.minutes * counts[d][j], 0) + item.minutes <=
        day.minutes,
  );
  if (!room) return 'minutes';
  return item.tires.length > 0 ? 'rest-days' : item.staged ? 'one-new' : 'minutes';
}

/** Drills that cannot be done at home at all, and the ones that can. */
function sorted(drills: readonly WeekDrill[], { kit, flags }: WeekInput) {
  const against = (one: WeekDrill): DroppedDoses | null => {
    const flag = one.row.excludedBy.find((id) => flags.includes(id));
    const lacks = one.row.kit.find((id) => !kit.includes(id));
    if (!flag && !lacks) return null;
    const says = flag
      ? `not with ${flag.replaceAll('-', ' ')}`
      : `needs: ${KIT.find(({ id }) => id === lacks)!.name.toLowerCase()}`;
    return { key: one.key, asked: one.perWeek, placed: 0, why: flag ? 'flag' : 'kit', says };
  };
  return {
    can: drills.filter((one) => one.perWeek > 0 && !against(one)),
    cannot: drills.flatMap((one) => (one.perWeek > 0 ? (against(one) ?? []) : [])),
  };
}

/** Minutes that would be asked of a day if everything were there on the days that suit it. */
const askedOn = ({ items }: WeekProblem, { suits, most }: WeekDay): number =>
  items.reduce((sum, { minutes }, i) => sum + (suits[i] ? minutes * most[i] : 0), 0);

/**
 * The home doses of a week: which drill on which day and at what time, so that by the worth of each and
 * with less for every further dose of the same, no other week that keeps the rules is worth more. Rules:
 * the minutes of the day, no long hold in the half hour before training, rest days for strength of the
 * same part, the pattern every day, one new thing a day in an introducing week. What the coach put
 * by hand stays, and the rules it breaks are told; what did not fit is told with the reason.
 */
export function planWeek(input: WeekInput, stage: WeekStage): WeekPlan {
  if (input.days.length === 0 || input.moments.length === 0)
    return { status: 'no-room', why: 'no-days' };
  if (input.minutes <= 0) return { status: 'no-room', why: 'no-minutes' };
  const all = input.drills.map((one) => weekDrill(one, input, stage));
  const { can, cannot } = sorted(all, input);
  if (can.length === 0) return { status: 'no-room', why: 'no-drills' };
  const drills = can.map((one) => fittedTo(input.minutes, one));
  const wish = {
    ...input.wish,
    // Held at a time that the day no longer has, a dose is placed by the rule again.
    pinned: input.wish.pinned.filter(
      ({ key, at }) => input.moments.includes(at) && drills.some((one) => one.key === key),
    ),
  };
  const known = { ...input, wish };
  const { problem, days } = problemOf(drills, known, stage);
  const { counts, exact } = bestWeek(problem);
  const doses = placed(counts, days, drills, known, stage.introduces);
  const sittings = (key: string) => doses.filter((one) => one.key === key).length;
  const workMinutes = ({ dose }: WeekDrill) => (dose.sets * setSeconds(dose)) / 60;
  const dropped = drills.flatMap(({ key, perWeek }, i): DroppedDoses[] => {
    const there = sittings(key);
    if (there >= perWeek) return [];
    const why = whyDropped(i, { problem, counts, input: known });
    return [
      { key, asked: perWeek, placed: there, why, says: WHY_SAYS[why as keyof typeof WHY_SAYS] },
    ];
  });
  return {
    status: 'planned',
    exact,
    drills,
    doses,
    full: problem.days.flatMap((day, d) => {
      const asked = askedOn(problem, day);
      return asked > day.minutes ? [{ day: days[d], asked, there: day.minutes }] : [];
    }),
    dropped: [...cannot, ...dropped],
    broken: brokenWeekRules({ doses, drills, input, stage }),
    missing: missingParts(drills),
    time: timeInPosition(drills, workMinutes, sittings),
  };
}
