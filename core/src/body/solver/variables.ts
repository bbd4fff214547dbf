/**
 * The free variables of a posture, in the order in which the solver keeps them: metres and radians.
 * Pelvis centre (x forward, y to the client's left, z up); its turn about the vertical (positive:
 * left side back) and its tilt (positive: left side up); the trunk's lean forward and to the left;
 * how far the rear foot has risen onto its ball.
 */
export const X = 0;
export const Y = 1;
export const Z = 2;
export const TURN = 3;
export const TILT = 4;
export const LEAN = 5;
export const SIDE_LEAN = 6;
export const RISE = 7;
export const COUNT = 8;

/** One value for each variable, or one derivative with respect to each. */
export type Row = number[];

/** How far a variable can sensibly move in one step of the solver, in its own unit. */
export const STEP: Readonly<Row> = [0.2, 0.15, 0.2, 0.3, 0.2, 0.6, 0.2, 0.5];

const SIDE_BY_SIDE: readonly number[] = [X, Y, Z, TURN, TILT, LEAN, SIDE_LEAN];
const ONE_BEHIND: readonly number[] = [X, Y, Z, LEAN, RISE];
const SQUARE: readonly number[] = [X, Z, LEAN];

interface Feet {
  readonly rear: unknown;
}

/**
 * The variables a stance leaves free. One foot behind the other, the pelvis and trunk stay square
 * to the front (turning out of it is the fault, not the pattern) and the rear heel rises.
 */
export const freeOf = ({ rear }: Feet): readonly number[] => (rear ? ONE_BEHIND : SIDE_BY_SIDE);

/** Those of a posture without shift, turn, tilt or side lean. */
export const squareOf = ({ rear }: Feet): readonly number[] => (rear ? ONE_BEHIND : SQUARE);

/** All zero; negative zeros, so that the engine keeps the row as numbers with a fraction. */
export const zeroRow = (): Row => [-0, -0, -0, -0, -0, -0, -0, -0];

/** a·x + b·y for rows; written out, since the solver spends its time here. */
export const mix = (a: number, x: Readonly<Row>, b: number, y: Readonly<Row>): Row => [
  a * x[0] + b * y[0],
  a * x[1] + b * y[1],
  a * x[2] + b * y[2],
  a * x[3] + b * y[3],
  a * x[4] + b * y[4],
  a * x[5] + b * y[5],
  a * x[6] + b * y[6],
  a * x[7] + b * y[7],
];

export const scaled = (k: number, x: Readonly<Row>): Row => [
  k * x[0],
  k * x[1],
  k * x[2],
  k * x[3],
  k * x[4],
  k * x[5],
  k * x[6],
  k * x[7],
];

/** a·x + b·y + c·z for rows. */
export const mix3 = (
  a: number,
  x: Readonly<Row>,
  b: number,
  y: Readonly<Row>,
  c: number,
  z: Readonly<Row>,
): Row => [
  a * x[0] + b * y[0] + c * z[0],
  a * x[1] + b * y[1] + c * z[1],
  a * x[2] + b * y[2] + c * z[2],
  a * x[3] + b * y[3] + c * z[3],
  a * x[4] + b * y[4] + c * z[4],
  a * x[5] + b * y[5] + c * z[5],
  a * x[6] + b * y[6] + c * z[6],
  a * x[7] + b * y[7] + c * z[7],
];
