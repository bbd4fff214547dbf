import type { Limbs } from '../segments/body';
import { add, cross, dot, scale, type Vec3 } from '../../foundation/numeric/vector';
import { signOf, type Side } from '../../foundation/sides/side';
import { ankleSlope, leftOf, type Foot } from './feet';
import type { LegState, StandingLeg } from './legState';
import type { TrunkAxes } from './trunkAxes';
import { LEAN, LUMBAR, RISE, SWIVEL, TILT, TURN, zeroRow, type Row } from './variables';

/** Derivatives of everything in `LegState` that a limit, a moment or the balance asks for. */
export interface LegSlopes {
  readonly stretch: Row;
  readonly ankleBend: Row;
  readonly thigh: Row;
  readonly kneeBend: Row;
  readonly hipBend: Row;
  readonly shinTilt: Row;
  readonly kneeOff: Row;
  /** Derivative of a·(v·hip) + b·(v·knee) for a fixed v. */
  readonly along: (v: Vec3, a: number, b: number) => Row;
  /** How the ankle moves with the rise of its foot. */
  readonly ankle: Vec3;
  readonly hipOpen: Row;
  /** Asked for only where turning is limited; it costs as much as all others. */
  readonly hipTurnOut: () => Row;
}

/** How the hip joint moves with the pelvis's turn and tilt. */
export interface HipMotion {
  readonly turn: Vec3;
  readonly tilt: Vec3;
}

/** What all derivatives of one leg are made from. */
interface Linkage {
  readonly side: Side;
  readonly motion: HipMotion;
  /** How the ankle moves as the foot rises. */
  readonly ankle: Vec3;
  readonly line: Vec3;
  readonly toKnee: Vec3;
  readonly aside: Vec3;
  readonly out: Vec3;
  readonly radiusM: number;
  readonly ratio: number;
  readonly slender: number;
  readonly steep: number;
  readonly grows: number;
  readonly shrinks: number;
}

const levelPart = ([x, y]: Vec3): number => Math.sqrt(x * x + y * y);

export function hipMotion(halfWidthM: number, { ahead, toLeft, pelvisLeft }: TrunkAxes): HipMotion {
  const flat = halfWidthM * levelPart(pelvisLeft);
  const drop = -halfWidthM * pelvisLeft[2];
  return {
    turn: [-flat * ahead[0], -flat * ahead[1], 0],
    tilt: [drop * toLeft[0], drop * toLeft[1], flat],
  };
}

/**
 * A derivative as the leg itself sees it, by where its hip joint is (x, y, z), by its knee's swivel and
 * by the foot's rise, as a row of all free variables.
 */
function expand(
  { motion: { turn, tilt }, side }: Linkage,
  x: number,
  y: number,
  z: number,
  swivel: number,
  rise: number,
): Row {
  const row: Row = [
    x,
    y,
    z,
    x * turn[0] + y * turn[1],
    x * tilt[0] + y * tilt[1] + z * tilt[2],
    -0,
    -0,
    -0,
    -0,
    -0,
    rise,
    -0,
  ];
  row[SWIVEL[side]] = swivel;
  return row;
}

/**
 * How a knee follows its hip. With the line u from ankle to hip, the direction w from its middle to the
 * knee, v at right angles to both and the circle's own axis `out`, all of unit length, a hip that moves by
 * δ moves the knee by (m/L)·δ + (grows·u + shrinks·w)(u·δ) − (r/L)·u(w·δ) − (r·κ/L)·v(out·δ), where κ is
 * how steeply the foot's heading stands on the line; the ankle moves it by what is left of the ankle's way.
 */
