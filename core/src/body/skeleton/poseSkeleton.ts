import type { Body } from '../segments/body';
import { radOfDeg } from '../../foundation/numeric/angle';
import { add, cross, scale, turned, type Vec3 } from '../../foundation/numeric/vector';
import { SIDES, signOf, type Side } from '../../foundation/sides/side';
import { BALL_AHEAD, HEEL_BEHIND, TOE_AHEAD } from '../solver/feet';
import { chestM, pelvisM } from '../solver/upperMass';
import { fleshOf } from './flesh';
import type { ArmPose, LegPose, Pose } from './pose';
import type { ArmPoints, LegPoints, Skeleton } from './skeleton';

interface Frame {
  readonly up: Vec3;
  readonly forward: Vec3;
  readonly left: Vec3;
}

const turnFrame = ({ up, forward, left }: Frame, axis: Vec3, deg: number): Frame => {
  const rad = radOfDeg(deg);
  return {
    up: turned(up, axis, rad),
    forward: turned(forward, axis, rad),
    left: turned(left, axis, rad),
  };
};

const WORLD: Frame = { up: [0, 0, 1], forward: [1, 0, 0], left: [0, 1, 0] };

function pelvisFrame({ turn, lean, roll }: Pose): Frame {
  const faced = turnFrame(WORLD, WORLD.up, turn);
  const leaned = turnFrame(faced, faced.left, lean);
  return turnFrame(leaned, leaned.forward, roll);
}

/** A limb's frame: down along the bone is −up; bent forward, opened outward, turned outward. */
function limbFrame(from: Frame, side: Side, forward: number, open: number, turnOut: number): Frame {
  const e = signOf(side);
  const bent = turnFrame(from, from.left, -forward);
  const opened = turnFrame(bent, bent.forward, e * open);
  return turnFrame(opened, opened.up, e * turnOut);
}

const down = (from: Vec3, frame: Frame, lengthM: number): Vec3 =>
  add(from, scale(frame.up, -lengthM));

/** One leg of a pose, hung on a pelvis. */
function legOf(body: Body, pelvis: Vec3, frame: Frame, pose: LegPose, side: Side): LegPoints {
  const { thighM, shankM, footM, ankleHeightM } = body.sides[side];
  const hip = add(pelvis, scale(frame.left, (signOf(side) * body.hipWidthM) / 2));
  const thigh = limbFrame(frame, side, pose.hip, pose.open, pose.turnOut);
  const knee = down(hip, thigh, thighM);
  const bent = turnFrame(thigh, thigh.left, pose.knee);
  const shank = turnFrame(bent, bent.up, signOf(side) * pose.shinTurn);
  const ankle = down(knee, shank, shankM);
  const foot = turnFrame(shank, shank.left, -pose.ankle);
  const toes = turnFrame(foot, foot.left, -pose.toes);
  const sole = down(ankle, foot, ankleHeightM);
  const ball = add(sole, scale(foot.forward, BALL_AHEAD * footM));
  return {
    hip,
    knee,
    ankle,
    ball,
    heel: add(sole, scale(foot.forward, -HEEL_BEHIND * footM)),
    toe: add(ball, scale(toes.forward, (TOE_AHEAD - BALL_AHEAD) * footM)),
    footForward: foot.forward,
    footUp: foot.up,
    toeForward: toes.forward,
    hinge: bent.left,
  };
}

function armOf(body: Body, chest: Vec3, frame: Frame, pose: ArmPose, side: Side): ArmPoints {
  const { upperArmM, forearmM, handM } = body.sides[side];
  const shoulder = add(chest, scale(frame.left, (signOf(side) * body.shoulderWidthM) / 2));
  const upper = limbFrame(frame, side, pose.raise, pose.out, pose.turnOut);
  const elbow = down(shoulder, upper, upperArmM);
  const fore = turnFrame(upper, upper.left, -pose.elbow);
  const wrist = down(elbow, fore, forearmM);
  const hand = turnFrame(fore, fore.left, -pose.wrist);
  return { shoulder, elbow, wrist, fingertip: down(wrist, hand, handM) };
}

function placed(body: Body, pose: Pose, pelvis: Vec3): Skeleton {
  const frame = pelvisFrame(pose);
  const bent = turnFrame(frame, frame.left, pose.spine);
  const trunk = turnFrame(bent, bent.up, pose.twist ?? 0);
  const head = turnFrame(trunk, trunk.left, pose.head);
  const lowBack = add(pelvis, scale(frame.up, pelvisM(body)));
  const chest = add(lowBack, scale(trunk.up, chestM(body)));
  const both = <T>(of: (side: Side) => T) =>
    Object.fromEntries(SIDES.map((side) => [side, of(side)])) as Record<Side, T>;
  return {
    body,
    pelvis,
    lowBack,
    chest,
    pelvisUp: frame.up,
    headTop: add(chest, scale(head.up, body.headM)),
    trunkUp: trunk.up,
    trunkForward: cross(trunk.left, trunk.up),
    trunkLeft: trunk.left,
    legs: both((side) => legOf(body, pelvis, frame, pose.legs[side], side)),
    arms: both((side) => armOf(body, chest, trunk, pose.arms[side], side)),
  };
}

/** Height of the lowest flesh, in metres. */
export function lowestFlesh(skeleton: Skeleton): number {
  const slices = fleshOf(skeleton.body, skeleton).flatMap((part) => part.slices);
  return slices.reduce(
    (low, { centre, across, through }) =>
      Math.min(low, centre[2] - Math.sqrt(across[2] ** 2 + through[2] ** 2)),
    Infinity,
  );
}

/** Every joint of a pose about a pelvis that hangs in the air: directions without the cost of the floor. */
export const hangingSkeleton = (body: Body, pose: Pose): Skeleton => placed(body, pose, [0, 0, 0]);

/** Every joint of a pose, the body let down until its lowest flesh rests on the floor. */
export function poseSkeleton(body: Body, pose: Pose): Skeleton {
  const lifted: Vec3 = [0, 0, body.heightM];
  const drop = lowestFlesh(placed(body, pose, lifted));
  return placed(body, pose, [0, 0, body.heightM - drop]);
}
