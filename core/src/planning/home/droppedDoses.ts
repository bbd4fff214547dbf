import { KIT } from '../../knowledge/kit';
import { maybeBarred } from '../../inference/safety/maybeBarred';
import type { WeekProblem } from './bestWeek';
import type { WeekDrill, WeekInput } from './weekInput';

/** Why a drill is in the week less often than it was asked for. */
type DroppedWhy = RuleWhy | 'kit' | 'flag' | 'pain';

/** What keeps a drill away that can be done at home. */
type RuleWhy = 'minutes' | 'days' | 'training' | 'rest-days' | 'one-new' | 'by-hand';

export interface DroppedDoses {
  readonly key: string;
  readonly asked: number;
  readonly placed: number;
  readonly why: DroppedWhy;
  readonly says: string;
}

const WHY_SAYS: Readonly<Record<RuleWhy, string>> = {
  minutes: 'the minutes of the day are full',
  days: 'there are no more days, or times in a day',
  training: 'training takes the time for it',
  'rest-days': 'the same part rests for a day between',
  'one-new': 'one new thing at a time',
  'by-hand': 'taken away by hand',
};

/** A week that was filled: sittings by day and item. */
export interface FilledWeek {
  readonly problem: WeekProblem;
  readonly counts: readonly (readonly number[])[];
  readonly input: WeekInput;
}

/** Whether the minutes of some day leave room for one sitting more. */
const hasRoom = ({ problem: { items, days }, counts }: FilledWeek, i: number): boolean =>
  days.some(
    ({ most, minutes }, d) =>
      counts[d][i] < most[i] &&
      items.reduce((sum, one, j) => sum + one.minutes * counts[d][j], 0) + items[i].minutes <=
        minutes,
  );

/** The first of the rules that alone keeps a drill from being there as often as it was asked for. */
function whyDropped(week: FilledWeek, i: number): RuleWhy {
  const { problem, input } = week;
  const { key, perWeek, tires, staged } = problem.items[i];
  if (input.wish.off.some((one) => one.key === key)) return 'by-hand';
  const possible = problem.days.reduce((sum, { most }) => sum + most[i], 0);
  if (possible < perWeek) {
    const times = input.days.length * input.moments.length;
    return times < perWeek || input.trainings.length === 0 ? 'days' : 'training';
  }
  if (!hasRoom(week, i)) return 'minutes';
  return tires.length > 0 ? 'rest-days' : staged ? 'one-new' : 'minutes';
}

/** Drills that are in a week less often than they were asked for. */
export const droppedDoses = (week: FilledWeek, sittings: (key: string) => number): DroppedDoses[] =>
  week.problem.items.flatMap(({ key, perWeek }, i): DroppedDoses[] => {
    const placed = sittings(key);
    if (placed >= perWeek) return [];
    const why = whyDropped(week, i);
    return [{ key, asked: perWeek, placed, why, says: WHY_SAYS[why] }];
  });

/** What keeps a drill out of every week at home; null when nothing does. */
export function maybeKeptOut(
  { key, row, side, perWeek }: WeekDrill,
  { kit, flags, standing = { flags }, pains }: WeekInput,
): DroppedDoses | null {
  const none = { key, asked: perWeek, placed: 0 };
  const barred = maybeBarred(row, side, { ...standing, pains });
  if (barred) return { ...none, why: barred.by, says: barred.says };
  const lacks = KIT.filter(({ id }) => row.kit.includes(id) && !kit.includes(id));
  const names = lacks.map(({ name }) => name.toLowerCase());
  return names.length > 0 ? { ...none, why: 'kit', says: `needs: ${names.join(' · ')}` } : null;
}
