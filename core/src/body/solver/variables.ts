/**
 * The free variables of a posture, in the order in which the solver keeps them: metres, radians, and
 * for the push a share of body weight. Middle of the hip line (x forward, y to the client's left, z up);
 * the pelvis's turn about the vertical (positive: left side back) and its tilt (positive: left side up);
 * the chest's lean forward and to the left; how far the low back bends forward, which leaves the pelvis
 * that much less leaned than the chest; where each knee is on its circle about the line from ankle to
 * hip (positive: out); how far the rear foot has risen onto its ball; how hard a hand on a post is
 * pulled forward.
 *
 * On one leg the other one hangs: in the place of its swivel stands how far its thigh is ahead of the
 * pelvis, in the place of the rise how far its knee is bent.
 */
export const X = 0;
export const Y = 1;
export const Z = 2;
export const TURN = 3;
export const TILT = 4;
export const LEAN = 5;
export const SIDE_LEAN = 6;
export const LUMBAR = 7;
export const SWIVEL = { left: 8, right: 9 } as const;
export const RISE = 10;
export const HANGING_KNEE = 10;
export const PULL = 11;
export const COUNT = 12;

/** One value for each variable, or one derivative with respect to each. */
export type Row = number[];

/** How far a variable can sensibly move in one step of the solver, in its own unit. */
export const STEP: Readonly<Row> = [0.2, 0.15, 0.2, 0.3, 0.2, 0.6, 0.2, 0.3, 0.4, 0.4, 0.5, 0.15];

const KNEES: readonly number[] = [SWIVEL.left, SWIVEL.right];
const SIDE_BY_SIDE: readonly number[] = [X, Y, Z, TURN, TILT, LEAN, SIDE_LEAN, LUMBAR, ...KNEES];
const ONE_BEHIND: readonly number[] = [X, Y, Z, LEAN, LUMBAR, ...KNEES, RISE];
const SQUARE: readonly number[] = [X, Z, LEAN, LUMBAR, ...KNEES];
const ON_ONE_LEG: readonly number[] = [...SIDE_BY_SIDE, HANGING_KNEE];
const SQUARE_ON_ONE_LEG: readonly number[] = [X, Y, Z, LEAN, LUMBAR, ...KNEES, HANGING_KNEE];

interface Free {
  readonly rear: unknown;
  readonly oneLeg: unknown;
  readonly post: boolean;
}

const withPost = (free: readonly number[], { post }: Free): readonly number[] =>
  post ? [...free, PULL] : free;

/**
 * The variables a stance leaves free. One foot behind the other, the pelvis and trunk stay square
 * to the front (turning out of it is the fault, not the pattern) and the rear heel rises.
 */
export const freeOf = (stance: Free): readonly number[] =>
  withPost(stance.rear ? ONE_BEHIND : stance.oneLeg ? ON_ONE_LEG : SIDE_BY_SIDE, stance);

/** Those of a posture without turn, tilt or side lean; nor, on two feet side by side, a shift. */
export const squareOf = (stance: Free): readonly number[] =>
  withPost(stance.rear ? ONE_BEHIND : stance.oneLeg ? SQUARE_ON_ONE_LEG : SQUARE, stance);

/** Those that the lowest posture is looked for with: on one leg a turn, tilt or lean is the fault, not the pattern. */
export const lowestFreeOf = (stance: Free): readonly number[] =>
  stance.oneLeg ? squareOf(stance) : freeOf(stance);

/** All zero; negative zeros, so that the engine keeps the row as numbers with a fraction. */
export const zeroRow = (): Row => [-0, -0, -0, -0, -0, -0, -0, -0, -0, -0, -0, -0];

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
  a * x[8] + b * y[8],
  a * x[9] + b * y[9],
  a * x[10] + b * y[10],
  a * x[11] + b * y[11],
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
  k * x[8],
  k * x[9],
  k * x[10],
  k * x[11],
];

/** `onto` and k·x, in place. */
export function addScaled(onto: Row, k: number, x: Readonly<Row>): void {
  for (let i = 0; i < COUNT; i++) onto[i] += k * x[i];
}
