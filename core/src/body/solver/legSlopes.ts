import type { Limbs } from '../segments/body';
import { add, cross, dot, scale, subtract, type Vec3 } from '../../foundation/numeric/vector';
import { signOf } from '../../foundation/sides/side';
import { ankleSlope, type Foot } from './feet';
import type { LegState } from './legState';
import type { TrunkAxes } from './trunkAxes';
import { LEAN, RISE, SIDE_LEAN, TILT, TURN, zeroRow, type Row } from './variables';

/** Derivatives of everything in `LegState` that a limit, a moment or the balance asks for. */
export interface LegSlopes {
  readonly stretch: Row;
  readonly ankleBend: Row;
  readonly thigh: Row;
  readonly kneeBend: Row;
  readonly hipBend: Row;
  /** Derivative of a·(v·hip) + b·(v·knee) for a fixed v. */
  readonly along: (v: Vec3, a: number, b: number) => Row;
  /** Asked for only where opening or turning is limited; the latter costs as much as all others. */
  readonly hipOpen: () => Row;
  readonly hipTurnOut: () => Row;
}

/** How the hip joint moves with the pelvis's turn and tilt. */
interface HipMotion {
  readonly turn: Vec3;
  readonly tilt: Vec3;
}

/** What all derivatives of one leg are made from. */
interface Linkage {
  readonly motion: HipMotion;
  /** How the ankle moves as the foot rises, the knee as the shin leans. */
  readonly ankle: Vec3;
  readonly sweep: Vec3;
  /** How the shin's lean follows the hip joint, and the foot's rise. */
  readonly lean: Vec3;
  readonly leanByRise: number;
}

const levelPart = ([x, y]: Vec3): number => Math.sqrt(x * x + y * y);

function hipMotion(halfWidthM: number, { ahead, toLeft, pelvisLeft }: TrunkAxes): HipMotion {
  const flat = halfWidthM * levelPart(pelvisLeft);
  const drop = -halfWidthM * pelvisLeft[2];
  return {
    turn: [-flat * ahead[0], -flat * ahead[1], 0],
    tilt: [drop * toLeft[0], drop * toLeft[1], flat],
  };
}

/**
 * A derivative as the leg itself sees it, by where its hip joint is (x, y, z) and by the foot's
 * rise, as a row of all free variables.
 */
const expand = ({ turn, tilt }: HipMotion, x: number, y: number, z: number, rise: number): Row => [
  x,
  y,
  z,
  x * turn[0] + y * turn[1],
  x * tilt[0] + y * tilt[1] + z * tilt[2],
  0,
  0,
  rise,
];

/**
 * Closing the chain, |knee − hip| = thigh, says how the shin's lean follows the hip: along the
 * thigh, hip and knee move alike.
 */
function linkageOf(
  foot: Foot,
  { shankM }: Limbs,
  leg: LegState,
  riseRad: number,
  motion: HipMotion,
): Linkage {
  const forward = Math.cos(leg.shinLeanRad) * shankM;
  const sweep: Vec3 = [
    forward * foot.shinPlane[0],
    forward * foot.shinPlane[1],
    -Math.sin(leg.shinLeanRad) * shankM,
  ];
  const ankle = ankleSlope(foot, riseRad);
  const closing = dot(leg.thighAxis, sweep);
  return {
    motion,
    ankle,
    sweep,
    lean: scale(leg.thighAxis, 1 / closing),
    leanByRise: -dot(leg.thighAxis, ankle) / closing,
  };
}

/** Derivative of a·(v·hip) + b·(v·knee). */
function along({ motion, lean, leanByRise, sweep, ankle }: Linkage, v: Vec3, a: number, b: number) {
  const swept = b * dot(v, sweep);
  return expand(
    motion,
    a * v[0] + swept * lean[0],
    a * v[1] + swept * lean[1],
    a * v[2] + swept * lean[2],
    swept * leanByRise + b * dot(v, ankle),
  );
}

/** Derivative of v·(unit vector along the thigh). */
const axisAlong = (linkage: Linkage, thighM: number, v: Vec3): Row =>
  along(linkage, v, -1 / thighM, 1 / thighM);

/** Derivative of v·(hip − ankle). */
const lineAlong = ({ motion, ankle }: Linkage, v: Vec3): Row =>
  expand(motion, v[0], v[1], v[2], -dot(v, ankle));

const aboutUp = ([x, y]: Vec3): Vec3 => [-y, x, 0];

/** How the line from hip joint to hip joint moves as the pelvis turns or tilts. */
function pelvisMotion(
  { pelvisLeft, toLeft }: TrunkAxes,
  variable: typeof TURN | typeof TILT,
): Vec3 {
  if (variable === TURN) return aboutUp(pelvisLeft);
  const drop = -pelvisLeft[2];
  return [drop * toLeft[0], drop * toLeft[1], levelPart(pelvisLeft)];
}

