import { isStaggered, type Pattern, type View } from '../stance/patterns';
import type { Setup } from '../stance/setup';
import { dot, type Vec2, type Vec3 } from '../../foundation/numeric/vector';

/** An orthographic camera: what is drawn right and up, and what is nearer. */
export interface Camera {
  readonly right: Vec3;
  readonly up: Vec3;
  /** Unit vector from the body to the viewer. */
  readonly toward: Vec3;
}

/** A camera that stands at `azimuthRad` round the body: 0 in front, π/2 at the client's left. */
const cameraAt = (azimuthRad: number): Camera => ({
  right: [-Math.sin(azimuthRad), Math.cos(azimuthRad), 0],
  up: [0, 0, 1],
  toward: [Math.cos(azimuthRad), Math.sin(azimuthRad), 0],
});

/** A camera over the client, who faces up the picture. */
export const ABOVE: Camera = { right: [0, -1, 0], up: [1, 0, 0], toward: [0, 0, 1] };

/** The three views of a look. From the side the client faces right. */
export const VIEW_CAMERAS: Readonly<Record<View, Camera>> = {
  front: cameraAt(0),
  back: cameraAt(Math.PI),
  side: cameraAt(-Math.PI / 2),
};

/** Where a coach stands in a look: beside a step on the side of its front leg. */
export const cameraOf = (view: View, pattern: Pattern, { front }: Pick<Setup, 'front'>): Camera =>
  view === 'side' && isStaggered(pattern) && front !== 'right'
    ? FIGURE_CAMERAS.left
    : VIEW_CAMERAS[view];

/** Every way a figure can be looked at: sides are the client's own. */
export const FIGURE_VIEWS = ['right', 'quarter', 'front', 'left', 'back', 'above'] as const;
export type FigureView = (typeof FIGURE_VIEWS)[number];

export const FIGURE_CAMERAS: Readonly<Record<FigureView, Camera>> = {
  right: cameraAt(-Math.PI / 2),
  quarter: cameraAt(-Math.PI / 4),
  front: cameraAt(0),
  left: cameraAt(Math.PI / 2),
  back: cameraAt(Math.PI),
  above: ABOVE,
};

/** Screen place in metres: right, and down from the floor line, from above from the ankles' (so up is negative). */
export const project = (camera: Camera, point: Vec3): Vec2 => [
  dot(camera.right, point),
  -dot(camera.up, point),
];

export const depthOf = (camera: Camera, point: Vec3): number => dot(camera.toward, point);
