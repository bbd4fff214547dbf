import type { DepthMeasure } from './depth';
import type { Goal, GoalModel } from './descend';
import { costsOf, effortOf, effortResiduals, type Residual } from './effort';
import type { Condition } from './conditions';
import type { PostureProblem } from './problem';
import { COUNT, LEAN, STEP, zeroRow, type Row } from './variables';

/** Gauss–Newton model of a sum of squares, halved. */
function squaresModel(residuals: readonly Residual[]): GoalModel {
  const gradient = zeroRow();
  for (const { value, row } of residuals)
    for (let i = 0; i < COUNT; i++) gradient[i] += value * row[i];
  return {
    gradient,
    curvature: (i, j) => residuals.reduce((sum, { row }) => sum + row[i] * row[j], 0),
  };
}

/** Least effort: squared moments over capacities and the small costs of posture. */
export const leastEffort = (problem: PostureProblem): Goal => ({
  secant: true,
  value: (state) => effortOf(problem, state) / 2,
  model: (state, slopes) => squaresModel(effortResiduals(problem, state, slopes)),
});

/** Lowest: the depth itself, which has no curvature of its own. */
export const lowest = (measure: DepthMeasure): Goal => ({
  secant: true,
  value: measure.value,
  model: (state, slopes) => ({
    gradient: measure.row(state, slopes),
    curvature: (i, j) => (i === j ? 0.1 / STEP[i] ** 2 : 0),
  }),
});

const SQUARENESS: readonly Residual[] = costsOf({ rear: null }).map(([variable, cost]) => {
  const row: Row = zeroRow();
  row[variable] = variable === LEAN ? 0.01 : cost;
  return { value: 0, row };
});

/** Squarest: as little turn, tilt, shift and side lean as there can be. */
export const squarest: Goal = {
  secant: false,
  value: ({ q }) => SQUARENESS.reduce((sum, { row }) => sum + squareOf(row, q) / 2, 0),
  model: ({ q }) =>
    proximal(
      squaresModel(
        SQUARENESS.map(({ row }) => ({ value: Math.sqrt(squareOf(row, q)) * signAt(row, q), row })),
      ),
    ),
};

/** Some curvature for the variables that a goal says nothing about. */
const proximal = ({ gradient, curvature }: GoalModel): GoalModel => ({
  gradient,
  curvature: (i, j) => curvature(i, j) + (i === j ? 0.01 / STEP[i] ** 2 : 0),
});

const only = (row: Row): number => row.findIndex((value) => value !== 0);
const squareOf = (row: Row, q: Readonly<Row>): number => (row[only(row)] * q[only(row)]) ** 2;
const signAt = (row: Row, q: Readonly<Row>): number => Math.sign(q[only(row)]);

/** A radian over a limit costs this many times what a moment at full capacity costs. */
const OVER = 40;

/** Asks least of the limits it cannot keep: what is missing shows where each is exceeded. */
export function leastExcess(problem: PostureProblem, soft: readonly Condition[]): Goal {
  const excess = ({ slack }: Condition, state: Parameters<Goal['value']>[0]) =>
    Math.max(0, -slack(state)) * OVER;
  return {
    secant: true,
    value: (state) =>
      effortOf(problem, state) / 2 +
      soft.reduce((sum, one) => sum + excess(one, state) ** 2 / 2, 0),
    model: (state, slopes) =>
      squaresModel([
        ...effortResiduals(problem, state, slopes),
        ...soft
          .filter((one) => excess(one, state) > 0)
          .map((one) => ({
            value: excess(one, state),
            row: one.row(state, slopes).map((value) => -OVER * value),
          })),
      ]),
  };
}
