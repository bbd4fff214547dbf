import { radOfDeg } from '../../foundation/numeric/angle';
import { dot, length, unit, type Vec3 } from '../../foundation/numeric/vector';
import { SIDES, type MaybeSide, type Side } from '../../foundation/sides/side';
import { PRESSURE_AHEAD } from './feet';
import type { Limits, SideLimits } from './limits';
import { MOST_PULL } from './post';
import { leastShare, MOST_ASIDE } from './pressureRoom';
import type { ProblemParts } from './problem';
import type { PostureSlopes } from './slopes';
import type { PostureState } from './state';
import {
  LEAN,
  LUMBAR,
  mix,
  PULL,
  RISE,
  scaled,
  SIDE_LEAN,
  SWIVEL,
  TILT,
  TURN,
  X,
  Y,
  Z,
  zeroRow,
  type Row,
} from './variables';

/** What can stop a posture: a joint, a muscle over two joints, flesh on flesh, or the body's balance. */
const LIMIT_IDS = [
  'ankleBend',
  'hipBend',
  'kneeBend',
  'hipTurnIn',
  'hipTurnOut',
  'hipOpen',
  'hipAdduct',
  'shinTiltIn',
  'shinTiltOut',
  'shinTurnIn',
  'shinTurnOut',
  'hipExtend',
  'toeBend',
  'hamstrings',
  'longCalf',
  'frontThigh',
  'lumbarBend',
  'lumbarArch',
  'bellyOnThigh',
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
  'heelsPressed',
  'toesPressed',
  'sidePressed',
  'postReach',
  'postPull',
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

/** Left–right balance as the model has it; the share on each foot is in `pressureRoom.ts`. */
const MOST_TURN = radOfDeg(15);
const MOST_TILT = radOfDeg(8);
const MOST_SIDE_LEAN = radOfDeg(10);
const LEVEL = radOfDeg(90);
/** A body may lean back a little. */
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
  side: MaybeSide = null,
): Condition[] {
  const [up, down] = [onlyRow(variable, 1), onlyRow(variable, -1)];
  return [
    { limit: limits[0], side, slack: ({ q }) => q[variable] - low, row: () => up },
    { limit: limits[1], side, slack: ({ q }) => high - q[variable], row: () => down },
  ];
}

/** Conditions for which a side's limit is a plain number against an angle of the leg. */
function jointConditions(side: Side, limits: SideLimits): Condition[] {
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
function twoJointConditions(side: Side, limits: SideLimits): Condition[] {
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

/** The feet of a step: along it the share on each says where the ground pushes, across it they are narrow. */
const asideConditions: Condition[] = [1, -1].map((way) => ({
  limit: 'sidePressed',
  side: null,
  slack: ({ pressure }) => MOST_ASIDE - way * pressure.asideM,
  row: (_, { aside }) => scaled(-way, aside),
}));

/** The ground's push stays on the feet: neither back beyond the heels nor out over the toes. Metres. */
function pressedConditions({ body, stance }: ProblemParts): Condition[] {
  if (stance.rear) return asideConditions;
  const { footM } = body.sides.left;
  return [
    {
      limit: 'heelsPressed',
      side: null,
      slack: ({ pressure }) => footM * (pressure.ahead - PRESSURE_AHEAD.least),
      row: (_, { ahead }) => scaled(footM, ahead),
    },
    {
      limit: 'toesPressed',
      side: null,
      slack: ({ pressure }) => footM * (PRESSURE_AHEAD.most - pressure.ahead),
      row: (_, { ahead }) => scaled(-footM, ahead),
    },
  ];
}

/** A hand on a post: within reach of the shoulders, and no stronger than a hand is. */
function postConditions({ post, pelvisM, chestM }: ProblemParts): Condition[] {
  if (!post) return [];
  const away = ({ chest }: PostureState): Vec3 => [
    chest[0] - post.aheadM,
    chest[1],
    chest[2] - post.heldM,
  ];
  const reach: Condition = {
    limit: 'postReach',
    side: null,
    slack: (state) => post.reachM - length(away(state)),
    row: ({ trunk, ...state }) => {
      const out = unit(away({ trunk, ...state }));
      const { up, forward, left, ahead, pelvisUp, pelvisForward, pelvisLeft } = trunk;
      const turned: Vec3 = [out[1], -out[0], 0];
      const leans = dot(forward, ahead);
      const row = zeroRow();
      row[X] = out[0];
      row[Y] = out[1];
      row[Z] = out[2];
      row[TURN] = pelvisM * dot(turned, pelvisUp) + chestM * dot(turned, up);
      row[TILT] = -pelvisM * dot(pelvisForward, ahead) * dot(out, pelvisLeft);
      row[LEAN] = pelvisM * dot(out, pelvisForward) + chestM * dot(out, forward);
      row[LUMBAR] = -pelvisM * dot(out, pelvisForward);
      row[SIDE_LEAN] = chestM * leans * dot(out, left);
      return scaled(-1, row);
    },
  };
  return [reach, ...between(['postPull', 'postPull'], PULL, -MOST_PULL, MOST_PULL)];
}

function wholeConditions(problem: ProblemParts): Condition[] {
  const [left, right] = [leastShare(problem.feet, 'left'), leastShare(problem.feet, 'right')];
  return [
    {
      limit: 'weightShare',
      side: 'left',
      slack: ({ pressure }) => 1 - right - pressure.shareLeft,
      row: (_, { shareLeft }) => scaled(-1, shareLeft),
    },
    {
      limit: 'weightShare',
      side: 'right',
      slack: ({ pressure }) => pressure.shareLeft - left,
      row: (_, { shareLeft }) => shareLeft,
    },
    ...between(['pelvisTurn', 'pelvisTurn'], TURN, -MOST_TURN, MOST_TURN),
    ...between(['pelvisTilt', 'pelvisTilt'], TILT, -MOST_TILT, MOST_TILT),
    ...between(['sideLean', 'sideLean'], SIDE_LEAN, -MOST_SIDE_LEAN, MOST_SIDE_LEAN),
    ...between(['trunkUpright', 'trunkLevel'], LEAN, LEAN_BACK, LEVEL),
    ...pressedConditions(problem),
    ...postConditions(problem),
    {
      limit: 'hipsOnFloor',
      side: null,
      slack: ({ q }) => q[Z] - SEAT_RADIUS,
      row: () => onlyRow(Z, 1),
    },
  ];
}

/** What must hold of one leg. */
function legConditions(problem: ProblemParts, side: Side, limits: SideLimits): Condition[] {
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

/**
 * All that must hold of a posture under some limits, besides balance. A leg's conditions are made
 * once for its limits: many problems of one body differ in one side alone.
 */
export function conditionsUnder(problem: ProblemParts): (limits: Limits) => Condition[] {
  const whole = wholeConditions(problem);
  const made = new Map<SideLimits, Condition[]>();
  const legOf = (side: Side, limits: SideLimits): Condition[] => {
    const known = made.get(limits);
    if (known?.[0].side === side) return known;
    const leg = legConditions(problem, side, limits);
    made.set(limits, leg);
    return leg;
  };
  return ({ sides, lumbarRad, lumbarArchRad }) => [
    ...SIDES.flatMap((side) => legOf(side, sides[side])),
    ...between(['lumbarArch', 'lumbarBend'], LUMBAR, lumbarArchRad, lumbarRad),
    ...whole,
  ];
}

/** Limits that a joint or muscle of the client sets, as against balance and the floor. */
export const RANGE_LIMITS: readonly LimitId[] = LIMIT_IDS.slice(0, LIMIT_IDS.indexOf('lumbarArch'));
