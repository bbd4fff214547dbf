import { radOfDeg } from '../../foundation/numeric/angle';
import { dot, length, unit, type Vec3 } from '../../foundation/numeric/vector';
import { SIDES, type Side } from '../../foundation/sides/side';
import { between, onlyRow, type Condition } from './condition';
import { PRESSURE_AHEAD } from './feet';
import { hangingConditions } from './hangingConditions';
import { legConditions } from './legConditions';
import type { Limits, SideLimits } from './limits';
import { MOST_PULL } from './post';
import { leastShare, MOST_ASIDE } from './pressureRoom';
import type { ProblemParts } from './problem';
import type { PostureState } from './state';
import { LEAN, LUMBAR, PULL, scaled, SIDE_LEAN, TILT, TURN, X, Y, Z, zeroRow } from './variables';

/** Left–right balance as the model has it; the share on each foot is in `pressureRoom.ts`. */
const MOST_TURN = radOfDeg(15);
const MOST_TILT = radOfDeg(8);
const MOST_SIDE_LEAN = radOfDeg(10);
const LEVEL = radOfDeg(90);
/** A body may lean back a little. */
const LEAN_BACK = radOfDeg(-20);
/** Centre of the hips over the floor when they rest on it, in metres. */
const SEAT_RADIUS = 0.09;

/** Across a step, and across one foot, there is little room; along a step the share on each says where the ground pushes. */
const asideConditions: Condition[] = [1, -1].map((way) => ({
  limit: 'sidePressed',
  side: null,
  slack: ({ pressure }) => MOST_ASIDE - way * pressure.asideM,
  row: (_, { aside }) => scaled(-way, aside),
}));

/** Both feet bear at least so much; on one leg there is nothing to share. */
function shareConditions({ feet, hanging }: ProblemParts): Condition[] {
  if (hanging) return [];
  const [left, right] = [leastShare(feet, 'left'), leastShare(feet, 'right')];
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
  ];
}

/** The ground's push stays on the feet: neither back beyond the heels nor out over the toes. Metres. */
function pressedConditions({ body, stance }: ProblemParts): Condition[] {
  if (stance.rear) return asideConditions;
  const { footM } = body.sides[stance.oneLeg ?? 'left'];
  return [
    ...(stance.oneLeg ? asideConditions : []),
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
  return [
    ...shareConditions(problem),
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
    const of = side === problem.hanging?.side ? hangingConditions : legConditions;
    const leg = of(problem, side, limits);
    made.set(limits, leg);
    return leg;
  };
  return ({ sides, lumbarRad, lumbarArchRad }) => [
    ...SIDES.flatMap((side) => legOf(side, sides[side])),
    ...between(['lumbarArch', 'lumbarBend'], LUMBAR, lumbarArchRad, lumbarRad),
    ...whole,
  ];
}
