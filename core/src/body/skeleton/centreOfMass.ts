import { add, between, scale, type Vec3 } from '../../foundation/numeric/vector';
import { SIDES } from '../../foundation/sides/side';
import type { Skeleton } from './skeleton';
import { CENTRE_FROM_NEAR_END as CENTRE, MASS_TO_BODY as MASS } from '../segments/segmentTable';

/** Each segment's share of body mass and where it acts. */
function parts({ body, pelvis, lowBack, chest, trunkUp, legs, arms }: Skeleton): [number, Vec3][] {
  const limbs = SIDES.flatMap((side): [number, Vec3][] => {
    const [leg, arm] = [legs[side], arms[side]];
    return [
      [MASS.thigh, between(leg.hip, leg.knee, CENTRE.thigh)],
      [MASS.shank, between(leg.knee, leg.ankle, CENTRE.shank)],
      [MASS.foot, between(leg.heel, leg.toe, 0.5)],
      [MASS.upperArm, between(arm.shoulder, arm.elbow, CENTRE.upperArm)],
      [MASS.forearm, between(arm.elbow, arm.wrist, CENTRE.forearm)],
      [MASS.hand, between(arm.wrist, arm.fingertip, CENTRE.hand)],
    ];
  });
  return [
    [MASS.pelvis, between(pelvis, lowBack, CENTRE.pelvis)],
    [MASS.thorax, between(lowBack, chest, CENTRE.thorax)],
    // In the model head and neck go on in line with the trunk; the drawn head looks up a little.
    [MASS.head, add(chest, scale(trunkUp, body.headM * CENTRE.head))],
    ...limbs,
  ];
}

/** Centre of mass of the unloaded body, in metres. */
export function centreOfMass(skeleton: Skeleton): Vec3 {
  const all = parts(skeleton);
  const mass = all.reduce((sum, [share]) => sum + share, 0);
  return all.reduce<Vec3>((sum, [share, at]) => add(sum, scale(at, share / mass)), [0, 0, 0]);
}
