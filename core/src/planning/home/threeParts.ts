import { oneCause, type CauseKind } from '../../knowledge/causes';
import type { Family } from '../../knowledge/drillRow';
import { causeOfKey } from '../../knowledge/keys';
import type { WeekDrill } from './weekInput';

/** A habit is changed by all three, none of them alone. */
const PARTS = ['lengthen', 'strengthen', 'practise'] as const;
export type Part = (typeof PARTS)[number];

const FAMILIES_OF_PART: Readonly<Record<Part, readonly Family[]>> = {
  lengthen: ['joint', 'nerve', 'tissue', 'hold'],
  strengthen: ['active', 'wake', 'strengthen', 'ladder'],
  practise: ['pattern', 'fit', 'ladder'],
};

const kindOf = (key: string): CauseKind => oneCause(causeOfKey(key).cause).kind;

const isRestriction = (key: string): boolean => kindOf(key) === 'restriction';

/**
 * The parts that a plan lacks. There is nothing to lengthen where nothing is short, and nothing to
 * strengthen where no room is made and no strength is wanting; the pattern is practised always.
 */
export function missingParts(drills: readonly WeekDrill[]): Part[] {
  const has = (part: Part) => drills.some(({ row }) => FAMILIES_OF_PART[part].includes(row.family));
  const aimsAt = (kind: CauseKind) =>
    drills.some(({ targets }) => targets.some((key) => kindOf(key) === kind));
  const wanted: Readonly<Record<Part, boolean>> = {
    lengthen: aimsAt('restriction'),
    strengthen: has('lengthen') || aimsAt('strength'),
    practise: true,
  };
  return PARTS.filter((part) => wanted[part] && !has(part));
}

/** Kinds of drill in which a joint is taken to its end and spends time there. */
const IN_POSITION: readonly Family[] = ['joint', 'tissue', 'hold', 'active'];

/**
 * Minutes a week in which range is won: from about five for one muscle on, more adds little.
 * Thomas, Bianco, Paoli, Palma (2018), Int J Sports Med 39: 243–254.
 */
const ENOUGH_IN_POSITION_MIN = 5;

export interface TimeInPosition {
  /** Key of the cause (`ankle-joint:right`). */
  readonly target: string;
  readonly minutes: number;
  readonly enough: boolean;
}

/**
 * Total time at the end of the range in a week, for each restriction that the plan aims at.
 *
 * @param workMinutes of one sitting of a drill, without its rests
 * @param sittings in the week, by drill
 */
export function timeInPosition(
  drills: readonly WeekDrill[],
  workMinutes: (drill: WeekDrill) => number,
  sittings: (key: string) => number,
): TimeInPosition[] {
  const targets = [...new Set(drills.flatMap((one) => one.targets))].filter(isRestriction);
  return targets.map((target) => {
    const minutes = drills
      .filter(({ row, targets: aims }) => IN_POSITION.includes(row.family) && aims.includes(target))
      .reduce((sum, one) => sum + workMinutes(one) * sittings(one.key), 0);
    return { target, minutes, enough: minutes >= ENOUGH_IN_POSITION_MIN };
  });
}
