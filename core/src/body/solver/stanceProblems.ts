import type { Body } from '../segments/body';
import { radOfDeg } from '../../foundation/numeric/angle';
import { atDepth, thighDepth } from './depth';
import { descend } from './descend';
import { excessAt } from './excess';
import { leastEffort } from './goals';
import { usualCapacities } from './capacities';
import { limitsOf } from './limits';
import { problemOf, type PostureProblem } from './problem';
import { startOf } from './start';
import { stanceOf, type StanceSetup } from './stance';
import { squareOf } from './variables';
import type { Pattern } from '../stance/patterns';

/** Something about a stance that no joint could help; `field` is the path in the set-up. */
export interface StanceProblem {
  readonly field: string;
  readonly message: string;
}

/**
 * Near enough to standing, the next where the one before is out of reach: in a squat, hinge, or over the
 * front foot of a lunge or split. Thighs far apart are not steep.
 */
const STANDING_DEG = {
  squat: [75, 60, 45, 30],
  hinge: [75, 65],
  lunge: [45, 30],
  split: [45, 30],
} as const;

/** What joints that nobody has measured shall not stand in the way of; nobody rounds to bear a load. */
const WIDE_OPEN = { hipOpenDeg: 90, shinTiltInDeg: 40, shinTiltOutDeg: 40 };
const ANY_JOINTS = limitsOf({ left: WIDE_OPEN, right: WIDE_OPEN, lumbarBendDeg: 0 });

/**
 * What is wrong with a stance whatever the joints allow: feet further apart than the legs reach, a
 * load that cannot be balanced. Empty when this body can stand so.
 */
export function stanceProblems(body: Body, pattern: Pattern, setup: StanceSetup): StanceProblem[] {
  const { load } = setup;
  const bare = { ...setup, load: { ...load, kg: 0 } };
  const unloaded = standing(body, pattern, bare);
  const depth = STANDING_DEG[pattern].find((deg) => standsAt(unloaded, deg));
  if (depth === undefined) return [setup.oneLeg ? notOnOneLeg : tooFarApart(unloaded, bare)];
  if (load.kg === 0 || standsAt(standing(body, pattern, setup), depth)) return [];
  const message = `${load.kg} kg held there is more than this body can balance`;
  return [{ field: 'load.kg', message }];
}

const standing = (body: Body, pattern: Pattern, setup: StanceSetup): PostureProblem => {
  const stance = stanceOf(pattern, setup, body.heightM);
  return problemOf(body, stance, ANY_JOINTS, usualCapacities(body.massKg));
};

const notOnOneLeg: StanceProblem = {
  field: 'oneLeg',
  message: 'this body cannot keep its balance on that leg alone',
};

const HALVINGS = 7;

/** The most of a length of the set-up that the legs reach, in whole centimetres. */
function reachedCm(
  { body, stance: { pattern } }: PostureProblem,
  tooFarCm: number,
  withLength: (cm: number) => StanceSetup,
): number {
  let [reached, tooFar] = [10, tooFarCm];
  for (let i = 0; i < HALVINGS; i++) {
    const half = (reached + tooFar) / 2;
    if (stands(standing(body, pattern, withLength(half)))) reached = half;
    else tooFar = half;
  }
  return Math.floor(reached);
}

function tooFarApart(problem: PostureProblem, setup: StanceSetup): StanceProblem {
  const { stance } = problem;
  if (!stance.rear) {
    const { stanceCm } = setup;
    const most = reachedCm(problem, stanceCm, (cm) => ({ ...setup, stanceCm: cm }));
    const message = `feet ${stanceCm} cm apart: the legs reach ${most} cm`;
    return { field: 'stanceCm', message };
  }
  const stepCm = 100 * stance.stepM;
  const most = reachedCm(problem, stepCm, (cm) => ({ ...setup, stepCm: cm }));
  const message = `a step of ${stepCm.toFixed(0)} cm: the legs reach ${most} cm`;
  return { field: 'stepCm', message };
}

/** Whether a square, unrestricted body can stand with its thighs so steep. */
function standsAt(problem: PostureProblem, thighDeg: number): boolean {
  const depth = radOfDeg(thighDeg);
  const equalities = [atDepth(thighDepth(problem), depth)];
  const start = startOf(problem, depth);
  const descent = descend(
    {
      problem,
      free: squareOf(problem.stance),
      goal: leastEffort(problem),
      equalities,
      conditions: problem.conditions.filter(({ limit }) => limit !== 'softKnee'),
    },
    start,
  );
  // A posture that exceeds nothing is a way to stand after all.
  return descent.status === 'found' || excessAt(problem, equalities, start).length === 0;
}

/** Whether it can stand at all. */
const stands = (problem: PostureProblem): boolean =>
  STANDING_DEG[problem.stance.pattern].some((deg) => standsAt(problem, deg));
