import type { Limbs } from '../segments/body';
import { CENTRE_FROM_NEAR_END as CENTRE } from '../segments/segmentTable';
import { asinClamped } from '../../foundation/numeric/safety';
import { add, dot, scale, type Vec3 } from '../../foundation/numeric/vector';
import { MIDDLE_AHEAD } from './feet';
import type { LegState } from './legState';
import type { TrunkAxes } from './trunkAxes';

/** A direction along a bone away from the hip, and the one at right angles ahead of it; unit vectors. */
interface Bone {
  readonly down: Vec3;
  readonly front: Vec3;
}

/**
 * A leg in the air, in the pelvis's own sagittal plane: its thigh so far ahead of the pelvis, its knee
 * so far bent, its foot at a right angle to the shin.
 */
export interface HangingLeg extends LegState {
  readonly hangs: true;
  readonly thigh: Bone;
  readonly shin: Bone;
}

/** The way from the hip to a place on the leg, along each of its bones: metres, or metres times kilograms. */
export interface OnLeg {
  readonly thigh: number;
  readonly shin: number;
  readonly foot: number;
}

/** That way as a vector. */
export const wayTo = ({ thigh, shin }: Pick<HangingLeg, 'thigh' | 'shin'>, on: OnLeg): Vec3 => [
  on.thigh * thigh.down[0] + on.shin * shin.down[0] + on.foot * shin.front[0],
  on.thigh * thigh.down[1] + on.shin * shin.down[1] + on.foot * shin.front[1],
  on.thigh * thigh.down[2] + on.shin * shin.down[2] + on.foot * shin.front[2],
];

/** A place on the sole, so many foot's lengths ahead of the ankle. */
export const onSole = ({ thighM, shankM, footM, ankleHeightM }: Limbs, ahead: number): OnLeg => ({
  thigh: thighM,
  shin: shankM + ankleHeightM,
  foot: ahead * footM,
});

/** First moments about hip, knee and ankle of what hangs below each, in kg·m. */
export type Hung = Readonly<Record<'hip' | 'knee' | 'ankle', OnLeg>>;

/** What hangs below each joint of a leg in the air. */
export function hungOn(
  { thighM, shankM, footM, ankleHeightM }: Limbs,
  { thighKg, shankKg, footKg }: Readonly<Record<'thighKg' | 'shankKg' | 'footKg', number>>,
): Hung {
  const ankle = { thigh: 0, shin: footKg * ankleHeightM, foot: footKg * MIDDLE_AHEAD * footM };
  const shin = ankle.shin + (CENTRE.shank * shankKg + footKg) * shankM;
  const thigh = (CENTRE.thigh * thighKg + shankKg + footKg) * thighM;
  return { ankle, knee: { ...ankle, shin }, hip: { ...ankle, shin, thigh } };
}

/** A bone that stands so far ahead of the pelvis. */
function boneAt({ pelvisUp, pelvisForward }: TrunkAxes, aheadRad: number): Bone {
  const [c, s] = [Math.cos(aheadRad), Math.sin(aheadRad)];
  return {
    down: add(scale(pelvisForward, s), scale(pelvisUp, -c)),
    front: add(scale(pelvisForward, c), scale(pelvisUp, s)),
  };
}

/** The whole leg under a hip. */
export function hangingLegState(
  { thighM, shankM }: Limbs,
  hip: Vec3,
  hipBendRad: number,
  kneeBendRad: number,
  trunk: TrunkAxes,
): HangingLeg {
  const thigh = boneAt(trunk, hipBendRad);
  const shin = boneAt(trunk, hipBendRad - kneeBendRad);
  const knee = add(hip, scale(thigh.down, thighM));
  return {
    hangs: true,
    ...{ hip, knee, thigh, shin, hipBendRad, kneeBendRad },
    ankle: add(knee, scale(shin.down, shankM)),
    thighAxis: thigh.down,
    shankAxis: scale(shin.down, -1),
    stretch: 0,
    shinLeanRad: Math.atan2(-dot(shin.down, trunk.ahead), -shin.down[2]),
    ankleBendRad: 0,
    shinTiltRad: 0,
    kneeOff: 0,
    thighRad: asinClamped(-thigh.down[2]),
    hipOpenRad: 0,
    hipTurnOut: () => 0,
    hinge: () => trunk.pelvisLeft,
  };
}
