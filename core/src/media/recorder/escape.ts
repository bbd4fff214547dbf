import type { Side } from '../../foundation/sides/side';
import { SIDES } from '../../foundation/sides/side';
import { radOfDeg } from '../../foundation/numeric/angle';
import { HEEL_TO_BALL } from '../../body/solver/feet';
import { problemOf, withLimits, type PostureProblem } from '../../body/solver/problem';
import { settle, type DepthAim } from '../../body/solver/settle';
import type { PostureState } from '../../body/solver/state';
import type { Row } from '../../body/solver/variables';
import { USUAL_RANGES } from '../../inference/depth/usualRanges';

/**
 * What a body does where an ankle ends above the posture that it would take: it makes do with what its other
 * joints give, or lets that heel up, or turns that foot out. An arch cannot drop: the skeleton has none.
 */
export const ESCAPES = ['none', 'heels', 'feet'] as const;
export type Escape = (typeof ESCAPES)[number];

/** How far each heel has come up in metres, or each foot has turned out in radians. */
export type Escaped = Readonly<Record<Side, number>>;
export const NOT_ESCAPED: Escaped = { left: 0, right: 0 };

/** Nobody lets a heel up further, or turns a foot out more. */
const MOST = { none: 0, heels: 0.08, feet: radOfDeg(20) } as const;

/** The same body in the same set-up, its heels or feet gone so far. */
export function escapedProblem(
  problem: PostureProblem,
  escape: Escape,
  escaped: Escaped,
): PostureProblem {
  if (escape === 'none' || SIDES.every((side) => escaped[side] === 0)) return problem;
  const { body, stance, limits, capacities } = problem;
  const name = escape === 'heels' ? 'heelLiftM' : 'toeOutRad';
  const { left, right } = stance[name];
  const gone = { left: left + escaped.left, right: right + escaped.right };
  return problemOf(body, { ...stance, [name]: gone }, limits, capacities);
}

/** As if both ankles bent as far as usual ones do: the posture that this body would take. */
function withUsualAnkles(problem: PostureProblem): PostureProblem {
  const { sides } = problem.limits;
  const usual = radOfDeg(USUAL_RANGES.ankleBendDeg);
  const free = (side: Side) => ({
    ...sides[side],
    ankleBend: Math.max(usual, sides[side].ankleBend),
  });
  return withLimits(problem, {
    ...problem.limits,
    sides: { left: free('left'), right: free('right') },
  });
}

/** How much further an ankle would have to bend than it does; one in the air or over a risen heel need not. */
const lackOf = ({ limits, feet }: PostureProblem, { legs }: PostureState, side: Side): number =>
  legs[side].hangs || feet[side].rises ? 0 : legs[side].ankleBendRad - limits.sides[side].ankleBend;

/** A lifted heel pitches its foot by just what the ankle lacks; a foot that turns gains a third of its turn. */
function further(problem: PostureProblem, escape: Escape, side: Side, lackRad: number): number {
  if (escape === 'feet') return 3 * lackRad;
  return HEEL_TO_BALL * problem.body.sides[side].footM * Math.sin(lackRad);
}

/** Less than this, in radians, no ankle is said to lack. */
const ENOUGH = 1e-3;
const ROUNDS = 6;

/** How far heels or feet go for this depth, never back behind `from`: until what its ankles lack is made up for. */
export function escapedAt(
  problem: PostureProblem,
  escape: Escape,
  aim: DepthAim,
  from: Escaped,
  near: Readonly<Row>,
): Escaped {
  if (escape === 'none') return NOT_ESCAPED;
  let escaped = from;
  for (let round = 0; round < ROUNDS; round++) {
    const here = escapedProblem(problem, escape, escaped);
    const would = settle(withUsualAnkles(here), aim, near);
    if (would.status === 'blocked') return escaped;
    const lacks = SIDES.map((side) => Math.max(0, lackOf(here, would.state, side)));
    if (Math.max(...lacks) < ENOUGH) return escaped;
    const [left, right] = SIDES.map((side, i) =>
      Math.min(MOST[escape], escaped[side] + further(problem, escape, side, lacks[i])),
    );
    escaped = { left, right };
  }
  return escaped;
}
