/** A strand between two points, leaving and arriving level. */
export function strandPath(from: { x: number; y: number }, to: { x: number; y: number }): string {
  const middle = (from.x + to.x) / 2;
  return `M${from.x} ${from.y}C${middle} ${from.y} ${middle} ${to.y} ${to.x} ${to.y}`;
}

/** A loose end: a short line that curls back on itself. */
export const curlPath = ({ x, y }: { x: number; y: number }): string =>
  `M${x} ${y}C${x + 34} ${y} ${x + 40} ${y - 24} ${x + 22} ${y - 22}`;

/** Thickness of a strand in pixels: from a hair to a rope. */
export const strandWidth = (sure: number): number => 1.5 + 7 * sure;