function linkageOf(
  foot: Foot,
  { shankM, thighM }: Limbs,
  { circle }: StandingLeg,
  swivelRad: number,
  riseRad: number,
  motion: HipMotion,
): Linkage {
  const { line, front, out, lineM, facing, middleM, radiusM } = circle;
  const [c, s] = [Math.cos(swivelRad), Math.sin(swivelRad)];
  const longer = (1 - (shankM * shankM - thighM * thighM) / (lineM * lineM)) / 2;
  const ratio = middleM / lineM;
  const slender = radiusM / lineM;
  return {
    side: foot.side,
    motion,
    ankle: ankleSlope(foot, riseRad),
    line,
    toKnee: [c * front[0] + s * out[0], c * front[1] + s * out[1], c * front[2] + s * out[2]],
    aside: [c * out[0] - s * front[0], c * out[1] - s * front[1], c * out[2] - s * front[2]],
    out,
    radiusM,
    ratio,
    slender,
    steep: (slender * dot(foot.shinPlane, line)) / facing,
    grows: longer - ratio,
    shrinks: (-middleM * longer) / Math.max(1e-9, radiusM),
  };
}

/** Derivative of a·(v·hip) + b·(v·knee): shifting hip and ankle alike shifts the knee as much. */
function along(linkage: Linkage, v: Vec3, a: number, b: number): Row {
  const { line, toKnee, aside, out, ankle, ratio, slender, steep, grows, shrinks } = linkage;
  const [u, w, t] = [dot(line, v), dot(toKnee, v), dot(aside, v)];
  const onLine = b * (grows * u + shrinks * w);
  const onKnee = -b * slender * u;
  const onOut = -b * steep * t;
  const whole = a + b * ratio;
  const x = whole * v[0] + onLine * line[0] + onKnee * toKnee[0] + onOut * out[0];
  const y = whole * v[1] + onLine * line[1] + onKnee * toKnee[1] + onOut * out[1];
  const z = whole * v[2] + onLine * line[2] + onKnee * toKnee[2] + onOut * out[2];
  const byRise =
    ((a + b) * v[0] - x) * ankle[0] +
    ((a + b) * v[1] - y) * ankle[1] +
    ((a + b) * v[2] - z) * ankle[2];
  return expand(linkage, x, y, z, b * linkage.radiusM * t, byRise);
}

/** Derivative of v·(unit vector along the thigh). */
const thighAlong = (linkage: Linkage, thighM: number, v: Vec3): Row =>
  along(linkage, v, -1 / thighM, 1 / thighM);

/** Derivative of v·(unit vector from ankle to knee). */
function shankAlong(linkage: Linkage, shankM: number, v: Vec3): Row {
  const row = along(linkage, v, 0, 1 / shankM);
  row[RISE] -= dot(v, linkage.ankle) / shankM;
  return row;
}

/** Derivative of v·(hip − ankle). */
const lineAlong = (linkage: Linkage, v: Vec3): Row =>
  expand(linkage, v[0], v[1], v[2], 0, -dot(v, linkage.ankle));

export const aboutUp = ([x, y]: Vec3): Vec3 => [-y, x, 0];

/** How the line from hip joint to hip joint moves as the pelvis turns or tilts. */
function pelvisMotion(
  { pelvisLeft, toLeft }: TrunkAxes,
  variable: typeof TURN | typeof TILT,
): Vec3 {
  if (variable === TURN) return aboutUp(pelvisLeft);
  const drop = -pelvisLeft[2];
  return [drop * toLeft[0], drop * toLeft[1], levelPart(pelvisLeft)];
}

/** Thigh against pelvis; the pelvis's own axes move with its turn, tilt and lean. */
function hipBendRow(leg: LegState, linkage: Linkage, thighM: number, trunk: TrunkAxes): Row {
  const { pelvisUp: up, pelvisForward: forward, pelvisLeft, ahead: level } = trunk;
  const axis = leg.thighAxis;
  const ahead = dot(axis, forward);
  const below = -dot(axis, up);
  const size = ahead * ahead + below * below;
  const v = add(scale(forward, below / size), scale(up, ahead / size));
  const row = thighAlong(linkage, thighM, v);
  row[TURN] += axis[1] * v[0] - axis[0] * v[1];
  row[LEAN] += 1;
  row[LUMBAR] -= 1;
  const [leanCos, leanSin] = [dot(forward, level), dot(up, level)];
  row[TILT] += (dot(axis, pelvisLeft) * (below * leanSin - ahead * leanCos)) / size;
  return row;
}

