import type { Body } from '../body/body';
import type { Setup } from '../knowledge/setup';
import { add, between, cross, scale, subtract, unit, type Vec3 } from '../numeric/vector';
import { SIDES, signOf, type Side } from '../sides/side';
import type { Posture } from './posture';

/** Where the joints of one limb pair are, in metres. */
export interface LegPoints {
  readonly hip: Vec3;
  readonly knee: Vec3;
  readonly ankle: Vec3;
  readonly heel: Vec3;
  readonly toe: Vec3;
  /** Unit vectors: the way the foot points, and the knee's hinge axis to the client's left. */
  readonly footForward: Vec3;
  readonly hinge: Vec3;
}

export interface ArmPoints {
  readonly shoulder: Vec3;
  readonly elbow: Vec3;
  readonly wrist: Vec3;
  readonly fingertip: Vec3;
}

/** One body in one posture: every joint in space. */
export interface Skeleton {
  readonly pelvis: Vec3;
  readonly chest: Vec3;
  readonly headTop: Vec3;
  /** Length of head and neck, in metres. */
  readonly headM: number;
  /** Unit vectors of the trunk: up along the spine, and forward out of the chest. */
  readonly trunkUp: Vec3;
  readonly trunkForward: Vec3;
  readonly trunkLeft: Vec3;
  readonly pelvisLeft: Vec3;
  readonly legs: Readonly<Record<Side, LegPoints>>;
  readonly arms: Readonly<Record<Side, ArmPoints>>;
}

const UP: Vec3 = [0, 0, 1];

function legPoints(body: Body, posture: Posture, side: Side, pelvisLeft: Vec3): LegPoints {
  const { ankle, knee, toeOutRad } = posture.legs[side];
  const hip = add(posture.pelvis, scale(pelvisLeft, (signOf(side) * body.hipWidthM) / 2));
  const footForward: Vec3 = [Math.cos(toeOutRad), signOf(side) * Math.sin(toeOutRad), 0];
  const flat: Vec3 = [ankle[0], ankle[1], 0];
  const thigh = unit(subtract(hip, knee));
  const shank = unit(subtract(ankle, knee));
  const straight = unit(cross(UP, footForward));
  return {
    hip,
    knee,
    ankle,
    heel: add(flat, scale(footForward, -0.25 * body.footM)),
    toe: add(flat, scale(footForward, 0.75 * body.footM)),
    footForward,
    hinge: unit(cross(shank, thigh), straight),
  };
}

/** Which way the upper arm and forearm point, for a way of holding the arms. */
function armDirections(arms: Setup['arms'], side: Side, trunk: Trunk): { upper: Vec3; fore: Vec3 } {
  const out = signOf(side);
  const { up, forward, left } = trunk;
  if (arms === 'forward')
    return { upper: unit([1, out * 0.04, -0.06]), fore: unit([1, -out * 0.06, 0.02]) };
  if (arms === 'overhead')
    return {
      upper: unit(add(up, scale(left, out * 0.16))),
      fore: unit(add(up, scale(left, -out * 0.06))),
    };
  if (arms === 'crossed')
    return {
      upper: unit(add(add(scale(up, -0.8), scale(forward, 0.55)), scale(left, out * 0.25))),
      fore: unit(add(add(scale(up, 0.55), scale(forward, 0.25)), scale(left, -out * 0.9))),
    };
  return { upper: unit([0.04, out * 0.1, -1]), fore: unit([0.14, out * 0.03, -1]) };
}

interface Trunk {
  readonly up: Vec3;
  readonly forward: Vec3;
  readonly left: Vec3;
}

function armPoints(
  body: Body,
  arms: Setup['arms'],
  side: Side,
  chest: Vec3,
  trunk: Trunk,
): ArmPoints {
  const { upper, fore } = armDirections(arms, side, trunk);
  const shoulder = add(chest, scale(trunk.left, (signOf(side) * body.shoulderWidthM) / 2));
  const elbow = add(shoulder, scale(upper, body.upperArmM));
  const wrist = add(elbow, scale(fore, body.forearmM));
  return { shoulder, elbow, wrist, fingertip: add(wrist, scale(fore, body.handM)) };
}

/** The trunk's own axes: leaned forward, bent to a side, then turned with the pelvis. */
function trunkAxes({ trunkLeanRad, sideLeanRad, turnRad }: Posture): Trunk {
  const [cosTurn, sinTurn] = [Math.cos(turnRad), Math.sin(turnRad)];
  const ahead: Vec3 = [cosTurn, sinTurn, 0];
  const toLeft: Vec3 = [-sinTurn, cosTurn, 0];
  const upright = add(scale(UP, Math.cos(sideLeanRad)), scale(toLeft, Math.sin(sideLeanRad)));
  const up = unit(
    add(scale(upright, Math.cos(trunkLeanRad)), scale(ahead, Math.sin(trunkLeanRad))),
  );
  const left = unit(cross(up, ahead), toLeft);
  return { up, forward: cross(left, up), left };
}

/** Every joint of this body in this posture. */
export function skeletonOf(body: Body, posture: Posture): Skeleton {
  const trunk = trunkAxes(posture);
  const pelvisLeft: Vec3 = [-Math.sin(posture.turnRad), Math.cos(posture.turnRad), 0];
  const chest = add(posture.pelvis, scale(trunk.up, body.trunkM));
  const headUp = unit(between(trunk.up, UP, 0.35));
  const leg = (side: Side) => legPoints(body, posture, side, pelvisLeft);
  const arm = (side: Side) => armPoints(body, posture.arms, side, chest, trunk);
  const both = <T>(of: (side: Side) => T) =>
    Object.fromEntries(SIDES.map((side) => [side, of(side)])) as Record<Side, T>;
  return {
    pelvis: posture.pelvis,
    chest,
    headTop: add(chest, scale(headUp, body.headM)),
    headM: body.headM,
    trunkUp: trunk.up,
    trunkForward: trunk.forward,
    trunkLeft: trunk.left,
    pelvisLeft,
    legs: both(leg),
    arms: both(arm),
  };
}
