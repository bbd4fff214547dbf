/** A point or direction in metres: x forward, y to the client's left, z up. */
export type Vec3 = readonly [x: number, y: number, z: number];
export type Vec2 = readonly [x: number, y: number];

export const add = (a: Vec3, b: Vec3): Vec3 => [a[0] + b[0], a[1] + b[1], a[2] + b[2]];
export const subtract = (a: Vec3, b: Vec3): Vec3 => [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
export const scale = (a: Vec3, k: number): Vec3 => [a[0] * k, a[1] * k, a[2] * k];
export const dot = (a: Vec3, b: Vec3): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
export const cross = (a: Vec3, b: Vec3): Vec3 => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
];
export const length = (a: Vec3): number => Math.hypot(a[0], a[1], a[2]);
export const distance = (a: Vec3, b: Vec3): number => length(subtract(a, b));
export const between = (a: Vec3, b: Vec3, t: number): Vec3 => add(scale(a, 1 - t), scale(b, t));

/** The direction of a vector; `fallback` where it has no length. */
export function unit(a: Vec3, fallback: Vec3 = [0, 0, 1]): Vec3 {
  const size = length(a);
  return size < 1e-9 ? fallback : scale(a, 1 / size);
}

/** The part of `a` at right angles to the unit vector `axis`, made a unit vector. */
export const perpendicular = (a: Vec3, axis: Vec3, fallback: Vec3): Vec3 =>
  unit(subtract(a, scale(axis, dot(a, axis))), fallback);

/** `a` turned about the unit vector `axis` by `angleRad` (Rodrigues' formula). */
export function turned(a: Vec3, axis: Vec3, angleRad: number): Vec3 {
  const c = Math.cos(angleRad);
  const s = Math.sin(angleRad);
  return add(add(scale(a, c), scale(cross(axis, a), s)), scale(axis, dot(axis, a) * (1 - c)));
}