/** The trunk's own axes turn with pelvis and trunk: what that adds to the hip's bend. */
function hipBendRow(leg: LegState, linkage: Linkage, thighM: number, trunk: TrunkAxes): Row {
  const { up, forward, left, ahead: level } = trunk;
  const axis = leg.thighAxis;
  const ahead = dot(axis, forward);
  const below = -dot(axis, up);
  const size = ahead * ahead + below * below;
  const v = add(scale(forward, below / size), scale(up, ahead / size));
  const row = axisAlong(linkage, thighM, v);
  row[TURN] += axis[1] * v[0] - axis[0] * v[1];
  row[LEAN] += 1;
  const [leanCos, leanSin] = [dot(forward, level), dot(up, level)];
  row[SIDE_LEAN] += (dot(axis, left) * (ahead * leanCos - below * leanSin)) / size;
  return row;
}

function hipOpenRow(
  leg: LegState,
  linkage: Linkage,
  thighM: number,
  trunk: TrunkAxes,
  e: number,
): Row {
  const k = e / Math.cos(leg.hipOpenRad);
  const row = axisAlong(linkage, thighM, scale(trunk.pelvisLeft, k));
  for (const variable of [TURN, TILT] as const)
    row[variable] += k * dot(leg.thighAxis, pelvisMotion(trunk, variable));
  return row;
}

/** Derivative of the turn of the hinge axis about the thigh, variable by variable. */
function turnRow(
  leg: LegState,
  linkage: Linkage,
  { shankM, thighM }: Limbs,
  trunk: TrunkAxes,
  e: number,
): Row {
  const d = leg.thighAxis;
  const hinge = leg.hinge();
  const from = trunk.pelvisLeft;
  const shank = scale(subtract(leg.knee, leg.ankle), 1 / shankM);
  const axes: Vec3[] = [
    [1, 0, 0],
    [0, 1, 0],
    [0, 0, 1],
  ];
  const axis = axes.map((v) => axisAlong(linkage, thighM, v));
  const shin = axes.map((v) => {
    const row = along(linkage, v, 0, 1);
    row[RISE] -= dot(v, linkage.ankle);
    return row;
  });
  const sin = dot(d, cross(from, hinge));
  const cos = dot(from, hinge) - dot(from, d) * dot(hinge, d);
  return zeroRow().map((_, i) => {
    const dd: Vec3 = [axis[0][i], axis[1][i], axis[2][i]];
    const ds = scale([shin[0][i], shin[1][i], shin[2][i]], 1 / shankM);
    const dh = add(cross(ds, d), cross(shank, dd));
    const df: Vec3 = i === TURN || i === TILT ? pelvisMotion(trunk, i) : [0, 0, 0];
    const dSin = dot(dd, cross(from, hinge)) + dot(d, add(cross(df, hinge), cross(from, dh)));
    const dCos =
      dot(df, hinge) +
      dot(from, dh) -
      (dot(df, d) + dot(from, dd)) * dot(hinge, d) -
      dot(from, d) * (dot(dh, d) + dot(hinge, dd));
    return (-e * (cos * dSin - sin * dCos)) / (sin * sin + cos * cos);
  });
}

/** Derivative of how far the leg is stretched in its plane. */
function stretchRow(leg: LegState, linkage: Linkage, foot: Foot, { shankM }: Limbs): Row {
  const line = subtract(leg.hip, leg.ankle);
  const along = line[0] * foot.shinPlane[0] + line[1] * foot.shinPlane[1];
  const inPlane = Math.sqrt(along * along + line[2] * line[2]);
  const planar: Vec3 = [along * foot.shinPlane[0], along * foot.shinPlane[1], line[2]];
  const v = subtract(
    scale(line, 1 / (shankM * inPlane)),
    scale(planar, leg.stretch / (inPlane * inPlane)),
  );
  return lineAlong(linkage, v);
}

/** Analytic derivatives of a leg. */
export function legSlopes(
  foot: Foot,
  limbs: Limbs,
  leg: LegState,
  riseRad: number,
  hipWidthM: number,
  trunk: TrunkAxes,
): LegSlopes {
  const e = signOf(foot.side);
  const { shankM, thighM } = limbs;
  const motion = hipMotion((e * hipWidthM) / 2, trunk);
  const linkage = linkageOf(foot, limbs, leg, riseRad, motion);
  const { lean, leanByRise } = linkage;
  const bentBy = Math.max(1e-6, Math.sin(leg.kneeBendRad)) * shankM * thighM;
  const line = subtract(leg.hip, leg.ankle);
  const steep = Math.max(1e-6, Math.cos(leg.thighRad));
  return {
    ankleBend: expand(motion, lean[0], lean[1], lean[2], leanByRise - (foot.rises ? 1 : 0)),
    stretch: stretchRow(leg, linkage, foot, limbs),
    thigh: axisAlong(linkage, thighM, [0, 0, -1 / steep]),
    kneeBend: lineAlong(linkage, scale(line, -1 / bentBy)),
    hipBend: hipBendRow(leg, linkage, thighM, trunk),
    hipOpen: () => hipOpenRow(leg, linkage, thighM, trunk, e),
    along: (v, onHip, onKnee) => along(linkage, v, onHip, onKnee),
    hipTurnOut: () => turnRow(leg, linkage, limbs, trunk, e),
  };
}
