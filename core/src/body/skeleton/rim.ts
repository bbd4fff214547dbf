import { project, type Camera } from './camera';
import type { Slice } from './flesh';

/** Directions in the picture in which an outline is felt for, all the way round. */
export const DIRECTIONS: readonly (readonly [number, number])[] = Array.from(
  { length: 20 },
  (_, i) => {
    const angle = (2 * Math.PI * i) / 20;
    return [Math.cos(angle), Math.sin(angle)];
  },
);

/** A slice as the camera sees it: for each direction its farthest point and how far that is, metres. */
export interface Rim {
  readonly x: readonly number[];
  readonly y: readonly number[];
  readonly far: readonly number[];
}

/** An ellipse c + a·cos φ + b·sin φ is farthest along d at c + (a(a·d) + b(b·d)) / |(a·d, b·d)|. */
export function rimOf(camera: Camera, { centre, across, through }: Slice): Rim {
  const [cx, cy] = project(camera, centre);
  const [[ax, ay], [bx, by]] = [project(camera, across), project(camera, through)];
  const [x, y, far]: [number[], number[], number[]] = [[], [], []];
  for (const [dx, dy] of DIRECTIONS) {
    const alongA = ax * dx + ay * dy;
    const alongB = bx * dx + by * dy;
    const reach = Math.sqrt(alongA * alongA + alongB * alongB);
    const k = 1 / Math.max(reach, 1e-12);
    x.push(cx + k * (ax * alongA + bx * alongB));
    y.push(cy + k * (ay * alongA + by * alongB));
    far.push(cx * dx + cy * dy + reach);
  }
  return { x, y, far };
}
