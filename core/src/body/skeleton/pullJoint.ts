import type { Body } from '../segments/body';
import { clamp } from '../../foundation/numeric/safety';
import type { Vec2, Vec3 } from '../../foundation/numeric/vector';
import { SIDES, type Side } from '../../foundation/sides/side';
import { FIGURE_CAMERAS, project, type FigureView } from './camera';
import type { RingId } from './drawFigure';
import { POSE_LIMITS, type ArmPose, type BodyAngle, type LegPose, type Pose } from './pose';
import { hangingSkeleton, poseSkeleton } from './poseSkeleton';
import type { Skeleton } from './skeleton';

/** One angle of a pose, wherever it is. */
export type PoseAngle =
  | { readonly of: 'leg'; readonly side: Side; readonly angle: keyof LegPose }
  | { readonly of: 'arm'; readonly side: Side; readonly angle: keyof ArmPose }
  | { readonly of: 'body'; readonly angle: BodyAngle };

export const limitsOfAngle = (one: PoseAngle): readonly [number, number] => {
  if (one.of === 'leg') return POSE_LIMITS.leg[one.angle];
  return one.of === 'arm' ? POSE_LIMITS.arm[one.angle] : POSE_LIMITS.body[one.angle];
};

export function angleIn(pose: Omit<Pose, 'id' | 'words'>, one: PoseAngle): number {
  if (one.of === 'leg') return pose.legs[one.side][one.angle];
  return one.of === 'arm' ? pose.arms[one.side][one.angle] : (pose[one.angle] ?? 0);
}

/** The pose with one angle set, kept within what a living body shows. */
export function withAngle<P extends Omit<Pose, 'id' | 'words'>>(
  pose: P,
  one: PoseAngle,
  value: number,
): P {
  const [least, most] = limitsOfAngle(one);
  const deg = clamp(Math.round(value), least, most);
  if (one.of === 'body') return { ...pose, [one.angle]: deg };
  const key = one.of === 'leg' ? 'legs' : 'arms';
  const limb = { ...pose[key][one.side], [one.angle]: deg };
  return { ...pose, [key]: { ...pose[key], [one.side]: limb } };
}

/** A ring that can be taken hold of: the bone that ends in it, and what turns when it is pulled. */
interface Handle {
  readonly from: (skeleton: Skeleton) => Vec3;
  readonly to: (skeleton: Skeleton) => Vec3;
  /** From the side, and from before or behind. */
  readonly turns: readonly [seenBeside: PoseAngle, seenFrontal: PoseAngle];
}

const legHandles = (side: Side): [RingId, Handle][] => {
  const angle = (name: keyof LegPose): PoseAngle => ({ of: 'leg', side, angle: name });
  const leg = (skeleton: Skeleton) => skeleton.legs[side];
  return [
    [
      `knee-${side}`,
      { from: (s) => leg(s).hip, to: (s) => leg(s).knee, turns: [angle('hip'), angle('open')] },
    ],
    [
      `ankle-${side}`,
      {
        from: (s) => leg(s).knee,
        to: (s) => leg(s).ankle,
        turns: [angle('knee'), angle('turnOut')],
      },
    ],
    [
      `foot-${side}`,
      {
        from: (s) => leg(s).ankle,
        to: (s) => leg(s).toe,
        turns: [angle('ankle'), angle('shinTurn')],
      },
    ],
  ];
};

const armHandles = (side: Side): [RingId, Handle][] => {
  const angle = (name: keyof ArmPose): PoseAngle => ({ of: 'arm', side, angle: name });
  const arm = (skeleton: Skeleton) => skeleton.arms[side];
  return [
    [
      `elbow-${side}`,
      {
        from: (s) => arm(s).shoulder,
        to: (s) => arm(s).elbow,
        turns: [angle('raise'), angle('out')],
      },
    ],
    [
      `wrist-${side}`,
      {
        from: (s) => arm(s).elbow,
        to: (s) => arm(s).wrist,
        turns: [angle('elbow'), angle('turnOut')],
      },
    ],
  ];
};

const trunk = (angle: 'lean' | 'roll'): PoseAngle => ({ of: 'body', angle });

const HANDLES: ReadonlyMap<RingId, Handle> = new Map<RingId, Handle>([
  ['chest', { from: (s) => s.pelvis, to: (s) => s.chest, turns: [trunk('lean'), trunk('roll')] }],
  ...SIDES.flatMap((side) => [...legHandles(side), ...armHandles(side)]),
]);

/** Rings that can be pulled. */
export const PULLED_RINGS: readonly RingId[] = [...HANDLES.keys()];

const isFrontal = (view: FigureView): boolean => view === 'front' || view === 'back';

/** The angle that turns when this ring is pulled in this view. @throws RangeError for a ring that cannot be */
export function angleOfRing(ring: RingId, view: FigureView): PoseAngle {
  const handle = HANDLES.get(ring);
  if (!handle) throw new RangeError(`${ring} cannot be pulled`);
  return handle.turns[isFrontal(view) ? 1 : 0];
}

/** Where the bone of a ring turns about, in metres of the drawing: what it is pulled against. */
export function rootOfRing(body: Body, pose: Pose, ring: RingId, view: FigureView): Vec2 {
  return project(FIGURE_CAMERAS[view], HANDLES.get(ring)!.from(poseSkeleton(body, pose)));
}

/** Degrees between two directions of the drawing; 180 where the bone is seen end-on. */
function apartDeg([ax, ay]: Vec2, [bx, by]: Vec2): number {
  const lengths = Math.hypot(ax, ay) * Math.hypot(bx, by);
  if (lengths < 1e-9) return 180;
  return (Math.acos(clamp((ax * bx + ay * by) / lengths, -1, 1)) * 180) / Math.PI;
}

/**
 * A pose after one of its rings was pulled toward a place of the drawing: of all angles that the joint
 * before it has, the one that turns its bone nearest to that direction. To a whole degree; the body stays
 * on the floor, so it may sink or rise.
 *
 * @param toward metres of the drawing, from the joint that the bone turns about
 */
export function pullJoint(
  body: Body,
  pose: Pose,
  ring: RingId,
  view: FigureView,
  toward: Vec2,
): Pose {
  const turned = angleOfRing(ring, view);
  const { from, to } = HANDLES.get(ring)!;
  const camera = FIGURE_CAMERAS[view];
  const apartAt = (deg: number): number => {
    const skeleton = hangingSkeleton(body, withAngle(pose, turned, deg));
    const [a, b] = [project(camera, from(skeleton)), project(camera, to(skeleton))];
    return apartDeg([b[0] - a[0], b[1] - a[1]], toward);
  };
  return withAngle(pose, turned, leastAt(apartAt, limitsOfAngle(turned)));
}

const COARSE = 12;

/** Whole degree at which something is least: coarse steps, then every degree about the best of them. */
function leastAt(of: (deg: number) => number, [least, most]: readonly [number, number]): number {
  const best = (from: number, to: number, step: number): number => {
    let [at, lowest] = [from, Infinity];
    for (let deg = from; deg <= to; deg += step) {
      const value = of(deg);
      if (value < lowest) [at, lowest] = [deg, value];
    }
    return at;
  };
  const about = best(least, most, COARSE);
  return best(Math.max(least, about - COARSE), Math.min(most, about + COARSE), 1);
}
