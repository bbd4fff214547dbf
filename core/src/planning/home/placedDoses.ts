import type { Dose } from '../../knowledge/drillRow';
import type { Weekday } from '../../foundation/time/weekdays';
import { familyOrder } from '../../knowledge/workOrder';
import type { ClockTime } from '../../foundation/time/clockTime';
import type { DoseAt } from '../../records/homePlans/homePlan';
import type { WeekDrill, WeekInput } from './weekInput';
import { momentsOf } from './weekProblem';

/** A dose in its place. */
export interface PlacedDose extends DoseAt {
  readonly dose: Dose;
  readonly minutes: number;
  /** Put there by hand. */
  readonly pinned: boolean;
  /** Done at home for the first time. */
  readonly first: boolean;
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
export function placedDoses(
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
