import type { Limbs } from '../body/body';
import { add, cross, dot, scale, subtract, type Vec3 } from '../numeric/vector';
import { signOf } from '../sides/side';
import { ankleSlope, type Foot } from './feet';
import type { LegState } from './legState';
import type { TrunkAxes } from './trunkAxes';
import { LEAN, SIDE_LEAN, TILT, TURN, zeroRow, type Row } from './variables';

/** Derivatives of everything in `LegState` that a limit, a moment or the balance asks for. */
export interface LegSlopes {
  readonly stretch: Row;
  readonly shinLean: Row;
  readonly ankleBend: Row;
  readonly thigh: Row;
  readonly kneeBend: Row;
  readonly hipBend: Row;
  readonly hipOpen: Row;
  /** Derivative of v·hip and of v·knee for a fixed v. */
  readonly hipAlong: (v: Vec3) => Row;
  readonly kneeAlong: (v: Vec3) => Row;
  /** Asked for only where turning is limited: it costs as much as all the others. */
  readonly hipTurnOut: () => Row;
}

/** A derivative as the leg itself sees it: by where its hip joint is, and by the foot's rise. */
interface Local {
  readonly hip: Vec3;
  readonly rise: number;
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
  readonly shinLean: Local;
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

/** The leg's own derivative as a row of all free variables. */
const expand = ({ turn, tilt }: HipMotion, { hip: [x, y, z], rise }: Local): Row => [
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
    shinLean: {
      hip: scale(leg.thighAxis, 1 / closing),
      rise: -dot(leg.thighAxis, ankle) / closing,
    },
  };
}

/** Derivative of v·knee. */
function kneeAlong({ shinLean, sweep, ankle }: Linkage, v: Vec3): Local {
  const swept = dot(v, sweep);
  return { hip: scale(shinLean.hip, swept), rise: swept * shinLean.rise + dot(v, ankle) };
}

/** Derivative of v·(hip − ankle). */
const lineAlong = ({ ankle }: Linkage, v: Vec3): Local => ({ hip: v, rise: -dot(v, ankle) });

/** Derivative of v·(unit vector along the thigh). */
function axisAlong(linkage: Linkage, thighM: number, v: Vec3): Local {
  const { hip, rise } = kneeAlong(linkage, v);
  return { hip: scale(subtract(hip, v), 1 / thighM), rise: rise / thighM };
}

const minus = (a: Local, b: Local): Local => ({
  hip: subtract(a.hip, b.hip),
  rise: a.rise - b.rise,
});

/** Axes of the trunk as they turn with each variable: d(up), d(forward) and d(pelvisLeft). */
function trunkMotion(trunk: TrunkAxes, variable: number, leanCos: number, leanSin: number) {
  const { up, forward, left, toLeft, pelvisLeft } = trunk;
  const none: Vec3 = [0, 0, 0];
  if (variable === TURN)
    return { up: aboutUp(up), forward: aboutUp(forward), pelvisLeft: aboutUp(pelvisLeft) };
  if (variable === LEAN) return { up: forward, forward: scale(up, -1), pelvisLeft: none };
  if (variable === SIDE_LEAN)
    return { up: scale(left, leanCos), forward: scale(left, -leanSin), pelvisLeft: none };
  const drop = -pelvisLeft[2];
  const rise: Vec3 = [drop * toLeft[0], drop * toLeft[1], levelPart(pelvisLeft)];
  return { up: none, forward: none, pelvisLeft: rise };
}

const aboutUp = ([x, y]: Vec3): Vec3 => [-y, x, 0];

function hipBendRow(leg: LegState, linkage: Linkage, thighM: number, trunk: TrunkAxes): Row {
  const { up, forward, ahead: level } = trunk;
  const ahead = dot(leg.thighAxis, forward);
  const below = -dot(leg.thighAxis, up);
  const size = ahead * ahead + below * below;
  const v = add(scale(forward, below / size), scale(up, ahead / size));
  const row = expand(linkage.motion, axisAlong(linkage, thighM, v));
  const [leanCos, leanSin] = [dot(forward, level), dot(up, level)];
  for (const variable of [TURN, LEAN, SIDE_LEAN]) {
    const motion = trunkMotion(trunk, variable, leanCos, leanSin);
    row[variable] +=
      (below * dot(leg.thighAxis, motion.forward) + ahead * dot(leg.thighAxis, motion.up)) / size;
  }
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
  const row = expand(linkage.motion, axisAlong(linkage, thighM, scale(trunk.pelvisLeft, k)));
  for (const variable of [TURN, TILT])
    row[variable] += k * dot(leg.thighAxis, trunkMotion(trunk, variable, 0, 0).pelvisLeft);
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
  const axis = axes.map((v) => expand(linkage.motion, axisAlong(linkage, thighM, v)));
  const shin = axes.map((v) =>
    expand(
      linkage.motion,
      minus(kneeAlong(linkage, v), { hip: [0, 0, 0], rise: dot(v, linkage.ankle) }),
    ),
  );
  const sin = dot(d, cross(from, hinge));
  const cos = dot(from, hinge) - dot(from, d) * dot(hinge, d);
  return zeroRow().map((_, i) => {
    const dd: Vec3 = [axis[0][i], axis[1][i], axis[2][i]];
    const ds = scale([shin[0][i], shin[1][i], shin[2][i]], 1 / shankM);
    const dh = add(cross(ds, d), cross(shank, dd));
    const df: Vec3 = i === TURN || i === TILT ? trunkMotion(trunk, i, 0, 0).pelvisLeft : [0, 0, 0];
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
function stretchLocal(leg: LegState, linkage: Linkage, foot: Foot, { shankM }: Limbs): Local {
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
  const { shinLean } = linkage;
  const row = (local: Local) => expand(motion, local);
  const bentBy = Math.max(1e-6, Math.sin(leg.kneeBendRad)) * shankM * thighM;
  const line = subtract(leg.hip, leg.ankle);
  const steep = Math.max(1e-6, Math.cos(leg.thighRad));
  return {
    shinLean: row(shinLean),
    ankleBend: row({ hip: shinLean.hip, rise: shinLean.rise - (foot.rises ? 1 : 0) }),
    stretch: row(stretchLocal(leg, linkage, foot, limbs)),
    thigh: row(axisAlong(linkage, thighM, [0, 0, -1 / steep])),
    kneeBend: row(lineAlong(linkage, scale(line, -1 / bentBy))),
    hipBend: hipBendRow(leg, linkage, thighM, trunk),
    hipOpen: hipOpenRow(leg, linkage, thighM, trunk, e),
    hipAlong: (v) => row({ hip: v, rise: 0 }),
    kneeAlong: (v) => row(kneeAlong(linkage, v)),
    hipTurnOut: () => turnRow(leg, linkage, limbs, trunk, e),
  };
}
