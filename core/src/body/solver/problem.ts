import type { Body } from '../segments/body';
import { type Vec3 } from '../../foundation/numeric/vector';
import { SIDES, type Side } from '../../foundation/sides/side';
import { MASS_TO_BODY as MASS } from '../segments/segmentTable';
import { conditionsUnder, type Condition } from './conditions';
import { footOf, type Foot } from './feet';
import { footLine, type FootLine } from './footLine';
import type { Capacities, Limits } from './limits';
import { upperMassOf, type UpperMass } from './upperMass';
import type { Stance } from './stance';

/** A body in a stance with its limits, without what follows from all of them. */
export interface ProblemParts {
  readonly body: Body;
  readonly stance: Stance;
  readonly limits: Limits;
  readonly capacities: Capacities;
  readonly feet: Readonly<Record<Side, Foot>>;
  readonly line: FootLine;
  readonly upper: UpperMass;
  /** Body and load, in kilograms. */
  readonly totalKg: number;
  /** First moment of both feet, in kg·m. */
  readonly feetMoment: Vec3;
}

/** All that stays the same while a posture is sought. */
export interface PostureProblem extends ProblemParts {
  /** What must hold of the posture, besides balance. */
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

/** Sets a problem up; nothing in it depends on the posture. */
export function problemOf(
  body: Body,
  stance: Stance,
  limits: Limits,
  capacities: Capacities,
): PostureProblem {
  const feet = { left: footOf(body, stance, 'left'), right: footOf(body, stance, 'right') };
  const upper = upperMassOf(body, stance);
  const footKg = MASS.foot * body.massKg;
  const legsKg = 2 * (MASS.thigh + MASS.shank + MASS.foot) * body.massKg;
  const sum = (k: 0 | 1 | 2) =>
    SIDES.reduce((total, side) => total + footKg * feet[side].pressure[k], 0);
  const parts: ProblemParts = {
    body,
    stance,
    limits,
    capacities,
    feet,
    line: footLine(feet),
    upper,
    totalKg: upper.massKg + legsKg,
    feetMoment: [sum(0), sum(1), sum(2)],
  };
  return withLimits(parts, limits);
}
