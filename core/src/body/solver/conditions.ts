import { radOfDeg } from '../../foundation/numeric/angle';
import { SIDES, type MaybeSide, type Side } from '../../foundation/sides/side';
import type { Limits, SideLimits } from './limits';
import type { ProblemParts } from './problem';
import type { PostureSlopes } from './slopes';
import type { PostureState } from './state';
import { LEAN, mix, RISE, scaled, SIDE_LEAN, TILT, TURN, Z, zeroRow, type Row } from './variables';

/** What can stop a posture: a joint, a muscle over two joints, or the body's balance. */
const LIMIT_IDS = [
  'ankleBend',
  'hipBend',
  'kneeBend',
  'hipTurnIn',
  'hipTurnOut',
  'hipOpen',
  'hipExtend',
  'toeBend',
  'hamstrings',
  'longCalf',
  'frontThigh',
  'legLength',
  'heelDown',
  'kneeOnFloor',
  'hipsOnFloor',
  'weightShare',
  'pelvisTurn',
  'pelvisTilt',
  'sideLean',
  'trunkLevel',
  'trunkUpright',
  'hipsBehind',
  'softKnee',
  'balance',
] as const;
export type LimitId = (typeof LIMIT_IDS)[number];

/** One thing that must hold: slack is never negative. Radians, metres or a share. */
export interface Condition {
  readonly limit: LimitId;
  readonly side: MaybeSide;
  readonly slack: (state: PostureState) => number;
  readonly row: (state: PostureState, slopes: PostureSlopes) => Row;
}

/** Left–right balance as the model has it. */
const LEAST_SHARE = 0.25;
/** One foot behind the other, most of the weight is in front. Ours. */
const LEAST_FRONT = 0.45;
const LEAST_REAR = 0.1;
const MOST_TURN = radOfDeg(15);
const MOST_TILT = radOfDeg(8);
const MOST_SIDE_LEAN = radOfDeg(10);
const LEVEL = radOfDeg(90);
/** A free body may lean back a little; one that holds a post stays upright. */
const LEAN_BACK = radOfDeg(-20);
/** Knees in a hinge are soft: unlocked, but no squat. Ours. */
const SOFT_KNEE = { least: radOfDeg(10), most: radOfDeg(25) } as const;
/** Centre of the knee and of the hips over the floor when they rest on it, in metres. */
const KNEE_RADIUS = 0.05;
const SEAT_RADIUS = 0.09;
/** A leg is never quite straight, about 2° short of it, so that its bend stays defined. */
const LONGEST = 1 - 5e-4;
/** In a hinge it stays further from straight: there the solver lives at this limit. */
const LONGEST_SOFT = 1 - 5e-3;

const onlyRow = (variable: number, value: number): Row => {
  const row = zeroRow();
  row[variable] = value;
  return row;
};

/** A variable between two bounds. */
function between(
  limits: readonly [LimitId, LimitId],
  variable: number,
  low: number,
  high: number,
): Condition[] {
  const [up, down] = [onlyRow(variable, 1), onlyRow(variable, -1)];
  return [
    { limit: limits[0], side: null, slack: ({ q }) => q[variable] - low, row: () => up },
    { limit: limits[1], side: null, slack: ({ q }) => high - q[variable], row: () => down },
  ];
}

/** Conditions for which a side's limit is a plain number against an angle of the leg. */
function jointConditions(side: Side, limits: SideLimits, tuckRad: number): Condition[] {
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
      slack: ({ legs }) => limits.hipBend + tuckRad - legs[side].hipBendRad,
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
      row: (_, { legs }) => scaled(-1, legs[side].hipOpen()),
    },
  ];
  return plain.filter(({ limit }) => Number.isFinite(limits[limit as keyof SideLimits]));
}

