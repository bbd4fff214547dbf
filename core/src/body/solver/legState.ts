import type { Limbs } from '../segments/body';
import { acosClamped, asinClamped, sqrtClamped } from '../../foundation/numeric/safety';
import { add, cross, dot, scale, subtract, type Vec3 } from '../../foundation/numeric/vector';
import { signOf } from '../../foundation/sides/side';
import { ankleAt, leftOf, type Foot } from './feet';
import type { TrunkAxes } from './trunkAxes';

/** Where the knee can be between an ankle and a hip: on a circle about the line that joins them. */
interface KneeCircle {
  readonly lineM: number;
  /** Unit vectors: from ankle to hip; at right angles to it, the way the foot points; and outward. */
  readonly line: Vec3;
  readonly front: Vec3;
  readonly out: Vec3;
  /** How much of the foot's heading is at right angles to the line. */
  readonly facing: number;
  /** Its middle above the ankle along the line, and its radius, in metres. */
  readonly middleM: number;
  readonly radiusM: number;
}

/** One leg of a posture. Metres and radians; see each field. */
export interface LegState {
  readonly hip: Vec3;
  readonly knee: Vec3;
  readonly ankle: Vec3;
  /** Unit vectors from hip to knee, and from ankle to knee. */
  readonly thighAxis: Vec3;
  readonly shankAxis: Vec3;
  /** 1 is a straight leg; beyond it the hip is out of reach. */
  readonly stretch: number;
  /** In the vertical plane of the foot, from the vertical. */
  readonly shinLeanRad: number;
  /** What the ankle joint must give: shin lean without the pitch of the foot. */
  readonly ankleBendRad: number;
  /** The shin to a side of its foot; positive: outward. */
  readonly shinTiltRad: number;
  /** How far the knee is out of the vertical plane that it shall follow, as a share of the shin. */
  readonly kneeOff: number;
  /** 0 thigh level, positive: knee below the hip. */
  readonly thighRad: number;
  readonly kneeBendRad: number;
  /** Thigh against pelvis in the pelvis's sagittal plane. */
  readonly hipBendRad: number;
  readonly hipOpenRad: number;
  /** Turn of the thigh about its own length; worked out only when it is asked for. */
  readonly hipTurnOut: () => number;
  /** Knee's hinge axis to the client's left, not of unit length. */
  readonly hinge: () => Vec3;
}

/** A leg whose foot is on the floor. */
export interface StandingLeg extends LegState {
  readonly hangs: false;
  readonly circle: KneeCircle;
}

/** Keeps the hinge axis defined when the knee is straight: a little of the foot's own axis. */
const STRAIGHT = 0.02;

/** The circle that a thigh and a shin of these lengths leave the knee. */
function kneeCircle(foot: Foot, { shankM, thighM }: Limbs, hip: Vec3, ankle: Vec3) {
  const apart = subtract(hip, ankle);
  const lineM = Math.sqrt(dot(apart, apart));
  const line = scale(apart, 1 / lineM);
  const heading = subtract(foot.shinPlane, scale(line, dot(foot.shinPlane, line)));
  const facing = Math.sqrt(dot(heading, heading));
  const front = scale(heading, 1 / facing);
  const middleM = (lineM + (shankM * shankM - thighM * thighM) / lineM) / 2;
  return {
    lineM,
    line,
    front,
    out: scale(cross(line, front), signOf(foot.side)),
    facing,
    middleM,
    radiusM: sqrtClamped(shankM * shankM - middleM * middleM),
  } satisfies KneeCircle;
}

/** A knee on its circle. */
const kneeAt = (ankle: Vec3, circle: KneeCircle, swivelRad: number): Vec3 => {
  const { line, front, out, middleM, radiusM } = circle;
  const [ahead, aside] = [radiusM * Math.cos(swivelRad), radiusM * Math.sin(swivelRad)];
  return [
    ankle[0] + middleM * line[0] + ahead * front[0] + aside * out[0],
    ankle[1] + middleM * line[1] + ahead * front[1] + aside * out[1],
    ankle[2] + middleM * line[2] + ahead * front[2] + aside * out[2],
  ];
};

/** Where on its circle a knee is that is known to lie on it, in radians. */
export function swivelOf(foot: Foot, limbs: Limbs, hip: Vec3, ankle: Vec3, knee: Vec3): number {
  const { front, out } = kneeCircle(foot, limbs, hip, ankle);
  const shin = subtract(knee, ankle);
  return Math.atan2(dot(shin, out), dot(shin, front));
}

/** The whole leg under a hip. */
export function legState(
  foot: Foot,
  limbs: Limbs,
  hip: Vec3,
  swivelRad: number,
  riseRad: number,
  trunk: TrunkAxes,
): StandingLeg {
  const ankle = ankleAt(foot, riseRad);
  const { shankM, thighM } = limbs;
  const circle = kneeCircle(foot, limbs, hip, ankle);
  const knee = kneeAt(ankle, circle, swivelRad);
  const thighAxis = scale(subtract(knee, hip), 1 / thighM);
  const shankAxis = scale(subtract(knee, ankle), 1 / shankM);
  const e = signOf(foot.side);
  const shinLeanRad = Math.atan2(dot(shankAxis, foot.forward), shankAxis[2]);
  const hinge = () => hingeOf(thighAxis, shankAxis, foot.shinPlane);
  const { lineM } = circle;
  return {
    hangs: false,
    hip,
    knee,
    ankle,
    circle,
    thighAxis,
    shankAxis,
    stretch: lineM / (shankM + thighM),
    shinLeanRad,
    ankleBendRad: shinLeanRad - foot.pitchRad - (foot.rises ? riseRad : 0),
    shinTiltRad: asinClamped(e * dot(shankAxis, leftOf(foot.forward))),
    kneeOff: e * dot(shankAxis, leftOf(foot.shinPlane)),
    thighRad: asinClamped(-thighAxis[2]),
    kneeBendRad: acosClamped((lineM ** 2 - shankM ** 2 - thighM ** 2) / (2 * shankM * thighM)),
    hipBendRad: bendAgainst(thighAxis, trunk),
    hipOpenRad: asinClamped(e * dot(thighAxis, trunk.pelvisLeft)),
    hipTurnOut: () => -e * turnAbout(thighAxis, trunk.pelvisLeft, hinge()),
    hinge,
  };
}

/** Thigh against pelvis: no thigh is so far behind it that a folded body could be meant. */
function bendAgainst(thighAxis: Vec3, { pelvisForward, pelvisUp }: TrunkAxes): number {
  const bend = Math.atan2(dot(thighAxis, pelvisForward), -dot(thighAxis, pelvisUp));
  return bend < -Math.PI / 2 ? bend + 2 * Math.PI : bend;
}

/** Normal of the plane of thigh and shank, to the client's left. */
const hingeOf = (thighAxis: Vec3, shank: Vec3, plane: Vec3): Vec3 =>
  add(cross(shank, thighAxis), scale(leftOf(plane), STRAIGHT));

/** Angle from `from` to `to` about `axis`, both seen along it, in radians. */
const turnAbout = (axis: Vec3, from: Vec3, to: Vec3): number =>
  Math.atan2(dot(axis, cross(from, to)), dot(from, to) - dot(from, axis) * dot(to, axis));
