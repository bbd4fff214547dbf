import {
  add,
  between,
  scale,
  subtract,
  unit,
  length,
  type Vec3,
} from '../../foundation/numeric/vector';
import { SIDES, type Side } from '../../foundation/sides/side';
import type { ArmPoints, LegPoints, Skeleton } from './skeleton';

/** A direction part of the way from one to another; the second where they are opposite. */
const turning = (a: Vec3, b: Vec3, t: number): Vec3 => unit(between(a, b, t), b);

/** A bone from a joint, pointing part of the way from one direction to another, as long as it is. */
function bone(
  from: Vec3,
  [a0, a1]: readonly [Vec3, Vec3],
  [b0, b1]: readonly [Vec3, Vec3],
  t: number,
): Vec3 {
  const [a, b] = [subtract(a1, a0), subtract(b1, b0)];
  return add(from, scale(turning(unit(a), unit(b), t), length(b)));
}

function legBetween(hip: Vec3, a: LegPoints, b: LegPoints, t: number): LegPoints {
  const knee = bone(hip, [a.hip, a.knee], [b.hip, b.knee], t);
  const ankle = bone(knee, [a.knee, a.ankle], [b.knee, b.ankle], t);
  const ball = bone(ankle, [a.ankle, a.ball], [b.ankle, b.ball], t);
  return {
    hip,
    knee,
    ankle,
    ball,
    heel: bone(ball, [a.ball, a.heel], [b.ball, b.heel], t),
    toe: bone(ball, [a.ball, a.toe], [b.ball, b.toe], t),
    footForward: turning(a.footForward, b.footForward, t),
    footUp: turning(a.footUp, b.footUp, t),
    toeForward: turning(a.toeForward, b.toeForward, t),
    hinge: turning(a.hinge, b.hinge, t),
  };
}

function armBetween(shoulder: Vec3, a: ArmPoints, b: ArmPoints, t: number): ArmPoints {
  const elbow = bone(shoulder, [a.shoulder, a.elbow], [b.shoulder, b.elbow], t);
  const wrist = bone(elbow, [a.elbow, a.wrist], [b.elbow, b.wrist], t);
  const fingertip = bone(wrist, [a.wrist, a.fingertip], [b.wrist, b.fingertip], t);
  return { shoulder, elbow, wrist, fingertip };
}

/** A skeleton hung on its pelvis, before its feet are on the floor. */
function hung(a: Skeleton, b: Skeleton, t: number): Skeleton {
  const pelvis = between(a.pelvis, b.pelvis, t);
  const lowBack = bone(pelvis, [a.pelvis, a.lowBack], [b.pelvis, b.lowBack], t);
  const chest = bone(lowBack, [a.lowBack, a.chest], [b.lowBack, b.chest], t);
  const both = <T>(of: (side: Side) => T) =>
    Object.fromEntries(SIDES.map((side) => [side, of(side)])) as Record<Side, T>;
  return {
    body: b.body,
    pelvis,
    lowBack,
    chest,
    pelvisUp: turning(a.pelvisUp, b.pelvisUp, t),
    headTop: bone(chest, [a.chest, a.headTop], [b.chest, b.headTop], t),
    trunkUp: turning(a.trunkUp, b.trunkUp, t),
    trunkForward: turning(a.trunkForward, b.trunkForward, t),
    trunkLeft: turning(a.trunkLeft, b.trunkLeft, t),
    legs: both((side) => {
      const hip = bone(pelvis, [a.pelvis, a.legs[side].hip], [b.pelvis, b.legs[side].hip], t);
      return legBetween(hip, a.legs[side], b.legs[side], t);
    }),
    arms: both((side) => {
      const [one, other] = [a.arms[side], b.arms[side]];
      const shoulder = bone(chest, [a.chest, one.shoulder], [b.chest, other.shoulder], t);
      return armBetween(shoulder, one, other, t);
    }),
  };
}

const lowest = ({ legs }: Skeleton): number =>
  Math.min(...SIDES.flatMap((side) => [legs[side].heel[2], legs[side].ball[2], legs[side].toe[2]]));

const isPoint = (value: unknown): value is Vec3 => Array.isArray(value);
/** Directions do not move with the body. */
const DIRECTIONS: ReadonlySet<string> = new Set([
  'trunkUp',
  'trunkForward',
  'trunkLeft',
  'footForward',
  'footUp',
  'toeForward',
  'hinge',
  'body',
]);

/** Every point of a skeleton moved by so much. */
function moved<T extends object>(part: T, by: Vec3): T {
  const entries = Object.entries(part).map(([name, value]) => {
    if (DIRECTIONS.has(name)) return [name, value];
    return [name, isPoint(value) ? add(value, by) : moved(value as object, by)];
  });
  return Object.fromEntries(entries) as T;
}

/**
 * A body `t` of the way from one posture to another: every bone turns and keeps its length, and the
 * lower foot stays as high over the floor as it is in the two.
 */
export function betweenSkeletons(a: Skeleton, b: Skeleton, t: number): Skeleton {
  if (t <= 0) return a;
  if (t >= 1) return b;
  const free = hung(a, b, t);
  const onFloor = (1 - t) * lowest(a) + t * lowest(b);
  return moved(free, [0, 0, onFloor - lowest(free)]);
}
