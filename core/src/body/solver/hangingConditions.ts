import { radOfDeg } from '../../foundation/numeric/angle';
import type { Side } from '../../foundation/sides/side';
import { between, type Condition } from './condition';
import { HEEL_BEHIND, TOE_AHEAD } from './feet';
import { onSole, wayTo } from './hangingLeg';
import { hipExtend, jointConditions, twoJointConditions } from './legConditions';
import type { SideLimits } from './limits';
import type { ProblemParts } from './problem';
import { addScaled, HANGING_KNEE, LEAN, LUMBAR, SWIVEL, zeroRow } from './variables';

/** How high a foot in the air keeps off the floor, in metres, and how far its knee bends. Ours. */
const CLEAR_M = 0.05;
const KNEE = { squat: radOfDeg(60), hinge: radOfDeg(90) } as const;

/** What limits a joint of a leg in the air: its ankle does nothing, its thigh keeps to the pelvis's plane. */
const IN_THE_AIR = ['hipBend', 'kneeBend', 'hamstrings', 'frontThigh'];

/** Heel and toes off the floor. */
const clearOfFloor = ({ body }: ProblemParts, side: Side): Condition[] =>
  [-HEEL_BEHIND, TOE_AHEAD].map((ahead) => {
    const sole = onSole(body.sides[side], ahead);
    return {
      limit: 'footClear',
      side,
      slack: ({ legs: { [side]: leg } }) =>
        leg.hangs ? leg.hip[2] + wayTo(leg, sole)[2] - CLEAR_M : 0,
      row: (_, { legs: { [side]: leg } }) => {
        if (!('way' in leg)) return zeroRow();
        const row = leg.along(UP, 1, 0);
        addScaled(row, 1, leg.way(UP, sole));
        return row;
      },
    };
  });

const UP = [0, 0, 1] as const;

/** In a squat the leg in the air is ahead: its thigh no further back than upright. */
function aheadInSquat(side: Side): Condition {
  const row = zeroRow();
  row[SWIVEL[side]] = 1;
  row[LEAN] = -1;
  row[LUMBAR] = 1;
  return {
    limit: 'freeLeg',
    side,
    slack: ({ q }) => q[SWIVEL[side]] - q[LEAN] + q[LUMBAR],
    row: () => row,
  };
}

/** What must hold of the leg in the air. */
export function hangingConditions(
  problem: ProblemParts,
  side: Side,
  limits: SideLimits,
): Condition[] {
  const { pattern } = problem.stance;
  const ranges = [...jointConditions(side, limits), ...twoJointConditions(side, limits)];
  return [
    ...ranges.filter(({ limit }) => IN_THE_AIR.includes(limit)),
    hipExtend(side, limits),
    ...between(
      ['freeLeg', 'freeLeg'],
      HANGING_KNEE,
      0,
      pattern === 'hinge' ? KNEE.hinge : KNEE.squat,
      side,
    ),
    ...clearOfFloor(problem, side),
    ...(pattern === 'hinge' ? [] : [aheadInSquat(side)]),
  ];
}
