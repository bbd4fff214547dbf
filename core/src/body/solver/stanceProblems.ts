import type { Body } from '../segments/body';
import { radOfDeg } from '../../foundation/numeric/angle';
import type { Binding } from './binding';
import { atDepth, balanceOf, thighDepth } from './depth';
import { descend } from './descend';
import { excessAt, type Excess } from './excess';
import { leastEffort } from './goals';
import { limitsOf, usualCapacities } from './limits';
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

/** Near enough to standing: in a squat, hinge, or over the front foot of a lunge or split. */
const STANDING_DEG = { squat: 75, hinge: 75, lunge: 45, split: 45 } as const;

/**
 * What is wrong with a stance whatever the joints allow: feet further apart than the legs reach, a
 * load that cannot be balanced. Empty when this body can stand so.
 */
export function stanceProblems(body: Body, pattern: Pattern, setup: StanceSetup): StanceProblem[] {
  const stance = stanceOf(pattern, setup, body.heightM);
  const problem = problemOf(body, stance, limitsOf(), usualCapacities(body.massKg));
  const by = standingExcess(problem);
  const [worst] = by;
  if (!worst) return [];
  const { load } = setup;
  if (isBalance(worst) && load.kg > 0) {
    const message = `${load.kg} kg held there is more than this body can balance`;
    return [{ field: 'load.kg', message }];
  }
  if (worst.limit === 'legLength') return [tooFarApart(problem, setup)];
  const message = 'nobody of this build can stand so';
  return [{ field: stance.rear ? 'stepCm' : 'stanceCm', message }];
}

const BALANCE: readonly Binding['limit'][] = [
  'balance',
  'trunkUpright',
  'trunkLevel',
  'weightShare',
];
const isBalance = ({ limit }: Excess): boolean => BALANCE.includes(limit);

function tooFarApart({ stance, body }: PostureProblem, setup: StanceSetup): StanceProblem {
  const legsCm = 100 * (body.sides.left.shankM + body.sides.left.thighM);
  const reach = `the legs (${legsCm.toFixed(0)} cm) do not reach`;
  if (stance.rear)
    return {
      field: 'stepCm',
      message: `a step of ${(100 * stance.stepM).toFixed(0)} cm: ${reach}`,
    };
  return { field: 'stanceCm', message: `feet ${setup.stanceCm} cm apart: ${reach}` };
}

/** What a square, unrestricted standing posture would have to exceed; nothing when there is one. */
function standingExcess(problem: PostureProblem): Excess[] {
  const depth = radOfDeg(STANDING_DEG[problem.stance.pattern]);
  const equalities = [...balanceOf(problem), atDepth(thighDepth(problem), depth)];
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
  if (descent.status === 'found') return [];
  // A posture that exceeds nothing is a way to stand after all.
  return excessAt(problem, equalities, start);
}
