import type { Body } from '../segments/body';
import type { Vec2, Vec3 } from '../../foundation/numeric/vector';
import { add, between, dot, scale } from '../../foundation/numeric/vector';
import { SIDES, type Side } from '../../foundation/sides/side';
import { depthOf, project, type Camera } from './camera';
import { fleshOf, headFrame, type Part } from './flesh';
import { silhouette } from './silhouette';
import type { Skeleton } from './skeleton';

/** One part ready to draw: its outline as SVG path data in millimetres, far parts first. */
interface DrawnPart {
  readonly id: string;
  readonly path: string;
}

export type RingId =
  | `${'shoulder' | 'elbow' | 'wrist' | 'hip' | 'knee' | 'ankle' | 'foot'}-${Side}`
  | 'chest'
  | 'pelvis';

export interface DrawnFigure {
  readonly parts: readonly DrawnPart[];
  /** Lines of the face, when it is turned to the viewer. */
  readonly faceLines: readonly string[];
  /** Where the joints are, in millimetres right of the middle and below the floor line (negative). */
  readonly rings: Readonly<Record<RingId, Vec2>>;
}

const MM = 1000;

const mm = ([x, y]: Vec2): string => `${(x * MM).toFixed(1)} ${(y * MM).toFixed(1)}`;

const nearness = (camera: Camera, { slices }: Part): number =>
  slices.reduce((sum, slice) => sum + depthOf(camera, slice.centre), 0) / slices.length;

/** Small parts that sit on another are drawn just after it or just before it. */
function orderOf(camera: Camera, part: Part, head: number): number {
  if (part.id === 'neck') return head - 0.02;
  if (part.id === 'nose' || part.id.startsWith('ear'))
    return nearness(camera, part) > head - 0.02 ? head + 0.001 : head - 0.001;
  return nearness(camera, part) + (part.id === 'torso' ? 0.05 : 0);
}

/** Brow, and the line from brow to chin: they say at once which way the figure looks. */
function faceLines(camera: Camera, body: Body, skeleton: Skeleton): string[] {
  const { up, left, front, middle } = headFrame(body, skeleton);
  if (dot(front, camera.toward) < -0.2) return [];
  const h = body.heightM;
  const on = (sideways: number, rise: number): Vec3 => {
    const ahead = Math.sqrt(Math.max(0, 1 - sideways ** 2 - rise ** 2));
    const parts = add(scale(left, sideways * 0.0445 * h), scale(front, ahead * 0.055 * h));
    return add(middle, add(parts, scale(up, rise * 0.068 * h)));
  };
  const seen = (points: Vec3[]) =>
    points.filter((point) => depthOf(camera, point) - depthOf(camera, middle) > -0.002);
  const line = (points: Vec3[]) => {
    const shown = seen(points);
    return shown.length > 2 ? `M${shown.map((point) => mm(project(camera, point))).join('L')}` : '';
  };
  const steps = Array.from({ length: 15 }, (_, i) => i / 7 - 1);
  const brow = line(steps.map((t) => on(t * 0.82, 0.12 + 0.07 * (1 - t * t))));
  const chin = line(steps.map((t) => on(0, 0.13 - 0.45 * (t + 1))));
  return [brow, chin].filter((path) => path !== '');
}

function ringsOf(camera: Camera, skeleton: Skeleton): DrawnFigure['rings'] {
  const at = (point: Vec3): Vec2 => {
    const [x, y] = project(camera, point);
    return [x * MM, y * MM];
  };
  const pairs = SIDES.flatMap((side) => {
    const [leg, arm] = [skeleton.legs[side], skeleton.arms[side]];
    return [
      [`shoulder-${side}`, at(arm.shoulder)],
      [`elbow-${side}`, at(arm.elbow)],
      [`wrist-${side}`, at(arm.wrist)],
      [`hip-${side}`, at(leg.hip)],
      [`knee-${side}`, at(leg.knee)],
      [`ankle-${side}`, at(leg.ankle)],
      [`foot-${side}`, at(between(leg.heel, leg.toe, 0.7))],
    ];
  });
  return Object.fromEntries([
    ...pairs,
    ['chest', at(between(skeleton.pelvis, skeleton.chest, 0.68))],
    ['pelvis', at(skeleton.pelvis)],
  ]) as DrawnFigure['rings'];
}

/** The figure as a camera sees it, ready for SVG: one path a part, nearest last. */
export function drawFigure(camera: Camera, skeleton: Skeleton): DrawnFigure {
  const { body } = skeleton;
  const parts = fleshOf(body, skeleton);
  const head = nearness(
    camera,
    parts.find((part) => part.id === 'head')!,
  );
  const fullFace = dot(headFrame(body, skeleton).front, camera.toward) > 0.85;
  const ordered = parts
    // Seen full face, the line from brow to chin says more than the tip of a nose.
    .filter((part) => !(fullFace && part.id === 'nose'))
    .map((part) => ({ part, order: orderOf(camera, part, head) }))
    .sort((a, b) => a.order - b.order);
  return {
    parts: ordered.map(({ part }) => ({ id: part.id, path: silhouette(camera, part) })),
    faceLines: faceLines(camera, body, skeleton),
    rings: ringsOf(camera, skeleton),
  };
}
