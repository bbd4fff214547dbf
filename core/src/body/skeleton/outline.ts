import type { Vec2 } from '../../foundation/numeric/vector';
import { DIRECTIONS, type Rim } from './rim';

const COUNT = DIRECTIONS.length;

const after = (direction: number): number => (direction + 1) % COUNT;

const pointOf = ({ x, y }: Rim, direction: number): Vec2 => [x[direction], y[direction]];

/**
 * Where the hull of two rims changes over, going round: the last direction of the first rim before
 * the second takes over, and the last of the second. Null unless it changes just once each way.
 */
interface Bridge {
  readonly over: number;
  readonly back: number;
}

function maybeBridge(a: Rim, b: Rim): Bridge | null {
  const [overs, backs]: [number[], number[]] = [[], []];
  for (let i = 0; i < COUNT; i++) {
    const [here, next] = [a.far[i] > b.far[i], a.far[after(i)] > b.far[after(i)]];
    if (here && !next) overs.push(i);
    if (!here && next) backs.push(i);
  }
  return overs.length === 1 ? { over: overs[0], back: backs[0] } : null;
}

const contains = (outer: Rim, inner: Rim): boolean =>
  inner.far.every((far, i) => far <= outer.far[i]);

/** Without the rims that lie within a neighbour. */
function standing(rims: readonly Rim[]): Rim[] {
  const kept: Rim[] = [];
  for (const rim of rims) {
    while (kept.length > 0 && contains(rim, kept[kept.length - 1])) kept.pop();
    if (kept.length === 0 || !contains(kept[kept.length - 1], rim)) kept.push(rim);
  }
  return kept;
}

/** Along a rim from one direction to another: round the outside of a bend, straight across the inside. */
function arc(rim: Rim, from: number, to: number): Vec2[] {
  const steps = (to - from + COUNT) % COUNT;
  if (steps > COUNT / 2) return [pointOf(rim, from), pointOf(rim, to)];
  return Array.from({ length: steps + 1 }, (_, i) => pointOf(rim, (from + i) % COUNT));
}

const cap = (rim: Rim, from: number, to: number): Vec2[] =>
  Array.from({ length: ((to - from + COUNT) % COUNT) + 1 }, (_, i) =>
    pointOf(rim, (from + i) % COUNT),
  );

/**
 * The outline of a row of rims and of all that lies between neighbours, once round: up one side, over
 * the last rim, down the other, over the first. On the inside of a bend it may cross itself; filled by
 * the nonzero rule it covers the same as the hulls of neighbours laid over each other.
 *
 * @returns null where two neighbours cross more than once each way, as when one looks along a limb
 */
export function maybeOutline(rims: readonly Rim[]): Vec2[] | null {
  const row = standing(rims);
  if (row.length === 1) return cap(row[0], 0, COUNT - 1);
  const bridges = row.slice(1).map((rim, i) => maybeBridge(row[i], rim));
  if (!bridges.every((bridge) => bridge !== null)) return null;
  const last = bridges.length - 1;
  const up = bridges
    .slice(1)
    .flatMap((bridge, i) => arc(row[i + 1], after(bridges[i].over), bridge.over));
  const down = bridges
    .slice(1)
    .flatMap((bridge, i) => arc(row[i + 1], after(bridge.back), bridges[i].back).reverse())
    .reverse();
  return [
    ...cap(row[0], after(bridges[0].back), bridges[0].over),
    ...up,
    ...cap(row[last + 1], after(bridges[last].over), bridges[last].back),
    ...down,
  ];
}
