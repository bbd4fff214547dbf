import type { Limbs } from '../segments/body';
import { cross, dot, scale, type Vec3 } from '../../foundation/numeric/vector';
import { signOf, type Side } from '../../foundation/sides/side';
import { wayTo, type HangingLeg, type OnLeg } from './hangingLeg';
import { aboutUp, hipMotion, type HipMotion, type LegSlopes } from './legSlopes';
import type { TrunkAxes } from './trunkAxes';
import {
  addScaled,
  HANGING_KNEE,
  LEAN,
  LUMBAR,
  SWIVEL,
  TILT,
  TURN,
  X,
  Y,
  Z,
  zeroRow,
  type Row,
} from './variables';

/** Derivatives of a leg in the air. */
export interface HangingLegSlopes extends LegSlopes {
  /** Derivative of v·(way from the hip to a place) for a fixed v. */
  readonly way: (v: Vec3, on: OnLeg) => Row;
}

/** Both bones turn with the pelvis; the thigh against it, and the shin with the thigh and against it. */
function wayRow(leg: HangingLeg, side: Side, trunk: TrunkAxes, v: Vec3, on: OnLeg): Row {
  const way = wayTo(leg, on);
  const byThigh = on.thigh * dot(v, leg.thigh.front);
  const byShin = on.shin * dot(v, leg.shin.front) - on.foot * dot(v, leg.shin.down);
  const row = zeroRow();
  row[SWIVEL[side]] = byThigh + byShin;
  row[HANGING_KNEE] = -byShin;
  row[LEAN] = -byThigh - byShin;
  row[LUMBAR] = byThigh + byShin;
  row[TURN] = dot(v, aboutUp(way));
  row[TILT] = -dot(way, cross(trunk.ahead, trunk.pelvisLeft)) * dot(v, trunk.pelvisLeft);
  return row;
}

function hipRow({ turn, tilt }: HipMotion, v: Vec3): Row {
  const row = zeroRow();
  row[X] = v[0];
  row[Y] = v[1];
  row[Z] = v[2];
  row[TURN] = dot(v, turn);
  row[TILT] = dot(v, tilt);
  return row;
}

const onlyRow = (variable: number): Row => {
  const row = zeroRow();
  row[variable] = 1;
  return row;
};

const NONE: Row = zeroRow();
const STILL: Vec3 = [0, 0, 0];

/** Analytic derivatives of a leg in the air. */
export function hangingLegSlopes(
  leg: HangingLeg,
  side: Side,
  { thighM }: Limbs,
  hipWidthM: number,
  trunk: TrunkAxes,
): HangingLegSlopes {
  const motion = hipMotion((signOf(side) * hipWidthM) / 2, trunk);
  const way = (v: Vec3, on: OnLeg) => wayRow(leg, side, trunk, v, on);
  const toKnee = { thigh: thighM, shin: 0, foot: 0 };
  const steep = Math.max(1e-6, Math.cos(leg.thighRad));
  return {
    way,
    along: (v, onHip, onKnee) => {
      const row = hipRow(motion, scale(v, onHip + onKnee));
      addScaled(row, onKnee, way(v, toKnee));
      return row;
    },
    thigh: way([0, 0, -1 / steep], { thigh: 1, shin: 0, foot: 0 }),
    hipBend: onlyRow(SWIVEL[side]),
    kneeBend: onlyRow(HANGING_KNEE),
    ankle: STILL,
    ...{ stretch: NONE, ankleBend: NONE, shinTilt: NONE, kneeOff: NONE, hipOpen: NONE },
    hipTurnOut: () => NONE,
  };
}
