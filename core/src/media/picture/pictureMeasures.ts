import type { View } from '../../body/stance/patterns';
import { degOfRad } from '../../foundation/numeric/angle';
import { acosClamped } from '../../foundation/numeric/safety';
import { SIDES, type MaybeSide } from '../../foundation/sides/side';
import {
  marksOf,
  type MarkId,
  type Marks,
  type PictureFrame,
  type PictureLine,
  type PicturePoint,
} from '../../records/pictures/marks';

type PictureMeasureId =
  | 'trunk-lean'
  | 'thigh'
  | 'shin-lean'
  | 'knee-bend'
  | 'hip-bend'
  | 'heel-rise'
  | 'knee-past-toes'
  | 'knee-in'
  | 'pelvis-tilt'
  | 'shoulder-tilt'
  | 'trunk-side'
  | 'hip-shift'
  | 'hip-shift-share';

export interface PictureMeasure {
  readonly measure: PictureMeasureId;
  readonly side: MaybeSide;
  /** Degrees, millimetres or per cent; sideways ones are positive to the client's left. */
  readonly value: number;
  /** What a slip of every mark by 1 % of the body's height would make of it. */
  readonly error: number;
}

type Points = Record<MarkId, PicturePoint>;

/** Directions on the picture: up against gravity, and right as seen. */
interface Axes {
  readonly up: PicturePoint;
  readonly right: PicturePoint;
}

const minus = (a: PicturePoint, b: PicturePoint): PicturePoint => [a[0] - b[0], a[1] - b[1]];
const dot = (a: PicturePoint, b: PicturePoint): number => a[0] * b[0] + a[1] * b[1];
const sizeOf = (a: PicturePoint): number => Math.hypot(a[0], a[1]);
const middle = (a: PicturePoint, b: PicturePoint): PicturePoint => [
  (a[0] + b[0]) / 2,
  (a[1] + b[1]) / 2,
];
const lengthOf = ({ from, to }: PictureLine): number => sizeOf(minus(to, from));

function axesOf(plumb: PictureLine | null): Axes {
  const along: PicturePoint = plumb ? minus(plumb.to, plumb.from) : [0, -1];
  const length = sizeOf(along);
  if (!(length > 0)) return { up: [0, -1], right: [1, 0] };
  const sign = along[1] > 0 ? -1 : 1;
  const up: PicturePoint = [(sign * along[0]) / length, (sign * along[1]) / length];
  return { up, right: [-up[1], up[0]] };
}

/** Degrees by which a line from below to above leans to the right of upright. */
const leanDeg = (below: PicturePoint, above: PicturePoint, { up, right }: Axes): number => {
  const line = minus(above, below);
  return degOfRad(Math.atan2(dot(line, right), dot(line, up)));
};

/** Degrees by which a joint is bent from straight. */
const bendDeg = (a: PicturePoint, joint: PicturePoint, b: PicturePoint): number => {
  const [one, other] = [minus(a, joint), minus(b, joint)];
  return 180 - degOfRad(acosClamped(dot(one, other) / (sizeOf(one) * sizeOf(other))));
};

type Formula = {
  readonly measure: PictureMeasureId;
  readonly side: MaybeSide;
  readonly of: (points: Points, axes: Axes, mmPerPixel: number | null) => number | null;
};

const formula = (
  measure: PictureMeasureId,
  of: Formula['of'],
  side: MaybeSide = null,
): Formula => ({ measure, side, of });

/** 1 when the client faces right. */
const facing = ({ toe, heel }: Points, { right }: Axes): number =>
  Math.sign(dot(minus(toe, heel), right)) || 1;

const FROM_THE_SIDE: readonly Formula[] = [
  formula('trunk-lean', (p, axes) => facing(p, axes) * leanDeg(p.hip, p.shoulder, axes)),
  formula('thigh', (p, { up, right }) => {
    const thigh = minus(p.hip, p.knee);
    return degOfRad(Math.atan2(dot(thigh, up), Math.abs(dot(thigh, right))));
  }),
  formula('shin-lean', (p, axes) => facing(p, axes) * leanDeg(p.ankle, p.knee, axes)),
  formula('knee-bend', (p) => bendDeg(p.hip, p.knee, p.ankle)),
  formula('hip-bend', (p) => bendDeg(p.shoulder, p.hip, p.knee)),
  formula('heel-rise', (p, { up }, mm) =>
    mm === null ? null : mm * dot(minus(p.heel, p.toe), up),
  ),
  formula('knee-past-toes', (p, axes, mm) =>
    mm === null ? null : mm * facing(p, axes) * dot(minus(p.knee, p.toe), axes.right),
  ),
];

/** 1 when the client's left is on the right of the picture: seen from ahead. */
const leftIsRight = (p: Points, { right }: Axes): number =>
  Math.sign(dot(minus(p['hip-left'], p['hip-right']), right)) || -1;

