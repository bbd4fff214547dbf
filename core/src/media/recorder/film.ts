import { radOfDeg } from '../../foundation/numeric/angle';
import { normal } from '../../foundation/numeric/random';
import { dot, type Vec3 } from '../../foundation/numeric/vector';
import { FIGURE_CAMERAS } from '../../body/skeleton/camera';
import type { Joint } from '../../records/recordings/joints';
import type { RecorderCamera } from './recorderInput';

/** Where the floor under the body comes to lie in the picture, in pixels. */
const ORIGIN = { x: 640, y: 900 } as const;
/** How sure a point is that the body is not in the way of, and one that it is. */
const PLAIN = 0.92;
const BEHIND = 0.68;

/** What a camera makes of a point in space. */
export function filmed(
  { view, rollDeg, pitchDeg, pixelsPerMetre }: RecorderCamera,
  point: Vec3,
  noiseM: number,
  random: () => number,
): readonly [x: number, y: number] {
  const { right, toward } = FIGURE_CAMERAS[view];
  const [pitch, roll] = [radOfDeg(pitchDeg), radOfDeg(rollDeg)];
  const across = dot(right, point) + noiseM * normal(random);
  const up =
    point[2] * Math.cos(pitch) - dot(toward, point) * Math.sin(pitch) + noiseM * normal(random);
  const [c, s] = [Math.cos(roll), Math.sin(roll)];
  return [
    ORIGIN.x + pixelsPerMetre * (across * c - up * s),
    ORIGIN.y - pixelsPerMetre * (across * s + up * c),
  ];
}

/** Points on the far side of the body are seen less surely. */
export function sureness({ view }: RecorderCamera, joint: Joint, random: () => number): number {
  const far = view === 'right' ? 'left' : view === 'left' ? 'right' : null;
  const base = far && joint.startsWith(far) ? BEHIND : PLAIN;
  return Math.round(100 * Math.min(1, base + 0.03 * normal(random))) / 100;
}
