import { radOfDeg } from '../../foundation/numeric/angle';
import { SIDES, signOf, type Side } from '../../foundation/sides/side';
import { USUAL_NM_PER_KG } from './capacities';
import { MIDDLE_AHEAD } from './feet';
import { LUMBAR_DEG } from './limits';
import { backMomentOf, hipAsideMomentOf, momentsOf } from './moments';
import { backSlope } from './momentSlopes';
import type { PostureProblem } from './problem';
import type { PostureSlopes } from './slopes';
import { hangingSide, type Stance } from './stance';
import type { PostureState } from './state';
import {
  addScaled,
  HANGING_KNEE,
  LEAN,
  LUMBAR,
  PULL,
  RISE,
  scaled,
  SIDE_LEAN,
  SWIVEL,
  TILT,
  TURN,
  Y,
  zeroRow,
  type Row,
} from './variables';

/**
 * What a posture costs besides the moments: small costs, per radian or per metre, squared. They
 * keep a body upright and square where the moments leave a choice. Ours, set so that standing and
 * squatting with equal sides stay square and no cost outweighs a moment.
 */
type Cost = readonly [variable: number, cost: number];
const SIDE_BY_SIDE: readonly Cost[] = [
  [LEAN, 0.4],
  [SIDE_LEAN, 1],
  [TURN, 2],
  [TILT, 2],
  [Y, 0.8],
  [LUMBAR, 0.1],
  [PULL, 1],
];

/**
 * On one leg balance says where the hips are and one side of the back holds the trunk; the leg in the air
 * is kept straight and, in a hinge, in line with the pelvis.
 */
const ON_ONE_LEG: readonly Cost[] = [
  [LEAN, 0.4],
  [SIDE_LEAN, 3],
  [TURN, 2],
  [TILT, 3],
  [LUMBAR, 0.3],
  [PULL, 1],
  [HANGING_KNEE, 0.3],
];
const IN_LINE = 1;

function onOneLeg(stance: CostsOf): readonly Cost[] {
  const hanging = hangingSide(stance)!;
  return stance.pattern === 'hinge' ? [...ON_ONE_LEG, [SWIVEL[hanging], IN_LINE]] : ON_ONE_LEG;
}

/** One foot behind the other, a tall trunk is part of the pattern and balance is not in doubt. */
const ONE_BEHIND: readonly Cost[] = [
  [LEAN, 0.8],
  [Y, 1],
  [RISE, 0.1],
  [LUMBAR, 0.3],
  [PULL, 1],
];

type CostsOf = Pick<Stance, 'rear' | 'oneLeg' | 'pattern'>;

export const costsOf = (stance: CostsOf): readonly Cost[] =>
  stance.oneLeg ? onOneLeg(stance) : stance.rear ? ONE_BEHIND : SIDE_BY_SIDE;

/** As far as a low back bends forward before anybody speaks of rounding, and as far as usual ones round. */
const NEUTRAL = radOfDeg(LUMBAR_DEG.neutral);
const ROUND = radOfDeg(LUMBAR_DEG.round);
/** Costs per radian of rounding beyond neutral, of arching, and per shin's length of a knee off its line. */
const ROUNDING = 0.5;
const ARCHING = 1.2;
const OFF_LINE = 1.5;
/**
 * A foot that bears all of the weight makes twice as much of it. What falls in is held by the side of the
 * hip, as firmly as this body does; nothing of it is asked of a knee that goes out.
 */
function offLine(
  { stance, capacities }: PostureProblem,
  { legs }: PostureState,
  side: Side,
): number {
  const held = legs[side].kneeOff < 0 ? capacities[side].kneeLine : 1;
  return (stance.oneLeg === side ? 2 : 1) * OFF_LINE * held;
}
/** Per metre that a foot which stands alone is pressed off its line: the ankle is held from tipping over. */
const OFF_ASIDE = 12;
/** Per foot's length that the feet are pressed away from their middle: a body keeps clear of the edges. */
const OFF_MIDDLE = 1.5;
/**
 * Per radian that a hip of usual strength holds its thigh open: what a weak hip lets go of, so that
 * the knee falls in.
 */
const HOLDING_OPEN = 0.12;

/** How far the low back is beyond neutral, one way or the other, with what that costs. */
function backOff(lumbarRad: number): readonly [rad: number, cost: number] {
  if (lumbarRad > NEUTRAL) return [lumbarRad - NEUTRAL, ROUNDING];
  return lumbarRad < 0 ? [lumbarRad, ARCHING] : [0, 0];
}

/**
 * What the ligaments of a low back carry when it is as round as usual ones get, per kilogram of body mass:
 * about the weight of a leaning trunk. A trunk that its muscles hold keeps off them; one that they
 * do not hold hangs in them, as far as it is not held. Ours.
 */
const HANGING_NM_PER_KG = 1;

