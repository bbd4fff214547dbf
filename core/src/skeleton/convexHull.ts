import type { Vec2 } from '../numeric/vector';

const turn = (o: Vec2, a: Vec2, b: Vec2): number =>
  (a[0] - o[0]) * (b[1] - o[1]) - (a[1] - o[1]) * (b[0] - o[0]);

function chain(points: readonly Vec2[]): Vec2[] {
  const kept: Vec2[] = [];
  for (const point of points) {
    while (kept.length >= 2 && turn(kept[kept.length - 2], kept[kept.length - 1], point) <= 0)
      kept.pop();
    kept.push(point);
  }
  kept.pop();
  return kept;
}

/** Convex hull, counter-clockwise (A. M. Andrew's monotone chain, 1979). */
export function convexHull(points: readonly Vec2[]): Vec2[] {
  const sorted = [...points].sort((a, b) => a[0] - b[0] || a[1] - b[1]);
  return [...chain(sorted), ...chain(sorted.reverse())];
}
