import type { Vec2, Vec3 } from '../../foundation/numeric/vector';
import type { Camera } from './camera';
import type { Part, Slice } from './flesh';
import { maybeOutline } from './outline';
import { DIRECTIONS, rimOf, type Rim } from './rim';

/** Slices drawn for each that is given. */
const STEPS = 2;

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

/** Around two rims: in every direction the farther of both. */
const hullOf = (a: Rim, b: Rim): Vec2[] =>
  DIRECTIONS.map((_, i) => {
    const rim = a.far[i] > b.far[i] ? a : b;
    return [rim.x[i], rim.y[i]];
  });

const TENTHS_PER_M = 10_000;

/** A closed line in tenths of a millimetre, each point said from the last one. */
function closedPath(points: readonly Vec2[]): string {
  let path = '';
  let [lastX, lastY] = [0, 0];
  for (const point of points) {
    const [x, y] = [Math.round(point[0] * TENTHS_PER_M), Math.round(point[1] * TENTHS_PER_M)];
    if (path === '') path = `M${x / 10} ${y / 10}`;
    else if (x !== lastX || y !== lastY) path += `l${(x - lastX) / 10} ${(y - lastY) / 10}`;
    [lastX, lastY] = [x, y];
  }
  return `${path}Z`;
}

/** The hulls of neighbouring slices, in metres: together they are the part as it is seen. */
export function hullsOf(camera: Camera, part: Part): Vec2[][] {
  const rims = refined(part.slices).map((slice) => rimOf(camera, slice));
  return rims.slice(1).map((rim, i) => hullOf(rims[i], rim));
}

/** From above one looks along the trunk, whose slices lie over each other there: one outline would cut corners. */
const looksAlong = ({ up }: Camera, { id }: Part): boolean =>
  id === 'torso' && Math.abs(up[2]) < 0.5;

/** A part's outline as SVG path data in millimetres. */
export function silhouette(camera: Camera, part: Part): string {
  const outline = looksAlong(camera, part)
    ? null
    : maybeOutline(refined(part.slices).map((slice) => rimOf(camera, slice)));
  return outline ? closedPath(outline) : hullsOf(camera, part).map(closedPath).join('');
}
