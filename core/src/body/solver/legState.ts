import type { Limbs } from '../segments/body';
import { acosClamped, asinClamped } from '../../foundation/numeric/safety';
import { cross, dot, scale, subtract, type Vec3 } from '../../foundation/numeric/vector';
import { signOf } from '../../foundation/sides/side';
import { ankleAt, type Foot } from './feet';
import type { TrunkAxes } from './trunkAxes';

/** One leg of a posture. Metres and radians; see each field. */
export interface LegState {
  readonly hip: Vec3;
  readonly knee: Vec3;
  readonly ankle: Vec3;
  /** Unit vector from hip to knee. */
  readonly thighAxis: Vec3;
  /** 1 is a leg stretched as far as its plane allows; beyond it the hip is out of reach. */
  readonly stretch: number;
  readonly shinLeanRad: number;
  /** What the ankle joint must give: shin lean without the pitch of the foot. */
  readonly ankleBendRad: number;
  /** 0 thigh level, positive: knee below the hip. */
  readonly thighRad: number;
  readonly kneeBendRad: number;
  /** Thigh against trunk in the trunk's sagittal plane. */
  readonly hipBendRad: number;
  readonly hipOpenRad: number;
  /** Turn of the thigh about its own length; worked out only when it is asked for. */
  readonly hipTurnOut: () => number;
  /** Knee's hinge axis to the client's left, not of unit length. */
  readonly hinge: () => Vec3;
}

/** Keeps the hinge axis defined when the knee is straight: a little of the foot's own axis. */
const STRAIGHT = 0.02;

/** The shin's lean at which the thigh has its length, on the branch with the knee forward. */
function shinLean(hip: Vec3, ankle: Vec3, plane: Vec3, { shankM, thighM }: Limbs) {
  const behind = (ankle[0] - hip[0]) * plane[0] + (ankle[1] - hip[1]) * plane[1];
  const above = hip[2] - ankle[2];
  const apart = subtract(ankle, hip);
  const inPlane = Math.sqrt(behind * behind + above * above);
  const stretch = (dot(apart, apart) + shankM ** 2 - thighM ** 2) / (2 * shankM * inPlane);
  return { leanRad: acosClamped(stretch) - Math.atan2(behind, above), stretch };
}

/** Horizontal axis to the client's left of a leg's plane. */
const leftOf = (plane: Vec3): Vec3 => [-plane[1], plane[0], 0];

/** The whole leg under a hip. */
export function legState(
  foot: Foot,
  limbs: Limbs,
  hip: Vec3,
  riseRad: number,
  trunk: TrunkAxes,
): LegState {
  const ankle = ankleAt(foot, riseRad);
  const { shankM, thighM } = limbs;
  const plane = foot.shinPlane;
  const { leanRad, stretch } = shinLean(hip, ankle, plane, limbs);
  const out = shankM * Math.sin(leanRad);
  const knee: Vec3 = [
    ankle[0] + out * plane[0],
    ankle[1] + out * plane[1],
    ankle[2] + shankM * Math.cos(leanRad),
  ];
  const thighAxis = scale(subtract(knee, hip), 1 / thighM);
  const shank = scale(subtract(knee, ankle), 1 / shankM);
  const e = signOf(foot.side);
  const hinge = () => hingeOf(thighAxis, shank, plane);
  return {
    hip,
    knee,
    ankle,
    thighAxis,
    stretch,
    shinLeanRad: leanRad,
    ankleBendRad: leanRad - foot.pitchRad - (foot.rises ? riseRad : 0),
    thighRad: asinClamped(-thighAxis[2]),
    kneeBendRad: acosClamped(-dot(thighAxis, shank)),
    hipBendRad: Math.atan2(dot(thighAxis, trunk.forward), -dot(thighAxis, trunk.up)),
    hipOpenRad: asinClamped(e * dot(thighAxis, trunk.pelvisLeft)),
    hipTurnOut: () => -e * turnAbout(thighAxis, trunk.pelvisLeft, hinge()),
    hinge,
  };
}

/** Normal of the plane of thigh and shank, to the client's left. */
function hingeOf(thighAxis: Vec3, shank: Vec3, plane: Vec3): Vec3 {
  const n = cross(shank, thighAxis);
  const left = leftOf(plane);
  return [n[0] + STRAIGHT * left[0], n[1] + STRAIGHT * left[1], n[2] + STRAIGHT * left[2]];
}

/** Angle from `from` to `to` about `axis`, both seen along it, in radians. */
const turnAbout = (axis: Vec3, from: Vec3, to: Vec3): number =>
  Math.atan2(dot(axis, cross(from, to)), dot(from, to) - dot(from, axis) * dot(to, axis));
