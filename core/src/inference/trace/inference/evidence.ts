import { scheduleOf, sumOut, type Schedule } from './elimination';
import type { Arrow, Finding, Network } from './network';
import { absorbed, twoTerms, type Absorbed } from './terms';

/** How likely the findings are together, and with each cause present; both without the same factor. */
export interface Evidence {
  readonly total: number;
  /** In the order of `network.nodes`. */
  readonly with: readonly number[];
}

/** A network made ready for its sum: the order is found once, and holds for further clear findings. */
export interface Prepared extends Absorbed {
  readonly schedule: Schedule;
  /** Tables of the findings' two terms and of their arrows; those of the causes come before. */
  readonly tables: readonly Float64Array[];
  /** Causes that some coupled finding touches, in the order of their tables. */
  readonly touched: readonly number[];
}

/** Variables of the sum: causes by their index, then which of its two terms each finding takes. */
function scopesOf(nodes: number, coupled: readonly Finding[]) {
  const touched = [...new Set(coupled.flatMap(({ arrows }) => arrows.map(({ node }) => node)))];
  const scopes = [
    ...touched.map((node) => [node]),
    ...coupled.flatMap(({ arrows }, f) => [
      [nodes + f],
      ...arrows.map(({ node }) => [nodes + f, node]),
    ]),
  ];
  return { touched, scopes };
}

export function prepare(parts: Absorbed): Prepared {
  const { touched, scopes } = scopesOf(parts.on.length, parts.coupled);
  const tables = parts.coupled.flatMap((finding) => {
    const { a, b } = twoTerms(finding);
    return [
      Float64Array.of(a, b),
      // Only the second term is lowered by a cause that is present.
      ...finding.arrows.map(({ strength }) => Float64Array.of(1, 1, 1, 1 - strength)),
    ];
  });
  return { ...parts, schedule: scheduleOf(scopes), tables, touched };
}

/** The tables of a sum, those of the causes with the weights of the moment. */
const givenTables = (
  { on, off, tables, touched }: Prepared,
  present: readonly number[] = on,
): Float64Array[] => [
  ...touched.map((node) => Float64Array.of(off[node], present[node])),
  ...tables,
];

/** Evidence of a prepared network with some further findings looked for and clear, by their arrows. */
export function evidenceWith(
  ready: Prepared,
  absent: readonly (readonly Arrow[])[] = [],
): Evidence {
  const { on, off, constant, schedule, touched } = ready;
  const present = [...on];
  for (const arrows of absent)
    for (const { node, strength } of arrows) present[node] *= 1 - strength;
  const { total, slopes } = sumOut(schedule, givenTables(ready, present));
  const alone = new Set(touched);
  const rest = present.reduce(
    (product, weight, i) => (alone.has(i) ? product : product * (weight + off[i])),
    constant,
  );
  const sums = present.map((weight, i) => (rest * total * weight) / (weight + off[i]));
  touched.forEach((node, i) => (sums[node] = rest * slopes[i][1] * present[node]));
  return { total: rest * total, with: sums };
}

export const prepared = (network: Network): Prepared => prepare(absorbed(network));
