import { meanLength } from '../segments/body';
import { radOfDeg } from '../../foundation/numeric/angle';
import { asinClamped, clamp, sqrtClamped } from '../../foundation/numeric/safety';
import type { Vec3 } from '../../foundation/numeric/vector';
import { otherSide, SIDES, signOf, type Side } from '../../foundation/sides/side';
import { MIDDLE_AHEAD, PRESSURE_AHEAD } from './feet';
import { swivelOf } from './legState';
import type { PostureProblem } from './problem';
import { stateOf } from './state';
import { HANGING_KNEE, LEAN, LUMBAR, RISE, SWIVEL, zeroRow, X, Y, Z, type Row } from './variables';

/** A first guess at a square posture: closed forms all the way, from the feet up. */
export function startOf(problem: PostureProblem, thighRad: number): Row {
  const { rear, oneLeg } = problem.stance;
  if (oneLeg) return oneLegStart(problem, oneLeg, thighRad, usualShinLean(problem, thighRad));
  const q = rear
    ? splitStart(problem, thighRad)
    : squareStart(problem, thighRad, usualShinLean(problem, thighRad));
  q[LUMBAR] = clamp(0, problem.limits.lumbarRad - 0.1, problem.limits.lumbarRad);
  q[LEAN] = balancedLean(problem, q, MIDDLE_AHEAD);
  return q;
}

/** A thigh angle well within reach, to start from: in a hinge the thighs hardly move. */
export const shallow = ({ stance }: PostureProblem): number =>
  radOfDeg(stance.pattern === 'hinge' ? 72 : 30);

/** How far the shins lean of their own accord, by depth; the stiffer ankle stops both. */
function usualShinLean({ limits, feet, stance }: LeanOf, thighRad: number): number {
  if (stance.pattern === 'hinge') return radOfDeg(2);
  return Math.min(0.36 * (Math.PI / 2 - thighRad), mostShinLean({ limits, feet, stance }));
}

/** As far as the stiffer ankle lets both shins lean. */
const mostShinLean = ({ limits, feet, stance: { oneLeg } }: LeanOf): number =>
  Math.min(
    ...SIDES.filter((side) => !oneLeg || side === oneLeg).map(
      (side) => limits.sides[side].ankleBend + feet[side].pitchRad,
    ),
  );

type LeanOf = Pick<PostureProblem, 'limits' | 'feet' | 'stance'>;

/** Shins as far over as they go, low back as round as it goes, weight on the heels: what reaches deepest. */
export function shinsOver(problem: PostureProblem, thighRad: number): Row {
  const q = squareStart(problem, thighRad, mostShinLean(problem));
  q[LUMBAR] = problem.limits.lumbarRad;
  q[LEAN] = balancedLean(problem, q, PRESSURE_AHEAD.least);
  return q;
}

/** A knee over the line of its foot, with the shin at a lean. */
function kneeOverFoot(problem: PostureProblem, side: Side, shankM: number, lean: number): Vec3 {
  const { ankle, shinPlane } = problem.feet[side];
  const ahead = shankM * Math.sin(lean);
  return [
    ankle[0] + ahead * shinPlane[0],
    ankle[1] + ahead * shinPlane[1],
    ankle[2] + shankM * Math.cos(lean),
  ];
}

/** The same posture with each knee as near to where it shall be as its circle comes. */
export function withKnees(
  problem: PostureProblem,
  q: Readonly<Row>,
  kneeOf: (side: Side) => Vec3,
): Row {
  const { body, feet } = problem;
  const { legs } = stateOf(problem, q);
  const next = [...q];
  for (const side of SIDES) {
    if (side === problem.hanging?.side) continue;
    const { hip, ankle } = legs[side];
    next[SWIVEL[side]] = swivelOf(feet[side], body.sides[side], hip, ankle, kneeOf(side));
  }
  return next;
}

/** Both shins at one lean, both thighs near one angle, the pelvis square; the trunk upright. */
export function squareStart(problem: PostureProblem, thighRad: number, lean: number): Row {
  const { body, feet } = problem;
  const [shank, thigh] = [meanLength(body, 'shankM'), meanLength(body, 'thighM')];
  const knees = (side: Side) => kneeOverFoot(problem, side, shank, lean);
  const gap = (side: Side) => knees(side)[1] - (signOf(side) * body.hipWidthM) / 2;
  // A thigh that reaches out to its knee does not rise as high as it is long.
  const highest = sqrtClamped(thigh ** 2 - Math.max(gap('left') ** 2, gap('right') ** 2));
  const rise = Math.min(thigh * Math.sin(thighRad), highest);
  const behind = SIDES.map(
    (side) => knees(side)[0] - sqrtClamped(thigh ** 2 - rise ** 2 - gap(side) ** 2),
  );
  const ankleM = (feet.left.ankle[2] + feet.right.ankle[2]) / 2;
  const q = zeroRow();
  q[X] = (behind[0] + behind[1]) / 2;
  q[Z] = ankleM + shank * Math.cos(lean) + rise;
  return withKnees(problem, q, knees);
}