/** Muscles over two joints: a line in two angles of the leg. */
function twoJointConditions(side: Side, limits: SideLimits, tuckRad: number): Condition[] {
  const { hamstrings, longCalf, frontThigh } = limits;
  const lines: Condition[] = [];
  if (hamstrings)
    lines.push({
      limit: 'hamstrings',
      side,
      slack: ({ legs: { [side]: leg } }) =>
        hamstrings.rangeRad + tuckRad + hamstrings.slope * leg.kneeBendRad - leg.hipBendRad,
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

/** The rear leg of a lunge or split: hip behind the trunk, toes, knee over the floor. */
function rearConditions(side: Side, limits: SideLimits): Condition[] {
  return [
    {
      limit: 'hipExtend',
      side,
      slack: ({ legs }) => limits.hipExtend + legs[side].hipBendRad,
      row: (_, { legs }) => legs[side].hipBend,
    },
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

/** With a hand on a post: hips no further behind the ankles than a thigh is long. */
const hipsBehind = (side: Side, thighM: number): Condition => ({
  limit: 'hipsBehind',
  side,
  slack: ({ legs }) => thighM - (legs[side].ankle[0] - legs[side].hip[0]),
  row: (_, { legs }) => legs[side].along([1, 0, 0], 1, 0),
});

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

/** Least share of the weight on each foot. */
const leastShare = ({ stance, feet }: ProblemParts, side: Side): number =>
  !stance.rear ? LEAST_SHARE : feet[side].rises ? LEAST_REAR : LEAST_FRONT;

function wholeConditions(problem: ProblemParts): Condition[] {
  const { post } = problem.stance;
  const [left, right] = [leastShare(problem, 'left'), leastShare(problem, 'right')];
  return [
    {
      limit: 'weightShare',
      side: 'left',
      slack: ({ shareLeft }) => 1 - right - shareLeft,
      row: (_, { shareLeft }) => scaled(-1, shareLeft),
    },
    {
      limit: 'weightShare',
      side: 'right',
      slack: ({ shareLeft }) => shareLeft - left,
      row: (_, { shareLeft }) => shareLeft,
    },
    ...between(['pelvisTurn', 'pelvisTurn'], TURN, -MOST_TURN, MOST_TURN),
    ...between(['pelvisTilt', 'pelvisTilt'], TILT, -MOST_TILT, MOST_TILT),
    ...between(['sideLean', 'sideLean'], SIDE_LEAN, -MOST_SIDE_LEAN, MOST_SIDE_LEAN),
    ...between(['trunkUpright', 'trunkLevel'], LEAN, post ? 0 : LEAN_BACK, LEVEL),
    {
      limit: 'hipsOnFloor',
      side: null,
      slack: ({ q }) => q[Z] - SEAT_RADIUS,
      row: () => onlyRow(Z, 1),
    },
  ];
}

/** What must hold of one leg. */
function legConditions(
  { body, stance, feet }: ProblemParts,
  side: Side,
  limits: SideLimits,
  tuckRad: number,
): Condition[] {
  return [
    legLength(side, stance.pattern === 'hinge' ? LONGEST_SOFT : LONGEST),
    ...jointConditions(side, limits, tuckRad),
    ...twoJointConditions(side, limits, tuckRad),
    ...(feet[side].rises ? rearConditions(side, limits) : []),
    ...(stance.post ? [hipsBehind(side, body.sides[side].thighM)] : []),
    ...(stance.pattern === 'hinge' ? softKnee(side) : []),
  ];
}

/**
 * All that must hold of a posture under some limits, besides balance. A leg's conditions are made
 * once for its limits: many problems of one body differ in one side alone.
 */
export function conditionsUnder(problem: ProblemParts): (limits: Limits) => Condition[] {
  const whole = wholeConditions(problem);
  const made = new Map<SideLimits, { readonly tuckRad: number; readonly leg: Condition[] }>();
  const legOf = (side: Side, limits: SideLimits, tuckRad: number): Condition[] => {
    const known = made.get(limits);
    if (known?.tuckRad === tuckRad && known.leg[0].side === side) return known.leg;
    const leg = legConditions(problem, side, limits, tuckRad);
    made.set(limits, { tuckRad, leg });
    return leg;
  };
  return ({ sides, tuckRad }) => [
    ...SIDES.flatMap((side) => legOf(side, sides[side], tuckRad)),
    ...whole,
  ];
}

/** Limits that a joint or muscle of the client sets, as against balance and the floor. */
export const RANGE_LIMITS: readonly LimitId[] = LIMIT_IDS.slice(0, 11);
