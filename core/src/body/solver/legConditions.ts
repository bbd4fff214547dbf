import { radOfDeg } from '../../foundation/numeric/angle';
import type { Side } from '../../foundation/sides/side';
import { between, onlyRow, type Condition } from './condition';
import type { SideLimits } from './limits';
import type { ProblemParts } from './problem';
import { LUMBAR, mix, RISE, scaled, SWIVEL } from './variables';

/** Knees in a hinge are soft: unlocked, but no squat. Ours. */
const SOFT_KNEE = { least: radOfDeg(10), most: radOfDeg(25) } as const;
/** Centre of the knee over the floor when it rests on it, in metres. */
const KNEE_RADIUS = 0.05;
/** A leg is never quite straight, about 2° short of it, so that its bend stays defined. */
const LONGEST = 1 - 5e-4;
/** In a hinge it stays further from straight: there the solver lives at this limit. */
const LONGEST_SOFT = 1 - 5e-3;

/** Conditions for which a side's limit is a plain number against an angle of the leg. */
export function jointConditions(side: Side, limits: SideLimits): Condition[] {
  const plain: Condition[] = [
    {
      limit: 'ankleBend',
      side,
      slack: ({ legs }) => limits.ankleBend - legs[side].ankleBendRad,
      row: (_, { legs }) => scaled(-1, legs[side].ankleBend),
    },
    {
      limit: 'hipBend',
      side,
      slack: ({ legs }) => limits.hipBend - legs[side].hipBendRad,
      row: (_, { legs }) => scaled(-1, legs[side].hipBend),
    },
    {
      limit: 'kneeBend',
      side,
      slack: ({ legs }) => limits.kneeBend - legs[side].kneeBendRad,
      row: (_, { legs }) => scaled(-1, legs[side].kneeBend),
    },
    {
      limit: 'hipTurnIn',
      side,
      slack: ({ legs }) => limits.hipTurnIn + legs[side].hipTurnOut(),
      row: (_, { legs }) => legs[side].hipTurnOut(),
    },
    {
      limit: 'hipTurnOut',
      side,
      slack: ({ legs }) => limits.hipTurnOut - legs[side].hipTurnOut(),
      row: (_, { legs }) => scaled(-1, legs[side].hipTurnOut()),
    },
    {
      limit: 'hipOpen',
      side,
      slack: ({ legs }) => limits.hipOpen - legs[side].hipOpenRad,
      row: (_, { legs }) => scaled(-1, legs[side].hipOpen),
    },
    {
      limit: 'hipAdduct',
      side,
      slack: ({ legs }) => limits.hipAdduct + legs[side].hipOpenRad,
      row: (_, { legs }) => legs[side].hipOpen,
    },
    {
      limit: 'shinTiltIn',
      side,
      slack: ({ legs }) => limits.shinTiltIn + legs[side].shinTiltRad,
      row: (_, { legs }) => legs[side].shinTilt,
    },
    {
      limit: 'shinTiltOut',
      side,
      slack: ({ legs }) => limits.shinTiltOut - legs[side].shinTiltRad,
      row: (_, { legs }) => scaled(-1, legs[side].shinTilt),
    },
  ];
  return plain.filter(({ limit }) => Number.isFinite(limits[limit as keyof SideLimits]));
}

/** Muscles over two joints: a line in two angles of the leg. */
export function twoJointConditions(side: Side, limits: SideLimits): Condition[] {
  const { hamstrings, longCalf, frontThigh } = limits;
  const lines: Condition[] = [];
  if (hamstrings)
    lines.push({
      limit: 'hamstrings',
      side,
      slack: ({ legs: { [side]: leg } }) =>
        hamstrings.rangeRad + hamstrings.slope * leg.kneeBendRad - leg.hipBendRad,
      row: (_, { legs: { [side]: leg } }) => mix(hamstrings.slope, leg.kneeBend, -1, leg.hipBend),
    });
  if (longCalf)
    lines.push({
      limit: 'longCalf',
      side,
      slack: ({ legs: { [side]: leg } }) =>
        longCalf.rangeRad + longCalf.slope * leg.kneeBendRad - leg.ankleBendRad,
      row: (_, { legs: { [side]: leg } }) => mix(longCalf.slope, leg.kneeBend, -1, leg.ankleBend),
    });
  if (frontThigh)
    lines.push({
      limit: 'frontThigh',
      side,
      slack: ({ legs: { [side]: leg } }) =>
        frontThigh.rangeRad + frontThigh.slope * leg.hipBendRad - leg.kneeBendRad,
      row: (_, { legs: { [side]: leg } }) => mix(frontThigh.slope, leg.hipBend, -1, leg.kneeBend),
    });
  return lines;
}