/** The leg in the air in a squat: ahead of upright, more the deeper, and the straighter; radians. */
const AHEAD = { least: radOfDeg(33), each: 0.6, knee: radOfDeg(38), straighterEach: 0.26 } as const;

/** In a hinge it is bent and in line with the trunk. */
const BEHIND_KNEE = radOfDeg(40);

/** The leg in the air where it usually is, by how far the other thigh is bent from upright. */
function hung(problem: PostureProblem, q: Row, bentRad: number): void {
  const side = problem.hanging!.side;
  const isHinge = problem.stance.pattern === 'hinge';
  const fromPelvis = q[LEAN] - q[LUMBAR];
  q[SWIVEL[side]] = isHinge ? 0 : AHEAD.least + AHEAD.each * bentRad + fromPelvis;
  q[HANGING_KNEE] = isHinge
    ? BEHIND_KNEE
    : Math.max(0.1, AHEAD.knee - AHEAD.straighterEach * bentRad);
}

/** As far as a knee begins beside the plane of its foot, in radians. */
const MOST_ASIDE = 0.5;

/** So often the hips are moved over the foot and the trunk leaned until both are as they shall be. */
const ROUNDS = 4;

/** One shin at a lean, its thigh at an angle, the hips and the trunk over that foot, the other leg in the air. */
export function oneLegStart(
  problem: PostureProblem,
  oneLeg: Side,
  thighRad: number,
  lean: number,
): Row {
  const { body, feet, limits } = problem;
  const { shankM, thighM } = body.sides[oneLeg];
  const { shinPlane } = feet[oneLeg];
  const knee = kneeOverFoot(problem, oneLeg, shankM, lean);
  const behind = thighM * Math.cos(thighRad);
  let q = zeroRow();
  q[X] = knee[0] - behind * shinPlane[0];
  q[Y] = knee[1] - behind * shinPlane[1] - (signOf(oneLeg) * body.hipWidthM) / 2;
  q[Z] = knee[2] + thighM * Math.sin(thighRad);
  q[LUMBAR] = clamp(0, limits.lumbarRad - 0.1, limits.lumbarRad);
  for (let i = 0; i < ROUNDS; i++) {
    hung(problem, q, Math.PI / 2 - thighRad);
    q[Y] -= stateOf(problem, q).pressure.asideM;
    q = withKnees(problem, q, () => knee);
    // Hips over the foot leave a nearly straight leg no room for a knee beside them.
    q[SWIVEL[oneLeg]] = clamp(q[SWIVEL[oneLeg]], -MOST_ASIDE, MOST_ASIDE);
    q[LEAN] = balancedLean(problem, q, MIDDLE_AHEAD);
  }
  hung(problem, q, Math.PI / 2 - thighRad);
  return q;
}

/** Front shin near upright, hips behind its knee, rear heel well up. */
function splitStart(problem: PostureProblem, thighRad: number): Row {
  const { body, feet, stance } = problem;
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
 * The lean of the chest, the pelvis following it, at which the feet are pressed so far ahead of the
 * ankles: a sine and a cosine of the lean are all that the lean changes, so it is one arcsine. Where no
 * lean balances, the nearest.
 *
 * @param ahead as a share of a foot's length
 */
export function balancedLean(problem: PostureProblem, q: Readonly<Row>, ahead: number): number {
  const { upper, totalKg, stance, feet, onPelvis } = problem;
  if (stance.rear) return radOfDeg(5);
  const { pressure, trunk } = stateOf(problem, q);
  const sine = upper.up + onPelvis * Math.cos(q[LUMBAR]);
  const cosine = upper.out - onPelvis * Math.sin(q[LUMBAR]);
  const now = sine * Math.sin(q[LEAN]) + cosine * Math.cos(q[LEAN]);
  const [a, b] = stance.oneLeg ? [stance.oneLeg, stance.oneLeg] : SIDES;
  const footM = (feet[a].pressureBy[0] + feet[b].pressureBy[0]) / 2;
  const facing = clamp(trunk.ahead[0], 0.5, 1);
  const wanted = now + ((ahead - pressure.ahead) * footM * totalKg) / facing;
  return asinClamped(wanted / Math.hypot(sine, cosine)) - Math.atan2(cosine, sine);
}

/** The same guess with the pelvis to one side, metres to the client's left. */
export function moved(q: Readonly<Row>, shiftM: number): Row {
  const next = [...q];
  next[Y] += shiftM;
  return next;
}
