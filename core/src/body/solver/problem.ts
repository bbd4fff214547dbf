import type { Body } from '../segments/body';
import type { Vec3 } from '../../foundation/numeric/vector';
import { SIDES, type Side } from '../../foundation/sides/side';
import { CENTRE_FROM_NEAR_END as CENTRE, MASS_TO_BODY as MASS } from '../segments/segmentTable';
import type { Condition } from './condition';
import { conditionsUnder } from './conditionsUnder';
import { footOf, type Foot } from './feet';
import { hungOn, type Hung } from './hangingLeg';
import type { Capacities } from './capacities';
import type { Limits } from './limits';
import { postOf, type Post } from './post';
import { chestM, pelvisM, upperMassOf, type UpperMass } from './upperMass';
import { hangingSide, type Stance } from './stance';

/** A body in a stance with its limits, without what follows from all of them. */
export interface ProblemParts {
  readonly body: Body;
  readonly stance: Stance;
  readonly limits: Limits;
  readonly capacities: Capacities;
  readonly feet: Readonly<Record<Side, Foot>>;
  readonly post: Post | null;
  readonly upper: UpperMass;
  /** Hip line to low back, low back to shoulders, in metres. */
  readonly pelvisM: number;
  readonly chestM: number;
  /** First moment of the pelvis and of all that it carries, along the pelvis, in kg·m. */
  readonly onPelvis: number;
  /** Of each side, in kilograms. */
  readonly thighKg: number;
  readonly shankKg: number;
  readonly footKg: number;
  /** Pelvis and everything above it, and body and load, in kilograms. */
  readonly aboveHipsKg: number;
  readonly totalKg: number;
  /** First moment of the feet on the floor, in kg·m. */
  readonly feetMoment: Vec3;
  /** The leg in the air and what it weighs; null where both stand. */
  readonly hanging: Hanging | null;
}

interface Hanging {
  readonly side: Side;
  readonly legKg: number;
  readonly hung: Hung;
}

/** All that stays the same while a posture is sought. */
export interface PostureProblem extends ProblemParts {
  /** What must hold of the posture. */
  readonly conditions: readonly Condition[];
}

/** The same body in the same stance under limit after limit. */
export function underLimits(problem: ProblemParts): (limits: Limits) => PostureProblem {
  const conditions = conditionsUnder(problem);
  return (limits) => ({ ...problem, limits, conditions: conditions(limits) });
}

/** The same body in the same stance with other limits. */
export const withLimits = (problem: ProblemParts, limits: Limits): PostureProblem =>
  underLimits(problem)(limits);

/** Masses of a body and what it carries. */
function massesOf(body: Body, upper: UpperMass) {
  const { massKg } = body;
  const pelvisKg = MASS.pelvis * massKg;
  const [thighKg, shankKg, footKg] = [MASS.thigh, MASS.shank, MASS.foot].map((k) => k * massKg);
  const aboveHipsKg = upper.massKg + pelvisKg;
  return {
    ...{ thighKg, shankKg, footKg, aboveHipsKg },
    totalKg: aboveHipsKg + 2 * (thighKg + shankKg + footKg),
    onPelvis: pelvisM(body) * (CENTRE.pelvis * pelvisKg + upper.massKg),
  };
}

/** The leg in the air, if one is. */
function hangingOf(
  body: Body,
  stance: Stance,
  masses: ReturnType<typeof massesOf>,
): Hanging | null {
  const side = hangingSide(stance);
  if (!side) return null;
  const { thighKg, shankKg, footKg } = masses;
  return {
    side,
    legKg: thighKg + shankKg + footKg,
    hung: hungOn(body.sides[side], { thighKg, shankKg, footKg }),
  };
}

/** Sets a problem up; nothing in it depends on the posture. */
export function problemOf(
  body: Body,
  stance: Stance,
  limits: Limits,
  capacities: Capacities,
): PostureProblem {
  const feet = { left: footOf(body, stance, 'left'), right: footOf(body, stance, 'right') };
  const upper = upperMassOf(body, stance);
  const masses = massesOf(body, upper);
  const hanging = hangingOf(body, stance, masses);
  const onFloor = SIDES.filter((side) => side !== hanging?.side);
  const sum = (k: 0 | 1 | 2) =>
    onFloor.reduce((total, side) => total + masses.footKg * feet[side].middle[k], 0);
  const parts: ProblemParts = {
    ...{ body, stance, limits, capacities, feet, upper, ...masses },
    post: stance.post ? postOf(body) : null,
    pelvisM: pelvisM(body),
    chestM: chestM(body),
    feetMoment: [sum(0), sum(1), sum(2)],
    hanging,
  };
  return withLimits(parts, limits);
}