function hipOpenRow(
  leg: LegState,
  linkage: Linkage,
  thighM: number,
  trunk: TrunkAxes,
  e: number,
): Row {
  const k = e / Math.max(1e-6, Math.cos(leg.hipOpenRad));
  const row = thighAlong(linkage, thighM, scale(trunk.pelvisLeft, k));
  for (const variable of [TURN, TILT] as const)
    row[variable] += k * dot(leg.thighAxis, pelvisMotion(trunk, variable));
  return row;
}

const AXES: readonly [Vec3, Vec3, Vec3] = [
  [1, 0, 0],
  [0, 1, 0],
  [0, 0, 1],
];

/** Derivative of the turn of the hinge axis about the thigh, variable by variable. */
function turnRow(
  leg: LegState,
  linkage: Linkage,
  { shankM, thighM }: Limbs,
  trunk: TrunkAxes,
  e: number,
): Row {
  const { thighAxis: d, shankAxis: shank } = leg;
  const hinge = leg.hinge();
  const from = trunk.pelvisLeft;
  const axis = AXES.map((v) => thighAlong(linkage, thighM, v));
  const shin = AXES.map((v) => shankAlong(linkage, shankM, v));
  const sin = dot(d, cross(from, hinge));
  const cos = dot(from, hinge) - dot(from, d) * dot(hinge, d);
  return zeroRow().map((_, i) => {
    const dd: Vec3 = [axis[0][i], axis[1][i], axis[2][i]];
    const ds: Vec3 = [shin[0][i], shin[1][i], shin[2][i]];
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

/** The angle of the shin in the vertical plane of the foot, less what the foot itself has risen. */
function ankleBendRow({ shankAxis }: LegState, linkage: Linkage, foot: Foot, shankM: number): Row {
  const ahead = dot(shankAxis, foot.forward);
  const size = ahead * ahead + shankAxis[2] * shankAxis[2];
  const v = add(scale(foot.forward, shankAxis[2] / size), [0, 0, -ahead / size]);
  const row = shankAlong(linkage, shankM, v);
  if (foot.rises) row[RISE] -= 1;
  return row;
}

/** Analytic derivatives of a leg. */
export function legSlopes(
  foot: Foot,
  limbs: Limbs,
  leg: StandingLeg,
  q: Readonly<Row>,
  hipWidthM: number,
  trunk: TrunkAxes,
): LegSlopes {
  const e = signOf(foot.side);
  const { shankM, thighM } = limbs;
  const motion = hipMotion((e * hipWidthM) / 2, trunk);
  const linkage = linkageOf(foot, limbs, leg, q[SWIVEL[foot.side]], q[RISE], motion);
  const bentBy = Math.max(1e-6, Math.sin(leg.kneeBendRad)) * shankM * thighM;
  const { line, lineM } = leg.circle;
  const steep = Math.max(1e-6, Math.cos(leg.thighRad));
  const tilted = Math.max(1e-6, Math.cos(leg.shinTiltRad));
  return {
    ankleBend: ankleBendRow(leg, linkage, foot, shankM),
    stretch: lineAlong(linkage, scale(line, 1 / (shankM + thighM))),
    thigh: thighAlong(linkage, thighM, [0, 0, -1 / steep]),
    kneeBend: lineAlong(linkage, scale(line, -lineM / bentBy)),
    hipBend: hipBendRow(leg, linkage, thighM, trunk),
    shinTilt: shankAlong(linkage, shankM, scale(leftOf(foot.forward), e / tilted)),
    kneeOff: shankAlong(linkage, shankM, scale(leftOf(foot.shinPlane), e)),
    hipOpen: hipOpenRow(leg, linkage, thighM, trunk, e),
    along: (v, onHip, onKnee) => along(linkage, v, onHip, onKnee),
    ankle: linkage.ankle,
    hipTurnOut: () => turnRow(leg, linkage, limbs, trunk, e),
  };
}
