import { meanLength } from '../segments/body';
import { radOfDeg } from '../../foundation/numeric/angle';
import { asinClamped, clamp, sqrtClamped } from '../../foundation/numeric/safety';
import { otherSide, SIDES, signOf } from '../../foundation/sides/side';
import type { PostureProblem } from './problem';
import { stateOf } from './state';
import { LEAN, RISE, zeroRow, X, Y, Z, type Row } from './variables';

/** A first guess at a square posture: closed forms all the way, from the feet up. */
export function startOf(problem: PostureProblem, thighRad: number): Row {
  const q = problem.stance.rear
    ? splitStart(problem, thighRad)
    : squareStart(problem, thighRad, usualShinLean(problem, thighRad));
  q[LEAN] = balancedLean(problem, q);
  return q;
}

/** A thigh angle well within reach, to start from: in a hinge the thighs hardly move. */
export const shallow = ({ stance }: PostureProblem): number =>
  radOfDeg(stance.pattern === 'hinge' ? 72 : 30);

/** How far the shins lean of their own accord, by depth; the stiffer ankle stops both. */
function usualShinLean({ limits, feet, stance }: PostureProblem, thighRad: number): number {
  if (stance.pattern === 'hinge') return radOfDeg(2);
  return Math.min(0.36 * (Math.PI / 2 - thighRad), mostShinLean({ limits, feet }));
}

/** As far as the stiffer ankle lets both shins lean. */
const mostShinLean = ({ limits, feet }: Pick<PostureProblem, 'limits' | 'feet'>): number =>
  Math.min(...SIDES.map((side) => limits.sides[side].ankleBend + feet[side].pitchRad));

/** A square balanced posture with the shins as far over as they go: what reaches deepest. */
export function shinsOver(problem: PostureProblem, thighRad: number): Row {
  const q = squareStart(problem, thighRad, mostShinLean(problem));
  q[LEAN] = balancedLean(problem, q);
  return q;
}

/** Both shins at one lean, both thighs near one angle, the pelvis square; the trunk upright. */
export function squareStart(problem: PostureProblem, thighRad: number, lean: number): Row {
  const { body, feet } = problem;
  const [shank, thigh] = [meanLength(body, 'shankM'), meanLength(body, 'thighM')];
  const rise = thigh * Math.sin(thighRad);
  const knee = (k: 0 | 1, side: 'left' | 'right') =>
    feet[side].ankle[k] + shank * Math.sin(lean) * feet[side].shinPlane[k];
  const behind = SIDES.map((side) => {
    const gap = knee(1, side) - (signOf(side) * body.hipWidthM) / 2;
    return knee(0, side) - sqrtClamped(thigh ** 2 - rise ** 2 - gap ** 2);
  });
  const ankleM = (feet.left.ankle[2] + feet.right.ankle[2]) / 2;
  const q = zeroRow();
  q[X] = (behind[0] + behind[1]) / 2;
  q[Z] = ankleM + shank * Math.cos(lean) + rise;
  return q;
}

/** Front shin near upright, hips behind its knee, rear heel well up. */
function splitStart({ body, feet, stance }: PostureProblem, thighRad: number): Row {
  const front = otherSide(stance.rear!);
  const { shankM, thighM } = body.sides[front];
  const lean = radOfDeg(10);
  const q = zeroRow();
  q[X] = shankM * Math.sin(lean) - thighM * Math.cos(thighRad);
  q[Z] = feet[front].ankle[2] + shankM * Math.cos(lean) + thighM * Math.sin(thighRad);
  q[RISE] = radOfDeg(50);
  return q;
}

/**
 * The trunk lean at which the centre of mass comes over the feet's middles: up·sin + out·cos of the
 * lean is all that the lean changes, so it is one arcsine. Where no lean balances, the nearest.
 */
export function balancedLean(problem: PostureProblem, q: Readonly<Row>): number {
  const { upper, totalKg, stance } = problem;
  if (stance.rear || stance.post) return radOfDeg(stance.post ? 25 : 5);
  const state = stateOf(problem, q);
  const size = Math.hypot(upper.up, upper.out);
  const now = upper.up * Math.sin(q[LEAN]) + upper.out * Math.cos(q[LEAN]);
  const facing = clamp(state.trunk.ahead[0], 0.5, 1);
  const wanted = now - (state.offLine * totalKg) / facing;
  return asinClamped(wanted / size) - Math.atan2(upper.out, upper.up);
}

/** The same guess with the pelvis to one side, metres to the client's left. */
export function moved(q: Readonly<Row>, shiftM: number): Row {
  const next = [...q];
  next[Y] += shiftM;
  return next;
}