/** In newton metres, at this bend. */
function hangingNm({ body, capacities }: PostureProblem, { q }: PostureState): number {
  const round = Math.max(0, q[LUMBAR] - NEUTRAL) / (ROUND - NEUTRAL);
  return (1 - capacities.backHeld) * HANGING_NM_PER_KG * body.massKg * round ** 2;
}

/** Its derivative by the bend. */
function hangingSlope({ body, capacities }: PostureProblem, { q }: PostureState): number {
  const round = Math.max(0, q[LUMBAR] - NEUTRAL) / (ROUND - NEUTRAL);
  const most = (1 - capacities.backHeld) * HANGING_NM_PER_KG * body.massKg;
  return (2 * most * round) / (ROUND - NEUTRAL);
}

/** What holding a thigh open costs this hip, per radian. */
const openCost = ({ capacities, body }: PostureProblem, side: Side): number =>
  (HOLDING_OPEN * USUAL_NM_PER_KG.hipSideNm * body.massKg) / capacities[side].hipSideNm;

const isOpen = ({ legs }: PostureState, side: Side): boolean => legs[side].hipOpenRad > 0;

/** Moments over capacities, as plain numbers, then the small costs: the sum of their squares counts. */
function forEachValue(
  problem: PostureProblem,
  state: PostureState,
  visit: (value: number) => void,
): void {
  const { capacities, stance } = problem;
  for (const side of SIDES) {
    const { hip, knee, ankle } = momentsOf(problem, state, side);
    const { hipNm, kneeNm, ankleNm } = capacities[side];
    visit(hip / hipNm);
    visit(knee / kneeNm);
    visit(ankle / ankleNm);
    visit(offLine(problem, state, side) * state.legs[side].kneeOff);
    visit(isOpen(state, side) ? openCost(problem, side) * state.legs[side].hipOpenRad : 0);
  }
  const { oneLeg } = stance;
  if (oneLeg) {
    visit(hipAsideMomentOf(problem, state, oneLeg) / capacities[oneLeg].hipSideNm);
    visit(OFF_ASIDE * state.pressure.asideM);
  }
  visit((backMomentOf(problem, state) - hangingNm(problem, state)) / capacities.backNm);
  visit(OFF_MIDDLE * (state.pressure.ahead - MIDDLE_AHEAD));
  const [off, cost] = backOff(state.q[LUMBAR]);
  visit(cost * off);
  for (const [variable, each] of costsOf(stance)) visit(each * state.q[variable]);
}

const rowOfCost = ([variable, cost]: Cost): Row => {
  const row = zeroRow();
  row[variable] = cost;
  return row;
};

/** The derivative of each of these values, in the same order. */
export function effortRows(
  problem: PostureProblem,
  state: PostureState,
  slopes: PostureSlopes,
): Readonly<Row>[] {
  const { capacities, stance } = problem;
  const rows: Readonly<Row>[] = [];
  for (const side of SIDES) {
    const { hip, knee, ankle } = slopes.moments(side);
    const { hipNm, kneeNm, ankleNm } = capacities[side];
    const leg = slopes.legs[side];
    rows.push(
      scaled(1 / hipNm, hip),
      scaled(1 / kneeNm, knee),
      scaled(1 / ankleNm, ankle),
      scaled(offLine(problem, state, side), leg.kneeOff),
      isOpen(state, side) ? scaled(openCost(problem, side), leg.hipOpen) : zeroRow(),
    );
  }
  const { oneLeg } = stance;
  if (oneLeg)
    rows.push(
      scaled(-signOf(oneLeg) / capacities[oneLeg].hipSideNm, slopes.moments(oneLeg).hipAside()),
      scaled(OFF_ASIDE, slopes.aside),
    );
  const back = backSlope(problem, state);
  back[LUMBAR] -= hangingSlope(problem, state);
  rows.push(scaled(1 / capacities.backNm, back));
  rows.push(scaled(OFF_MIDDLE, slopes.ahead));
  rows.push(rowOfCost([LUMBAR, backOff(state.q[LUMBAR])[1]]));
  rows.push(...costsOf(stance).map(rowOfCost));
  return rows;
}

/** Half the gradient of the sum of squares. */
export function effortGradient(
  problem: PostureProblem,
  state: PostureState,
  slopes: PostureSlopes,
): Row {
  const gradient = zeroRow();
  const rows = effortRows(problem, state, slopes);
  let at = 0;
  forEachValue(problem, state, (value) => {
    if (value !== 0) addScaled(gradient, value, rows[at]);
    at += 1;
  });
  return gradient;
}

/** Sum of squares: what `settle` makes least. */
export function effortOf(problem: PostureProblem, state: PostureState): number {
  let sum = 0;
  forEachValue(problem, state, (value) => (sum += value * value));
  return sum;
}