/** How far the right one of a pair is higher than the left, in degrees. */
const tiltDeg =
  (joint: 'hip' | 'shoulder') =>
  (p: Points, axes: Axes): number => {
    const line = minus(p[`${joint}-right`], p[`${joint}-left`]);
    return degOfRad(Math.atan2(dot(line, axes.up), Math.abs(dot(line, axes.right))));
  };

const midOf = (p: Points, joint: 'hip' | 'shoulder' | 'ankle'): PicturePoint =>
  middle(p[`${joint}-left`], p[`${joint}-right`]);

/** Hips away from the middle of the feet, in pixels to the client's left. */
const shiftOf = (p: Points, axes: Axes): number =>
  leftIsRight(p, axes) * dot(minus(midOf(p, 'hip'), midOf(p, 'ankle')), axes.right);

const FRONTAL: readonly Formula[] = [
  ...SIDES.map((side) =>
    formula(
      'knee-in',
      (p, axes) => {
        const [hip, knee, ankle] = [p[`hip-${side}`], p[`knee-${side}`], p[`ankle-${side}`]];
        const inward = (side === 'left' ? -1 : 1) * leftIsRight(p, axes);
        return inward * (leanDeg(ankle, knee, axes) - leanDeg(knee, hip, axes));
      },
      side,
    ),
  ),
  formula('pelvis-tilt', tiltDeg('hip')),
  formula('shoulder-tilt', tiltDeg('shoulder')),
  formula(
    'trunk-side',
    (p, axes) => leftIsRight(p, axes) * leanDeg(midOf(p, 'hip'), midOf(p, 'shoulder'), axes),
  ),
  formula('hip-shift', (p, axes, mm) => (mm === null ? null : mm * shiftOf(p, axes))),
  formula('hip-shift-share', (p, axes) => {
    const stance = sizeOf(minus(p['ankle-left'], p['ankle-right']));
    return stance > 0 ? (100 * shiftOf(p, axes)) / stance : null;
  }),
];

/** A slip of a mark, as a share of the body's height. */
const SLIP = 0.01;
/** Shoulder to ankle of somebody who is seen whole is this much of their height, bent or not: at most. */
const SHOULDER_TO_ANKLE = 0.779;

/** Millimetres of one pixel where a length was given. */
const mmPerPixelOf = ({ scale }: PictureFrame): number | null =>
  scale && lengthOf(scale) > 0 ? (10 * scale.cm) / lengthOf(scale) : null;

/** Limbs along which a bent body keeps its length, as a share of height. */
const LIMBS = [
  ['hip', 'knee', 0.245],
  ['knee', 'ankle', 0.246],
  ['hip', 'shoulder', 0.288],
] as const;

/** Pixels of the body's height: by the scale, or else by its longest-seen limb. */
function heightPixels(points: Points, view: View, heightM: number, mm: number | null): number {
  if (mm !== null) return (heightM * 1000) / mm;
  const sides = view === 'side' ? [''] : ['-left', '-right'];
  const seen = sides.flatMap((suffix) =>
    LIMBS.map(([a, b, share]) => {
      const [from, to] = [points[`${a}${suffix}` as MarkId], points[`${b}${suffix}` as MarkId]];
      return sizeOf(minus(to, from)) / share;
    }),
  );
  return Math.max(...seen, 1 / SHOULDER_TO_ANKLE);
}

/** To first order: each mark slipping by itself, each way, independent of all others. */
function errorOf(
  one: Formula,
  points: Points,
  ids: readonly MarkId[],
  slip: number,
  axes: Axes,
  mm: number | null,
): number {
  const value = (moved: Points) => one.of(moved, axes, mm) ?? 0;
  const variance = ids.reduce((sum, id) => {
    const [x, y] = points[id];
    const ways = (
      [
        [slip, 0],
        [0, slip],
      ] as const
    ).map(([dx, dy]) => {
      const more = value({ ...points, [id]: [x + dx, y + dy] });
      const less = value({ ...points, [id]: [x - dx, y - dy] });
      return ((more - less) / 2) ** 2;
    });
    return sum + ways[0] + ways[1];
  }, 0);
  return Math.sqrt(variance);
}

/**
 * Angles and distances of a marked picture. What needs a length is left out where none was given, and
 * everything is left out until every mark of the view is set: nothing is invented.
 *
 * @param heightM the client's height, which says what 1 % is
 */
export function pictureMeasures(
  view: View,
  marks: Marks,
  frame: PictureFrame,
  heightM: number,
): PictureMeasure[] {
  const ids = marksOf(view);
  if (ids.some((id) => !marks[id])) return [];
  const points = marks as Points;
  const axes = axesOf(frame.plumb);
  const mm = mmPerPixelOf(frame);
  const slip = SLIP * heightPixels(points, view, heightM, mm);
  return (view === 'side' ? FROM_THE_SIDE : FRONTAL).flatMap((one) => {
    const value = one.of(points, axes, mm);
    if (value === null || !Number.isFinite(value)) return [];
    const error = errorOf(one, points, ids, slip, axes, mm);
    return [{ measure: one.measure, side: one.side, value, error }];
  });
}
