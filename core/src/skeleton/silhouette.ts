import type { Vec3 } from '../numeric/vector';
import { project, type Camera } from './camera';
import type { Part, Slice } from './flesh';

/** Directions in the picture in which an outline is felt for, all the way round. */
const DIRECTIONS: readonly (readonly [number, number])[] = Array.from({ length: 20 }, (_, i) => {
  const angle = (2 * Math.PI * i) / 20;
  return [Math.cos(angle), Math.sin(angle)];
});
/** Slices drawn for each that is given. */
const STEPS = 2;
const TENTHS = 10_000;

/** Catmull–Rom through four values at t between the middle two. */
const smooth = (a: number, b: number, c: number, d: number, t: number): number =>
  0.5 *
  (2 * b + (c - a) * t + (2 * a - 5 * b + 4 * c - d) * t * t + (3 * b - a - 3 * c + d) * t ** 3);

const smoothVec = (a: Vec3, b: Vec3, c: Vec3, d: Vec3, t: number): Vec3 => [
  smooth(a[0], b[0], c[0], d[0], t),
  smooth(a[1], b[1], c[1], d[1], t),
  smooth(a[2], b[2], c[2], d[2], t),
];

/** More slices between the given ones, along a smooth curve. */
function refined(slices: readonly Slice[]): Slice[] {
  const at = (i: number) => slices[Math.min(slices.length - 1, Math.max(0, i))];
  const finer: Slice[] = [];
  for (let i = 0; i < slices.length - 1; i++) {
    const [a, b, c, d] = [at(i - 1), at(i), at(i + 1), at(i + 2)];
    for (let step = 0; step < STEPS; step++) {
      const t = step / STEPS;
      finer.push({
        centre: smoothVec(a.centre, b.centre, c.centre, d.centre, t),
        across: smoothVec(a.across, b.across, c.across, d.across, t),
        through: smoothVec(a.through, b.through, c.through, d.through, t),
      });
    }
  }
  finer.push(at(slices.length - 1));
  return finer;
}

/** A slice as the camera sees it: for each direction its farthest point and how far that is. */
interface Rim {
  readonly x: readonly number[];
  readonly y: readonly number[];
  readonly far: readonly number[];
}

/** An ellipse c + a·cos φ + b·sin φ is farthest along d at c + (a(a·d) + b(b·d)) / |(a·d, b·d)|. */
function rimOf(camera: Camera, { centre, across, through }: Slice): Rim {
  const [cx, cy] = project(camera, centre);
  const [[ax, ay], [bx, by]] = [project(camera, across), project(camera, through)];
  const [x, y, far]: [number[], number[], number[]] = [[], [], []];
  for (const [dx, dy] of DIRECTIONS) {
    const alongA = ax * dx + ay * dy;
    const alongB = bx * dx + by * dy;
    const reach = Math.sqrt(alongA * alongA + alongB * alongB);
    const k = 1 / Math.max(reach, 1e-12);
    x.push(Math.round((cx + k * (ax * alongA + bx * alongB)) * TENTHS));
    y.push(Math.round((cy + k * (ay * alongA + by * alongB)) * TENTHS));
    far.push(cx * dx + cy * dy + reach);
  }
  return { x, y, far };
}

/** Around two rims: in every direction the farther of both. Each point is said from the last one. */
function hullPath(a: Rim, b: Rim): string {
  let path = '';
  let [lastX, lastY] = [0, 0];
  for (let i = 0; i < DIRECTIONS.length; i++) {
    const rim = a.far[i] > b.far[i] ? a : b;
    const [x, y] = [rim.x[i], rim.y[i]];
    if (path === '') path = `M${x / 10} ${y / 10}`;
    else if (x !== lastX || y !== lastY) path += `l${(x - lastX) / 10} ${(y - lastY) / 10}`;
    lastX = x;
    lastY = y;
  }
  return `${path}Z`;
}

/**
 * A part's outline as SVG path data in millimetres: the hulls of neighbouring slices, laid over each
 * other.
 */
export function silhouette(camera: Camera, part: Part): string {
  let path = '';
  let last: Rim | null = null;
  for (const slice of refined(part.slices)) {
    const rim = rimOf(camera, slice);
    if (last) path += hullPath(last, rim);
    last = rim;
  }
  return path;
}
