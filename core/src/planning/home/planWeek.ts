import type { Weekday } from '../../foundation/time/weekdays';
import { doseMinutes, maybeFitted, setSeconds } from '../../knowledge/doseSeconds';
import { bestWeek, type WeekProblem } from './bestWeek';
import { droppedDoses, maybeKeptOut, type DroppedDoses } from './droppedDoses';
import { placedDoses, type PlacedDose } from './placedDoses';
import { missingParts, timeInPosition, type Part, type TimeInPosition } from './threeParts';
import { isPattern, weekDrill, type WeekDrill, type WeekInput, type WeekStage } from './weekInput';
import { askedOn, weekProblem } from './weekProblem';
import { brokenWeekRules, type BrokenWeekRule } from './weekRules';

/** A day on which more is asked than there is time for. */
interface FullDay {
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

/** A pattern that is longer than the day is done in fewer sets: it is for every day. */
function fittedTo(minutes: number, drill: WeekDrill): WeekDrill {
  if (!isPattern(drill) || drill.minutes <= minutes) return drill;
  const dose = maybeFitted(drill.dose, minutes);
  return dose ? { ...drill, dose, minutes: doseMinutes(dose) } : drill;
}

/** Held at a time that the day no longer has, a dose is placed by the rule again. */
const withKnownPins = (input: WeekInput, drills: readonly WeekDrill[]): WeekInput => ({
  ...input,
  wish: {
    ...input.wish,
    pinned: input.wish.pinned.filter(
      ({ key, at }) => input.moments.includes(at) && drills.some((one) => one.key === key),
    ),
  },
});

const fullDays = (problem: WeekProblem, days: readonly Weekday[]): FullDay[] =>
  problem.days.flatMap((day, d) => {
    const asked = askedOn(problem, day);
    return asked > day.minutes ? [{ day: days[d], asked, there: day.minutes }] : [];
  });

/** Minutes of one sitting without its rests. */
const workMinutes = ({ dose }: WeekDrill): number => (dose.sets * setSeconds(dose)) / 60;

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
  const wanted = input.drills
    .map((one) => weekDrill(one, input, stage))
    .filter(({ perWeek }) => perWeek > 0);
  const keptOut = wanted.flatMap((one) => maybeKeptOut(one, input) ?? []);
  const drills = wanted
    .filter(({ key }) => !keptOut.some((one) => one.key === key))
    .map((one) => fittedTo(input.minutes, one));
  if (drills.length === 0) return { status: 'no-room', why: 'no-drills' };
  const known = withKnownPins(input, drills);
  const { problem, days } = weekProblem(drills, known, stage);
  const { counts, exact } = bestWeek(problem);
  const doses = placedDoses(counts, days, drills, known, stage.introduces);
  const sittings = (key: string) => doses.filter((one) => one.key === key).length;
  return {
    status: 'planned',
    exact,
    drills,
    doses,
    full: fullDays(problem, days),
    dropped: [...keptOut, ...droppedDoses({ problem, counts, input: known }, sittings)],
    broken: brokenWeekRules({ doses, drills, input, stage }),
    missing: missingParts(drills),
    time: timeInPosition(drills, workMinutes, sittings),
  };
}
