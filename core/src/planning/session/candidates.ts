import { drillKey } from '../../knowledge/keys';
import type { ApproachId } from '../../knowledge/approaches';
import type { Dose, DrillRow, EffectSize, Target } from '../../knowledge/drillRow';
import { loadOf } from '../../knowledge/loadOf';
import { doseFor, familyWorth } from '../../knowledge/workOrder';
import { SIDES, type MaybeSide, type Side } from '../../foundation/sides/side';
import type { Pain } from '../../records/case/caseFile';
import type { TracedCause } from '../../inference/trace/trace';
import type { Option } from './bestSet';
import { doseMinutes } from '../../knowledge/doseSeconds';
import { SAME } from './same';

/** Share of what a cause does that a drill is expected to take away. Ours. */
export const EFFECT: Record<EffectSize, number> = { small: 0.2, medium: 0.45, large: 0.7 };
/** No school expects more than this of one drill. */
const MOST_EFFECT = 0.9;
/** A school expects this much more of the drills it holds dear. */
const DEAR = 1.05;

/** What a plan asks of a cause. */
export type PlannedCause = Pick<
  TracedCause,
  'key' | 'cause' | 'side' | 'kind' | 'p' | 'sentence'
> & {
  /** A range that is there and cannot be used: nothing but own strength helps. */
  readonly ownStrength?: true;
  /** An ankle that stops in front: to push it further is to squash it. */
  readonly stopsInFront?: true;
};

/** A drill on a side, with what it would do for the causes there are. */
export interface Candidate extends Option {
  readonly drill: DrillRow;
  readonly side: MaybeSide;
  readonly dose: Dose;
  /** Most served first. */
  readonly aimed: readonly PlannedCause[];
}

/** Kinds of drill that give a joint or a muscle more room. */
const MAKES_ROOM: readonly string[] = ['joint', 'tissue', 'hold'];
/** Kinds of drill that use it by own strength. */
const USES_ROOM: readonly string[] = ['active', 'strengthen', 'ladder'];

/** Whether a drill needs an active one beside it: it makes room that nobody uses otherwise. */
export const needsPartner = ({ drill, aimed }: Pick<Candidate, 'drill' | 'aimed'>): boolean =>
  MAKES_ROOM.includes(drill.family) && aimed.some(({ kind }) => kind === 'restriction');

/** Whether the second is an active drill for what the first one gives room to, on the same side. */
export const isPartner = (
  one: Pick<Candidate, 'aimed'>,
  other: Pick<Candidate, 'drill' | 'aimed'>,
): boolean =>
  USES_ROOM.includes(other.drill.family) &&
  one.aimed.some(
    ({ key, kind }) => kind === 'restriction' && other.aimed.some((aim) => aim.key === key),
  );

/** Whether a drill makes room in an ankle by pushing it into its end. */
const squashesAnkle = (drill: DrillRow): boolean =>
  MAKES_ROOM.includes(drill.family) && loadOf(drill).joints.ankle === 'end';

const helps = (drill: DrillRow, { ownStrength, stopsInFront }: PlannedCause): boolean =>
  (!ownStrength || USES_ROOM.includes(drill.family)) && !(stopsInFront && squashesAnkle(drill));

/**
 * The side that more speaks for is the first of two equals, and of sides that are as suspect the one that hurts
 * less: so a mirrored case has the mirrored session.
 */
export function suspectFirst(
  causes: readonly PlannedCause[],
  pains: readonly Pain[] = [],
): readonly Side[] {
  const suspicion = (side: Side) =>
    causes
      .filter((one) => one.side === side && one.kind !== 'given')
      .reduce((sum, { p }) => sum + p, 0);
  const hurts = (side: Side) =>
    pains.filter((one) => one.side === side).reduce((sum, { score }) => sum + score, 0);
  const more = suspicion('right') - suspicion('left');
  const isRight = Math.abs(more) > SAME ? more > 0 : hurts('left') > hurts('right');
  return isRight ? ['right', 'left'] : SIDES;
}

/**
 * One candidate for each side a drill can be done on. Partners are not known yet.
 *
 * @param sides the suspect one first
 */
export function candidatesOf(
  drill: DrillRow,
  causes: readonly PlannedCause[],
  approach: ApproachId,
  doses: Readonly<Record<string, Dose>> = {},
  sides: readonly Side[] = SIDES,
): Candidate[] {
  const dear = drill.schools.includes(approach) ? DEAR : 1;
  const worth = familyWorth(approach, drill.family) * dear;
  return (drill.oneSided ? sides : [null]).map((side) => {
    const reaches = (cause: PlannedCause, leg: Target['leg']) =>
      !drill.oneSided ||
      cause.side === null ||
      (leg === 'rear' ? cause.side !== side : cause.side === side);
    const aims = drill.targets.flatMap(({ cause, effect, leg }: Target) =>
      causes
        .filter((one) => one.cause === cause && reaches(one, leg) && helps(drill, one))
        .map((one) => ({ one, share: Math.min(MOST_EFFECT, EFFECT[effect] * worth) })),
    );
    const key = drillKey({ drill: drill.id, side });
    const dose = doses[key] ?? doseFor(drill, approach);
    return {
      key,
      minutes: doseMinutes(dose),
      serves: aims.map(({ one, share }) => ({ target: one.key, share })),
      needs: null,
      drill,
      side,
      dose,
      aimed: aims.sort((a, b) => b.share * b.one.p - a.share * a.one.p).map(({ one }) => one),
    };
  });
}

/** The candidates with the partners that each may choose from; one that needs none has none. */
export const withPartners = (
  pool: readonly Candidate[],
  among: readonly Candidate[] = pool,
): Candidate[] =>
  pool.map((one) =>
    needsPartner(one)
      ? { ...one, needs: among.filter((other) => isPartner(one, other)).map(({ key }) => key) }
      : one,
  );
