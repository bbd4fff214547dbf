import { within } from '../src/foundation/numeric/random';

/** How good a place is: what it fails to keep comes first, its value only among those that keep all. */
interface Judged {
  readonly off: number;
  readonly value: number;
}

export interface Search {
  readonly least: readonly number[];
  readonly most: readonly number[];
  readonly judge: (x: readonly number[]) => Judged;
}

const POPULATION = 80;
const GENERATIONS = 500;
const CROSSED = 0.9;

interface One extends Judged {
  readonly x: readonly number[];
}

/** Keeping everything first (K. Deb 2000). */
const isBetter = (a: Judged, b: Judged): boolean =>
  a.off !== b.off ? a.off < b.off : a.value <= b.value;

/** The places that differential evolution ends with, best first: rand/1/bin, its weight drawn anew each generation. */
export function differentialEvolution(
  { least, most, judge }: Search,
  random: () => number,
): readonly (readonly number[])[] {
  const size = least.length;
  const judged = (x: readonly number[]): One => ({ x, ...judge(x) });
  const drawn = () => least.map((low, i) => within(random, low, most[i]));
  const pick = () => Math.floor(random() * POPULATION);
  const people = Array.from({ length: POPULATION }, () => judged(drawn()));
  for (let generation = 0; generation < GENERATIONS; generation++) {
    const weight = within(random, 0.4, 0.9);
    for (let i = 0; i < POPULATION; i++) {
      const [a, b, c] = [people[pick()], people[pick()], people[pick()]];
      const sure = Math.floor(random() * size);
      const x = people[i].x.map((value, k) =>
        k === sure || random() < CROSSED
          ? Math.min(most[k], Math.max(least[k], a.x[k] + weight * (b.x[k] - c.x[k])))
          : value,
      );
      const child = judged(x);
      if (isBetter(child, people[i])) people[i] = child;
    }
  }
  return people.sort((a, b) => (isBetter(a, b) ? -1 : 1)).map(({ x }) => x);
}
