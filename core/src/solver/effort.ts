import { SIDES } from '../sides/side';
import type { PostureProblem } from './problem';
import type { PostureSlopes } from './slopes';
import type { PostureState } from './state';
import { LEAN, RISE, scaled, SIDE_LEAN, TILT, TURN, Y, zeroRow, type Row } from './variables';

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

/** One thing the least effort keeps small: its value and its derivative. */
export interface Residual {
  readonly value: number;
  readonly row: Row;
}

/** Moments over capacities, as plain numbers. */
export function effortValues(problem: PostureProblem, state: PostureState): number[] {
  const { capacities } = problem;
  const moments = SIDES.flatMap((side) => [
    state.moments[side].hip / capacities[side].hipNm,
    state.moments[side].knee / capacities[side].kneeNm,
  ]);
  const costs = costsOf(problem.stance).map(([variable, cost]) => cost * state.q[variable]);
  return [...moments, ...costs, ...SIDES.map((side) => TUCK_COST * tuckOn(problem, state, side))];
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

const costRow = (variable: number, cost: number): Row => {
  const row = zeroRow();
  row[variable] = cost;
  return row;
};

/** The same with derivatives. */
export function effortResiduals(
  problem: PostureProblem,
  state: PostureState,
  slopes: PostureSlopes,
): Residual[] {
  const values = effortValues(problem, state);
  const rows = [
    ...SIDES.flatMap((side) => [
      scaled(1 / problem.capacities[side].hipNm, slopes.moments[side].hip),
      scaled(1 / problem.capacities[side].kneeNm, slopes.moments[side].knee),
    ]),
    ...costsOf(problem.stance).map(([variable, cost]) => costRow(variable, cost)),
    ...SIDES.map((side) =>
      tuckOn(problem, state, side) > 0 ? scaled(TUCK_COST, slopes.legs[side].hipBend) : zeroRow(),
    ),
  ];
  return values.map((value, i) => ({ value, row: rows[i] }));
}

/** Sum of squares: what `settle` makes least. */
export const effortOf = (problem: PostureProblem, state: PostureState): number =>
  effortValues(problem, state).reduce((sum, value) => sum + value * value, 0);
