import type { Body } from '../../body/segments/body';
import type { Setup } from '../../body/stance/setup';
import type { View } from '../../body/stance/patterns';
import { cameraOf, project } from '../../body/skeleton/camera';
import { lookSkeleton, type SeenMoment } from './lookSkeleton';
import { SIDES } from '../../foundation/sides/side';
import type { Vec3 } from '../../foundation/numeric/vector';
import type { MarkId, Marks, PicturePoint } from '../../records/pictures/marks';

/** Share of the picture's height that a person is thought to fill at first. */
const FILLS = 0.62;
const FEET_AT = 0.88;

/**
 * Where the marks lie before they are dragged: as this body would stand in the middle of the picture,
 * so that each is near its joint.
 */
export function firstMarks(
  body: Body,
  setup: Setup,
  moment: SeenMoment,
  view: View,
  [width, height]: readonly [width: number, height: number],
): Marks {
  const skeleton = lookSkeleton(body, setup, moment);
  const camera = cameraOf(view, moment.pattern, setup);
  const scale = (FILLS * height) / skeleton.headTop[2];
  const place = (at: Vec3): PicturePoint => {
    const [x, y] = project(camera, at);
    return [width / 2 + x * scale, FEET_AT * height + y * scale];
  };
  const { legs, arms } = skeleton;
  if (view === 'side') {
    const near = camera.toward[1] > 0 ? 'left' : 'right';
    const { hip, knee, ankle, heel, toe } = legs[near];
    const points = { shoulder: arms[near].shoulder, hip, knee, ankle, heel, toe };
    return Object.fromEntries(Object.entries(points).map(([id, at]) => [id, place(at)]));
  }
  return Object.fromEntries(
    SIDES.flatMap((side): [MarkId, PicturePoint][] => [
      [`shoulder-${side}`, place(arms[side].shoulder)],
      [`hip-${side}`, place(legs[side].hip)],
      [`knee-${side}`, place(legs[side].knee)],
      [`ankle-${side}`, place(legs[side].ankle)],
    ]),
  );
}