const legLength = (side: Side, longest: number): Condition => ({
  limit: 'legLength',
  side,
  slack: ({ legs }) => longest - legs[side].stretch,
  row: (_, { legs }) => scaled(-1, legs[side].stretch),
});

/** How far a thigh goes behind the pelvis. */
export const hipExtend = (side: Side, limits: SideLimits): Condition => ({
  limit: 'hipExtend',
  side,
  slack: ({ legs }) => limits.hipExtend + legs[side].hipBendRad,
  row: (_, { legs }) => legs[side].hipBend,
});

/** The rear leg of a lunge or split: hip behind the trunk, toes, knee over the floor. */
function rearConditions(side: Side, limits: SideLimits): Condition[] {
  return [
    hipExtend(side, limits),
    {
      limit: 'toeBend',
      side,
      slack: ({ q }) => limits.toeBend - q[RISE],
      row: () => onlyRow(RISE, -1),
    },
    { limit: 'heelDown', side, slack: ({ q }) => q[RISE], row: () => onlyRow(RISE, 1) },
    {
      limit: 'kneeOnFloor',
      side,
      slack: ({ legs }) => legs[side].knee[2] - KNEE_RADIUS,
      row: (_, { legs }) => legs[side].along([0, 0, 1], 0, 1),
    },
  ];
}

/**
 * Where belly and thigh meet: thigh against chest, by mass for height. From 155° at 22 kg/m² some 2° less
 * for each kilogram per square metre more. Ours.
 */
const BELLY = { free: radOfDeg(155), each: radOfDeg(2), from: 22 } as const;

/**
 * How far the plane of a leg turns from the line of its planted foot: knee, shin and the joint under the
 * ankle give it together. Ours.
 */
const MOST_SHIN_TURN = radOfDeg(40);

const shinTurn = (side: Side): Condition[] =>
  between(['shinTurnIn', 'shinTurnOut'], SWIVEL[side], -MOST_SHIN_TURN, MOST_SHIN_TURN, side);

const bellyOnThigh = ({ body }: ProblemParts, side: Side): Condition => {
  const perSquareMetre = body.massKg / body.heightM ** 2;
  const most = BELLY.free - BELLY.each * Math.max(0, perSquareMetre - BELLY.from);
  return {
    limit: 'bellyOnThigh',
    side,
    slack: ({ q, legs }) => most - legs[side].hipBendRad - q[LUMBAR],
    row: (_, { legs }) => {
      const row = scaled(-1, legs[side].hipBend);
      row[LUMBAR] -= 1;
      return row;
    },
  };
};

const softKnee = (side: Side): Condition[] => [
  {
    limit: 'softKnee',
    side,
    slack: ({ legs }) => SOFT_KNEE.most - legs[side].kneeBendRad,
    row: (_, { legs }) => scaled(-1, legs[side].kneeBend),
  },
  {
    limit: 'softKnee',
    side,
    slack: ({ legs }) => legs[side].kneeBendRad - SOFT_KNEE.least,
    row: (_, { legs }) => legs[side].kneeBend,
  },
];

/** What must hold of one leg. */
export function legConditions(problem: ProblemParts, side: Side, limits: SideLimits): Condition[] {
  const { stance, feet } = problem;
  return [
    legLength(side, stance.pattern === 'hinge' ? LONGEST_SOFT : LONGEST),
    ...jointConditions(side, limits),
    ...twoJointConditions(side, limits),
    ...shinTurn(side),
    bellyOnThigh(problem, side),
    ...(feet[side].rises ? rearConditions(side, limits) : []),
    ...(stance.pattern === 'hinge' ? softKnee(side) : []),
  ];
}
