import type { DrillRow, Dose } from '../../knowledge/drillRow';
import { REGION_OF_CAUSE } from '../../knowledge/regionOfCause';
import type { Weekday } from '../../foundation/time/weekdays';
import type { Standing } from '../../inference/safety/standing';
import type { MaybeSide } from '../../foundation/sides/side';
import type { Pain } from '../../records/case/caseFile';
import { drillKey, causeOfKey } from '../../knowledge/keys';
import { doseMinutes } from '../../knowledge/doseSeconds';
import { drillOf } from '../../records/drills/drillOf';
import { lighter, rhythmOf, sittingOf, type Rhythm } from './rhythm';
import type { HomeDrill, HomePlan } from '../../records/homePlans/homePlan';

/** Which week of a course it is. */
export interface WeekStage {
  /** What is new comes one thing a day. */
  readonly introduces: boolean;
  /** A lighter week. */
  readonly deload: boolean;
  /** Day of the week with which the plan's weeks begin. */
  readonly begins: Weekday;
}

/** What of a plan decides where its doses go. */
export type WeekInput = Pick<
  HomePlan,
  'approach' | 'minutes' | 'days' | 'moments' | 'trainings' | 'kit' | 'flags' | 'drills' | 'wish'
> & {
  /** What stands about the client today; its flags alone, where that is all that is known. */
  readonly standing?: Standing;
  /** What was last told to hurt; nothing, where nobody looked. */
  readonly pains?: readonly Pain[];
};

/** A drill of the plan with everything that is worked out of it. */
export interface WeekDrill {
  readonly key: string;
  readonly row: DrillRow;
  readonly side: MaybeSide;
  readonly targets: readonly string[];
  readonly rhythm: Rhythm;
  /** One sitting. */
  readonly dose: Dose;
  readonly minutes: number;
  readonly worth: number;
  readonly known: boolean;
  /** Sittings a week, as the coach wants it or as its rhythm has it. */
  readonly perWeek: number;
  /** What it tires: a part of the body on a side. */
  readonly tires: readonly string[];
}

/** The movement itself, or a version of it: for every day. */
export const isPattern = ({ row }: WeekDrill): boolean => row.family === 'pattern';

/** Parts of the body that a strengthening drill tires, each with its side. */
function tiredBy({ family }: DrillRow, targets: readonly string[], side: MaybeSide): string[] {
  if (family !== 'strengthen' && family !== 'ladder') return [];
  const parts = targets.flatMap((key) => REGION_OF_CAUSE[causeOfKey(key).cause] ?? []);
  // A ladder is the whole leg.
  const all = family === 'ladder' ? [...parts, 'hip', 'knee'] : parts;
  const sides = side ? [side] : ['left', 'right'];
  return [...new Set(all)].flatMap((part) => sides.map((one) => `${part}:${one}`));
}

const perWeekOf = ({ perDay, days, kind }: Rhythm, input: WeekInput): number => {
  const there = input.days.length;
  const on = kind === 'every-day' || kind === 'many-short' ? there : Math.min(days, there);
  return on * Math.min(perDay, input.moments.length);
};

/** One drill of a plan, in a week of a kind. */
export function weekDrill(one: HomeDrill, input: WeekInput, { deload }: WeekStage): WeekDrill {
  const row = drillOf(one);
  const usual = rhythmOf(row, input.approach);
  const rhythm = deload ? lighter(usual) : usual;
  const dose = sittingOf(one.dose, rhythm, deload);
  const key = drillKey(one);
  return {
    key,
    row,
    side: one.side,
    targets: one.targets,
    rhythm,
    dose,
    minutes: doseMinutes(dose),
    worth: one.worth,
    known: one.known,
    perWeek: input.wish.often[key] ?? perWeekOf(rhythm, input),
    tires: tiredBy(row, one.targets, one.side),
  };
}
