import type { Vec3 } from '../../foundation/numeric/vector';
import { SIDES } from '../../foundation/sides/side';
import { project, type Camera } from './camera';
import type { Skeleton } from './skeleton';

/** What a camera sees of a body, in metres: to the right, and up in the picture. */
export interface Extent {
  readonly left: number;
  readonly right: number;
  readonly top: number;
}

/** Flesh and ink beyond the joints. */
const FLESH_M = 0.09;

const pointsOf = ({ legs, arms, pelvis, chest, headTop }: Skeleton): Vec3[] => [
  pelvis,
  chest,
  headTop,
  ...SIDES.flatMap((side) => [
    ...[legs[side].hip, legs[side].knee, legs[side].ankle, legs[side].heel, legs[side].toe],
    ...[arms[side].shoulder, arms[side].elbow, arms[side].wrist, arms[side].fingertip],
  ]),
];

/** The room that some postures of one body take together, as a camera sees them. */
export function extentOf(camera: Camera, skeletons: readonly Skeleton[]): Extent {
  const seen = skeletons.flatMap(pointsOf).map((point) => project(camera, point));
  const across = seen.map(([x]) => x);
  return {
    left: Math.min(...across) - FLESH_M,
    right: Math.max(...across) + FLESH_M,
    top: Math.max(...seen.map(([, down]) => -down)) + FLESH_M / 2,
  };
}
