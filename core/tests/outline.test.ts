import { bodyOf, FIGURE_CAMERAS, FIGURE_VIEWS, POSES, poseSkeleton } from '../src';
import type { Vec2 } from '../src/foundation/numeric/vector';
import { fleshOf } from '../src/body/skeleton/flesh';
import { maybeOutline } from '../src/body/skeleton/outline';
import { rimOf } from '../src/body/skeleton/rim';
import { hullsOf, silhouette } from '../src/body/skeleton/silhouette';
import { pointsOf } from './pathPoints';

/** How often a closed line goes round a point (D. Sunday's crossing count). */
function windingOf(line: readonly Vec2[], [px, py]: Vec2): number {
  let winding = 0;
  line.forEach(([ax, ay], i) => {
    const [bx, by] = line[(i + 1) % line.length];
    const side = (bx - ax) * (py - ay) - (px - ax) * (by - ay);
    if (ay <= py && by > py && side > 0) winding += 1;
    if (ay > py && by <= py && side < 0) winding -= 1;
  });
  return winding;
}

const middleOf = (points: readonly Vec2[]): Vec2 => [
  points.reduce((sum, [x]) => sum + x, 0) / points.length,
  points.reduce((sum, [, y]) => sum + y, 0) / points.length,
];

/** A corner drawn a little toward the middle of its hull, in millimetres. */
const within = ([x, y]: Vec2, [mx, my]: Vec2): Vec2 => {
  const far = Math.hypot(mx - x, my - y);
  const part = Math.min(1, SLACK_MM / far);
  return [x + part * (mx - x), y + part * (my - y)];
};

const SLACK_MM = 6;
const body = bodyOf(1.75, 75);
const rows = POSES.flatMap((pose) => FIGURE_VIEWS.map((view) => [pose, view] as const));

it.each(rows.map(([pose, view]) => [pose.id, view, pose] as const))(
  '%s from %s: one outline covers what the hulls of neighbours cover',
  (_, view, pose) => {
    const camera = FIGURE_CAMERAS[view];
    let looked = 0;
    const missed: string[] = [];
    for (const part of fleshOf(body, poseSkeleton(body, pose))) {
      const outlines = silhouette(camera, part)
        .split('Z')
        .slice(0, -1)
        .map((one) => pointsOf(`${one}Z`));
      for (const hull of hullsOf(camera, part)) {
        const corners = hull.map(([x, y]): Vec2 => [1000 * x, 1000 * y]);
        const middle = middleOf(corners);
        for (const corner of corners) {
          const point = within(corner, middle);
          if (Math.hypot(point[0] - corner[0], point[1] - corner[1]) < SLACK_MM - 1e-6) continue;
          looked += 1;
          if (!outlines.some((one) => windingOf(one, point) !== 0)) missed.push(part.id);
        }
      }
    }
    expect(looked).toBeGreaterThan(500);
    expect(missed).toEqual([]);
  },
);

describe('outline of a row of rims', () => {
  const disc = (x: number, radius: number) =>
    rimOf(FIGURE_CAMERAS.front, {
      centre: [0, x, 1],
      across: [0, radius, 0],
      through: [0, 0, radius],
    });

  it.each([
    ['one disc', [disc(0, 0.1)], 20],
    ['a small disc within a large one', [disc(0, 0.1), disc(0.02, 0.03)], 20],
    ['two discs: half of each, and the bridges between', [disc(0, 0.1), disc(1, 0.1)], 20],
  ])('%s', (_, rims, corners) => {
    expect(maybeOutline(rims)).toHaveLength(corners);
  });

  it('a sausage is as long and as wide as its discs say', () => {
    const outline = maybeOutline([disc(0, 0.1), disc(0.5, 0.12), disc(1, 0.1)])!;
    const xs = outline.map(([x]) => x);
    expect(Math.max(...xs) - Math.min(...xs)).toBeCloseTo(1.2, 6);
  });

  it('two ellipses across each other have no single outline', () => {
    const ellipse = (a: number, b: number) =>
      rimOf(FIGURE_CAMERAS.front, { centre: [0, 0, 1], across: [0, a, 0], through: [0, 0, b] });
    expect(maybeOutline([ellipse(0.2, 0.05), ellipse(0.05, 0.2)])).toBeNull();
  });
});
