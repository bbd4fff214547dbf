import type { CheckId, FeltWhere } from '../../knowledge/checks';
import {
  add,
  between,
  cross,
  scale,
  subtract,
  unit,
  type Vec3,
} from '../../foundation/numeric/vector';
import { signOf, type Side } from '../../foundation/sides/side';
import type { Skeleton } from '../../body/skeleton/skeleton';

/** A place on a limb: how far along it, and how far out to the front (negative: the back), in shares of height. */
interface Spot {
  readonly on: 'thigh' | 'shank' | 'trunk' | 'upper-arm';
  readonly along: number;
  readonly front?: number;
  /** Toward the middle of the body. */
  readonly inward?: number;
}

const spot = (on: Spot['on'], along: number, front = 0, inward = 0): Spot => ({
  on,
  along,
  front,
  inward,
});

const CALF = spot('shank', 0.28, -0.032);
const BACK_OF_THIGH = spot('thigh', 0.5, -0.042);
const FRONT_OF_ANKLE = spot('shank', 0.95, 0.026);
const FRONT_OF_HIP = spot('thigh', 0.1, 0.045);

/** Where each answer lies on a body, if a check does not mean another place by it. */
const SPOTS: Readonly<Record<Exclude<FeltWhere, 'nowhere'>, Spot>> = {
  front: FRONT_OF_ANKLE,
  belly: BACK_OF_THIGH,
  'behind-knee': spot('thigh', 0.97, -0.034),
  'calf-deep': spot('shank', 0.62, -0.02),
  'sit-bone': spot('thigh', 0.04, -0.055),
  line: spot('thigh', 0.74, -0.04),
  'closing-side': FRONT_OF_HIP,
  'inner-knee': spot('thigh', 0.98, 0.005, 0.03),
  buttock: spot('thigh', -0.06, -0.06),
  hamstring: BACK_OF_THIGH,
  back: spot('trunk', 0.16, -0.05),
};

const OWN_SPOTS: Readonly<Partial<Record<CheckId, Partial<Record<FeltWhere, Spot>>>>> = {
  'ankle-bend-knee-bent': { belly: CALF },
  'ankle-bend-knee-straight': { belly: CALF },
  'knee-bend': { front: spot('thigh', 0.6, 0.042), line: spot('thigh', 0.25, 0.045) },
  'hip-extend': { front: FRONT_OF_HIP, line: spot('thigh', 0.55, 0.042) },
  'shoulder-raise': {
    front: spot('upper-arm', 0.06, 0.035),
    'closing-side': spot('upper-arm', -0.1, 0),
  },
};

/** Ends of a limb, and the way its front looks. */
function limbOf(
  { legs, arms, pelvis, chest, trunkForward, trunkLeft }: Skeleton,
  on: Spot['on'],
  side: Side,
) {
  const { hip, knee, ankle, hinge } = legs[side];
  const ahead = (from: Vec3, to: Vec3) => unit(cross(unit(subtract(to, from)), hinge));
  if (on === 'thigh') return { from: hip, to: knee, front: ahead(hip, knee), left: hinge };
  if (on === 'shank') return { from: knee, to: ankle, front: ahead(knee, ankle), left: hinge };
  const upper = { from: arms[side].shoulder, to: arms[side].elbow };
  return on === 'trunk'
    ? { from: pelvis, to: chest, front: trunkForward, left: trunkLeft }
    : { ...upper, front: trunkForward, left: trunkLeft };
}

/**
 * Where on a body an answer to "where do you feel it?" lies, in metres.
 *
 * @returns null for "nowhere"
 */
export function maybeFeltSpot(
  skeleton: Skeleton,
  side: Side,
  check: CheckId,
  felt: FeltWhere,
): Vec3 | null {
  if (felt === 'nowhere') return null;
  const { on, along, front = 0, inward = 0 } = OWN_SPOTS[check]?.[felt] ?? SPOTS[felt];
  const { heightM } = skeleton.body;
  const limb = limbOf(skeleton, on, side);
  const out = add(
    scale(limb.front, front * heightM),
    scale(limb.left, -signOf(side) * inward * heightM),
  );
  return add(between(limb.from, limb.to, along), out);
}
