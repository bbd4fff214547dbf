/** Corners of an outline of `drawFigure`: each subpath begins where it says and goes on from there. */
export function pointsOf(path: string): (readonly [x: number, y: number])[] {
  const points: (readonly [number, number])[] = [];
  let [x, y] = [0, 0];
  for (const [, command, right, down] of path.matchAll(/([Ml])(-?[\d.e-]+) (-?[\d.e-]+)/g)) {
    [x, y] =
      command === 'M' ? [Number(right), Number(down)] : [x + Number(right), y + Number(down)];
    points.push([x, y]);
  }
  return points;
}
