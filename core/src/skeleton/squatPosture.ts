import type { Body } from '../body/body';
import { centreOfMass } from '../body/centreOfMass';
import type { Setup } from '../knowledge/setup';
import { radOfDeg } from '../numeric/angle';
import { sqrtClamped } from '../numeric/safety';
import { add, scale, type Vec3 } from '../numeric/vector';
import { SIDES, signOf, type Side } from '../sides/side';
import type { Posture } from './posture';
import { skeletonOf } from './skeleton';

/** Where on a repetition the body is. */
export interface SquatAim {
  /** 0 thighs level, positive not there yet (knee below the hip), 90 standing. */
  readonly thighDeg: number;
  readonly shinLeanDeg: number;
  /** Hips moved to the client's left, in metres; negative to the right. */
  readonly shiftM?: number;
  readonly turnDeg?: number;
  readonly sideLeanDeg?: number;
  /** Trunk lean when it was seen; otherwise the lean that balances the body over mid-foot. */
  readonly trunkLeanDeg?: number;
}

/** Ankle centres: half the stance to each side, raised with the heel. */
function ankleOf(body: Body, setup: Setup, side: Side): Vec3 {
  const raised = body.ankleHeightM + (0.47 / 0.72) * (setup.heelLiftMm / 1000);
  return [0, (signOf(side) * setup.stanceCm) / 200, raised];
}

/** Knee for a shin that leans along the toes. */
function kneeOf(body: Body, ankle: Vec3, side: Side, toeOutRad: number, leanRad: number): Vec3 {
  const along: Vec3 = [Math.cos(toeOutRad), signOf(side) * Math.sin(toeOutRad), 0];
  return add(
    ankle,
    add(scale(along, body.shankM * Math.sin(leanRad)), [0, 0, body.shankM * Math.cos(leanRad)]),
  );
}

/** How far the hip centre is behind the knee when both heights and the sideways gap are known. */
const hipBehindKnee = (body: Body, rise: number, sideways: number): number =>
  sqrtClamped(body.thighM ** 2 - rise ** 2 - sideways ** 2);

/**
 * The shin lean at which this hip's thigh has its length: by halving, since the distance from hip
 * to knee grows with the lean on the knee-forward branch.
 */
function shinLeanFor(body: Body, hip: Vec3, ankle: Vec3, side: Side, toeOutRad: number): number {
  let [low, high] = [-0.3, 1.2];
  for (let i = 0; i < 50; i++) {
    const lean = (low + high) / 2;
    const knee = kneeOf(body, ankle, side, toeOutRad, lean);
    const gap = Math.hypot(knee[0] - hip[0], knee[1] - hip[1], knee[2] - hip[2]);
    if (gap < body.thighM) low = lean;
    else high = lean;
  }
  return (low + high) / 2;
}

/** Lean that brings the centre of mass over the middle of the foot, between upright and level. */
function balancedLean(body: Body, setup: Setup, at: (leanRad: number) => Posture): number {
  const toeOut = radOfDeg((setup.toeOutDeg.left + setup.toeOutDeg.right) / 2);
  const midFoot = 0.25 * body.footM * Math.cos(toeOut);
  let [low, high] = [radOfDeg(-15), radOfDeg(90)];
  for (let i = 0; i < 40; i++) {
    const lean = (low + high) / 2;
    if (centreOfMass(skeletonOf(body, at(lean)))[0] < midFoot) low = lean;
    else high = lean;
  }
  return (low + high) / 2;
}

/**
 * A squat with both feet flat, for drawing: the legs close the chain from the feet to hips of the
 * asked height, the trunk leans until the body is balanced. It knows no limits; whether this
 * client can get there is not its question.
 */
export function squatPosture(body: Body, setup: Setup, aim: SquatAim): Posture {
  const toeOut = { left: radOfDeg(setup.toeOutDeg.left), right: radOfDeg(setup.toeOutDeg.right) };
  const shift = aim.shiftM ?? 0;
  const turnRad = radOfDeg(aim.turnDeg ?? 0);
  const ankles = { left: ankleOf(body, setup, 'left'), right: ankleOf(body, setup, 'right') };
  const lean = radOfDeg(aim.shinLeanDeg);
  const rise = body.thighM * Math.sin(radOfDeg(aim.thighDeg));
  const knees = SIDES.map((side) => kneeOf(body, ankles[side], side, toeOut[side], lean));
  const gaps = SIDES.map((side, i) => knees[i][1] - signOf(side) * (body.hipWidthM / 2));
  const hipX = SIDES.reduce(
    (sum, _, i) => sum + (knees[i][0] - hipBehindKnee(body, rise, gaps[i])) / 2,
    0,
  );
  const pelvis: Vec3 = [hipX, shift, (knees[0][2] + knees[1][2]) / 2 + rise];
  const legs = Object.fromEntries(
    SIDES.map((side) => {
      const out = (signOf(side) * body.hipWidthM) / 2;
      const hip = add(pelvis, [-Math.sin(turnRad) * out, Math.cos(turnRad) * out, 0]);
      const own = shinLeanFor(body, hip, ankles[side], side, toeOut[side]);
      return [
        side,
        {
          ankle: ankles[side],
          knee: kneeOf(body, ankles[side], side, toeOut[side], own),
          toeOutRad: toeOut[side],
        },
      ];
    }),
  ) as unknown as Posture['legs'];
  const at = (leanRad: number): Posture => ({
    pelvis,
    turnRad,
    trunkLeanRad: leanRad,
    sideLeanRad: radOfDeg(aim.sideLeanDeg ?? 0),
    arms: setup.arms,
    legs,
  });
  return at(
    aim.trunkLeanDeg === undefined ? balancedLean(body, setup, at) : radOfDeg(aim.trunkLeanDeg),
  );
}
