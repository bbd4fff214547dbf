import type { DepthMeasure } from './depth';
import type { Curvature, Goal } from './descend';
import { costsOf, effortGradient, effortOf, effortRows } from './effort';
import type { Condition } from './condition';
import type { PostureProblem } from './problem';
import type { PostureState } from './state';
import { addScaled, LEAN, scaled, STEP, zeroRow, type Row } from './variables';

/** Gauss–Newton curvature of a sum of squares, halved. */
const squaresCurvature =
  (rows: readonly Readonly<Row>[]): Curvature =>
  (i, j) =>
    rows.reduce((sum, row) => sum + row[i] * row[j], 0);

/** Least effort: squared moments over capacities and the small costs of posture. */
export const leastEffort = (problem: PostureProblem): Goal => ({
  secant: true,
  value: (state) => effortOf(problem, state) / 2,
  gradient: (state, slopes) => effortGradient(problem, state, slopes),
  curvature: (state, slopes) => squaresCurvature(effortRows(problem, state, slopes)),
});

/** Lowest: the depth itself, which has no curvature of its own. */
export const lowest = (measure: DepthMeasure): Goal => ({
  secant: true,
  value: measure.value,
  gradient: measure.row,
  curvature: () => (i, j) => (i === j ? 0.03 / STEP[i] ** 2 : 0),
});

/** Costs of not being square, by variable. */
const SQUARENESS: Readonly<Row> = costsOf({ rear: null, oneLeg: null, pattern: 'squat' }).reduce(
  (row, [variable, cost]) => {
    row[variable] = variable === LEAN ? 0.01 : cost;
    return row;
  },
  zeroRow(),
);

/** Squarest: as little turn, tilt, shift and side lean as there can be. */
export const squarest: Goal = {
  secant: false,
  value: ({ q }) => SQUARENESS.reduce((sum, cost, i) => sum + (cost * q[i]) ** 2 / 2, 0),
  gradient: ({ q }) => SQUARENESS.map((cost, i) => cost * cost * q[i]),
  // A little for the variables that it says nothing about.
  curvature: () => (i, j) => (i === j ? SQUARENESS[i] ** 2 + 0.01 / STEP[i] ** 2 : 0),
};

/** A radian over a limit costs this many times what a moment at full capacity costs. */
const OVER = 40;

/** Asks least of the limits it cannot keep: what is missing shows where each is exceeded. */
export function leastExcess(problem: PostureProblem, soft: readonly Condition[]): Goal {
  const excess = ({ slack }: Condition, state: PostureState) => Math.max(0, -slack(state)) * OVER;
  const over = (state: PostureState) => soft.filter((one) => excess(one, state) > 0);
  return {
    secant: true,
    value: (state) =>
      effortOf(problem, state) / 2 +
      soft.reduce((sum, one) => sum + excess(one, state) ** 2 / 2, 0),
    gradient: (state, slopes) => {
      const gradient = effortGradient(problem, state, slopes);
      for (const one of over(state))
        addScaled(gradient, -OVER * excess(one, state), one.row(state, slopes));
      return gradient;
    },
    curvature: (state, slopes) =>
      squaresCurvature([
        ...effortRows(problem, state, slopes),
        ...over(state).map((one) => scaled(-OVER, one.row(state, slopes))),
      ]),
  };
}
