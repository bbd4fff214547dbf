import { SIDES } from '../../foundation/sides/side';
import type { PostureProblem } from './problem';
import type { PostureSlopes } from './slopes';
import type { PostureState } from './state';
import {
  COUNT,
  LEAN,
  RISE,
  scaled,
  SIDE_LEAN,
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
  [LEAN, 0.15],
  [SIDE_LEAN, 1],
  [TURN, 2],
  [TILT, 2],
  [Y, 0.8],
];

/** One foot behind the other, a tall trunk is part of the pattern and balance is not in doubt. */
const ONE_BEHIND: readonly Cost[] = [
  [LEAN, 0.8],
  [Y, 1],
  [RISE, 0.1],
];

export const costsOf = ({ rear }: { readonly rear: unknown }): readonly Cost[] =>
  rear ? ONE_BEHIND : SIDE_BY_SIDE;

/** Cost of tucking the pelvis under, per radian beyond the hip's own range. */
const TUCK_COST = 0.6;

/** Moments over capacities, as plain numbers, then the small costs. */
function effortValues(problem: PostureProblem, state: PostureState): number[] {
  const { capacities } = problem;
  const values: number[] = [];
  for (const side of SIDES) {
    const { hip, knee } = state.moments[side];
    values.push(hip / capacities[side].hipNm, knee / capacities[side].kneeNm);
  }
  for (const [variable, cost] of costsOf(problem.stance)) values.push(cost * state.q[variable]);
  for (const side of SIDES) values.push(TUCK_COST * tuckOn(problem, state, side));
  return values;
}

/** How far one hip is beyond its own range, borrowed from the low back, in radians. */
export function tuckOn(
  { limits }: PostureProblem,
  { legs }: PostureState,
  side: 'left' | 'right',
): number {
  const { hipBend, hamstrings } = limits.sides[side];
  const leg = legs[side];
  const line = hamstrings
    ? hamstrings.rangeRad + hamstrings.slope * leg.kneeBendRad
    : Number.POSITIVE_INFINITY;
  return Math.max(0, leg.hipBendRad - Math.min(hipBend, line));
}

const rowOfCost = ([variable, cost]: Cost): Row => {
  const row = zeroRow();
  row[variable] = cost;
  return row;
};

/** The derivative of each of these values. */
export function effortRows(
  problem: PostureProblem,
  state: PostureState,
  slopes: PostureSlopes,
): Readonly<Row>[] {
  const { capacities, stance } = problem;
  const rows: Readonly<Row>[] = [];
  for (const side of SIDES) {
    const { hip, knee } = slopes.moments(side);
    rows.push(scaled(1 / capacities[side].hipNm, hip), scaled(1 / capacities[side].kneeNm, knee));
  }
  rows.push(...costsOf(stance).map(rowOfCost));
  for (const side of SIDES) {
    const tucked = tuckOn(problem, state, side) > 0;
    rows.push(tucked ? scaled(TUCK_COST, slopes.legs[side].hipBend) : zeroRow());
  }
  return rows;
}

/** Half the gradient of the sum of squares. */
export function effortGradient(
  problem: PostureProblem,
  state: PostureState,
  slopes: PostureSlopes,
): Row {
  const gradient = zeroRow();
  const add = (weight: number, row: Readonly<Row>) => {
    for (let i = 0; i < COUNT; i++) gradient[i] += weight * row[i];
  };
  for (const side of SIDES) {
    const { hipNm, kneeNm } = problem.capacities[side];
    const [at, rows] = [state.moments[side], slopes.moments(side)];
    add(at.hip / (hipNm * hipNm), rows.hip);
    add(at.knee / (kneeNm * kneeNm), rows.knee);
    const tuck = tuckOn(problem, state, side);
    if (tuck > 0) add(TUCK_COST * TUCK_COST * tuck, slopes.legs[side].hipBend);
  }
  for (const [variable, cost] of costsOf(problem.stance))
    gradient[variable] += cost * cost * state.q[variable];
  return gradient;
}

/** Sum of squares: what `settle` makes least. */
export function effortOf(problem: PostureProblem, state: PostureState): number {
  let sum = 0;
  for (const value of effortValues(problem, state)) sum += value * value;
  return sum;
}
