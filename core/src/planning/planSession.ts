import type { ApproachId } from '../knowledge/approaches';
import type { DrillRow, EffectSize } from '../knowledge/drillRow';
import { DRILLS } from '../knowledge/drills';
import type { FlagId } from '../knowledge/flags';
import type { Kit } from '../knowledge/kit';
import type { Pattern } from '../knowledge/patterns';
import { familyOrder, familyWorth } from '../knowledge/workOrder';
import { SIDES, type MaybeSide } from '../sides/side';
import { probabilityWords } from '../words/probability';
import { LIKELY_ENOUGH } from '../trace/likelyEnough';
import type { TracedCause } from '../trace/trace';
import { bestSet, type Option } from './bestSet';
import { doseWords, drillSeconds } from './doseSeconds';
import { maybeReasonAgainst } from './reasonAgainst';

/** Share of what a cause does that a drill is expected to take away. Ours. */
const EFFECT: Record<EffectSize, number> = { small: 0.2, medium: 0.45, large: 0.7 };
/** No school expects more than this of one drill. */
const MOST_EFFECT = 0.9;

/** What a plan asks of a cause. */
export type PlannedCause = Pick<TracedCause, 'key' | 'cause' | 'side' | 'kind' | 'p' | 'sentence'>;

export interface PlannedDrill {
  readonly drill: DrillRow;
  readonly side: MaybeSide;
  /** Keys of the causes it is for (`ankle-joint:right`). */
  readonly targets: readonly string[];
  readonly minutes: number;
  readonly dose: string;
  /** One sentence: why this one. */
  readonly why: string;
}

export interface LeftOut {
  readonly drill: string;
  readonly reason: string;
}

export interface SessionPlan {
  readonly drills: readonly PlannedDrill[];
  readonly leftOut: readonly LeftOut[];
}

export interface SessionLimits {
  /** What was looked at: the session ends with it. */
  readonly pattern: Pattern;
  readonly minutes: number;
  readonly flags: readonly FlagId[];
  /** What follows: long holds dull force for about half an hour, so none before training. */
  readonly next: 'training' | 'rest';
  readonly approach: ApproachId;
  /** What there is; everything when not said. */
  readonly kit?: readonly Kit[];
}

/** Drills before the pattern: more in one session, and nobody knows which one worked. */
const mostParts = (minutes: number): number => (minutes >= 20 ? 4 : minutes >= 15 ? 3 : 2);
/** Less than this is not worth doing. */
const LEAST_GAIN = 0.1;

interface Candidate extends Option {
  readonly drill: DrillRow;
  readonly side: MaybeSide;
  readonly aimed: readonly PlannedCause[];
}

const sidesFor = ({ oneSided }: DrillRow): readonly MaybeSide[] => (oneSided ? SIDES : [null]);

function candidatesOf(
  drill: DrillRow,
  causes: readonly PlannedCause[],
  approach: ApproachId,
): Candidate[] {
  const worth = familyWorth(approach, drill.family);
  return sidesFor(drill).map((side) => {
    const reaches = (cause: PlannedCause) =>
      !drill.oneSided || cause.side === null || cause.side === side;
    const aims = drill.targets.flatMap(({ cause, effect }) =>
      causes
        .filter((one) => one.cause === cause && reaches(one))
        .map((one) => ({ one, share: Math.min(MOST_EFFECT, EFFECT[effect] * worth) })),
    );
    return {
      key: `${drill.id}@${side ?? ''}`,
      group: `${drill.id}@${side ?? ''}`,
      minutes: drillSeconds(drill, 1) / 60,
      serves: aims.map(({ one, share }) => ({ target: one.key, share })),
      drill,
      side,
      aimed: aims.sort((a, b) => b.share * b.one.p - a.share * a.one.p).map(({ one }) => one),
    };
  });
}

const told = ({ drill, side, aimed, minutes }: Candidate): PlannedDrill => ({
  drill,
  side,
  targets: aimed.map(({ key }) => key),
  minutes,
  dose: doseWords(drill.dose),
  why: aimed[0]
    ? `For: ${aimed[0].sentence.toLowerCase()} (${probabilityWords(aimed[0].p)})`
    : 'Every session ends with the pattern itself',
});

const serves = ({ patterns }: DrillRow, pattern: Pattern): boolean =>
  patterns === undefined || patterns.includes(pattern);

/** The pattern drill to end with: what serves most, the first of the table when none serves anything. */
function lastOf(
  patterns: readonly Candidate[],
  worth: ReadonlyMap<string, number>,
  minutes: number,
): Candidate | null {
  const [best] = bestSet(patterns, worth, { minutes, most: 1, least: LEAST_GAIN });
  return patterns.find(({ key }) => key === best?.key) ?? patterns[0] ?? null;
}

function leftOutOf(
  library: readonly DrillRow[],
  likely: readonly PlannedCause[],
  limits: SessionLimits,
): LeftOut[] {
  return library.flatMap((drill) => {
    const wanted = candidatesOf(drill, likely, limits.approach).filter(
      ({ aimed }) => aimed.length > 0,
    );
    const reasons = wanted.map(({ side, aimed }) =>
      maybeReasonAgainst({ drill, side, aimed }, likely, limits),
    );
    const [reason] = reasons;
    return reason && reasons.every((one) => one !== null) ? [{ drill: drill.id, reason }] : [];
  });
}

/**
 * The drills that take most of the likely causes away within the minutes, in the order of the
 * approach, and the pattern to end with. Exact and the same for the same input. A cause that is given
 * is aimed at by nothing but a change of set-up; contra-indicated drills are never candidates, and what
 * was left out is told.
 */
export function planSession(
  found: { readonly causes: readonly PlannedCause[] },
  limits: SessionLimits,
): SessionPlan {
  const likely = found.causes.filter((cause) => cause.p >= LIKELY_ENOUGH);
  const worth = new Map(likely.map(({ key, p }) => [key, p]));
  const library = (DRILLS as readonly DrillRow[]).filter((drill) => serves(drill, limits.pattern));
  const pool = library
    .flatMap((drill) => candidatesOf(drill, likely, limits.approach))
    .filter((one) => maybeReasonAgainst(one, likely, limits) === null);
  const last = lastOf(
    pool.filter(({ drill }) => drill.family === 'pattern'),
    worth,
    limits.minutes,
  );
  const left = last ? worthAfter(worth, last) : worth;
  const parts = bestSet(
    pool.filter(({ drill, aimed }) => drill.family !== 'pattern' && aimed.length > 0),
    left,
    {
      minutes: limits.minutes - (last?.minutes ?? 0),
      most: mostParts(limits.minutes),
      least: LEAST_GAIN,
    },
  ) as readonly Candidate[];
  const order = familyOrder(limits.approach);
  const ordered = [...parts].sort(
    (a, b) =>
      order.indexOf(a.drill.family) - order.indexOf(b.drill.family) || a.key.localeCompare(b.key),
  );
  return {
    drills: [...ordered, ...(last ? [last] : [])].map(told),
    leftOut: leftOutOf(library, likely, limits),
  };
}

/** What is left for the parts once the pattern has done its share. */
function worthAfter(worth: ReadonlyMap<string, number>, { serves: served }: Candidate) {
  const left = new Map(worth);
  for (const { target, share } of served) left.set(target, (left.get(target) ?? 0) * (1 - share));
  return left;
}
