import { seeded } from '../../../foundation/numeric/random';
import type { Network } from './network';
import { oddsBySubset } from './subsets';

/** With more findings than this, orders are drawn instead of all tried. */
const EXACT = 8;
/** So many drawn orders, each also taken backward. */
const PAIRS = 12;
const SEED = 20261129;

export interface Shares {
  /** Decibans of every cause before any finding, in the order of `network.nodes`. */
  readonly prior: readonly number[];
  /** By finding, then by cause: what each finding adds. With the prior they sum to the posterior's decibans. */
  readonly byFinding: readonly (readonly number[])[];
}

const zeros = (findings: number, nodes: number): number[][] =>
  Array.from({ length: findings }, () => new Array<number>(nodes).fill(0));

function addStep(into: number[], before: readonly number[], after: readonly number[], by: number) {
  for (let node = 0; node < into.length; node++) into[node] += by * (after[node] - before[node]);
}

/** Weight of a set of `size` others in the exact value: size!·(n − size − 1)!/n!. */
function weights(n: number): number[] {
  const weight = [1 / n];
  for (let size = 1; size < n; size++) weight.push((weight[size - 1] * size) / (n - size));
  return weight;
}

const sizeOf = (set: number): number => {
  let count = 0;
  for (let rest = set; rest > 0; rest &= rest - 1) count++;
  return count;
};

function exact({ nodes, findings }: Network, oddsOf: ReturnType<typeof oddsBySubset>): number[][] {
  const n = findings.length;
  const value = Array.from({ length: 1 << n }, (_, set) => oddsOf((at) => (set & (1 << at)) !== 0));
  const weight = weights(n);
  const shares = zeros(n, nodes.length);
  for (let set = 0; set < value.length; set++)
    for (let at = 0; at < n; at++)
      if (!(set & (1 << at)))
        addStep(shares[at], value[set], value[set | (1 << at)], weight[sizeOf(set)]);
  return shares;
}

/** Fisher & Yates 1938. */
function shuffled(n: number, random: () => number): number[] {
  const order = Array.from({ length: n }, (_, i) => i);
  for (let i = n - 1; i > 0; i--) {
    const j = Math.floor(random() * (i + 1));
    [order[i], order[j]] = [order[j], order[i]];
  }
  return order;
}

function drawn({ nodes, findings }: Network, oddsOf: ReturnType<typeof oddsBySubset>): number[][] {
  const n = findings.length;
  const random = seeded(SEED);
  const shares = zeros(n, nodes.length);
  const none = oddsOf(() => false);
  const walk = (order: readonly number[]) => {
    const there = new Set<number>();
    let before = none;
    for (const at of order) {
      there.add(at);
      const after = oddsOf((one) => there.has(one));
      addStep(shares[at], before, after, 1 / (2 * PAIRS));
      before = after;
    }
  };
  for (let pair = 0; pair < PAIRS; pair++) {
    const order = shuffled(n, random);
    walk(order);
    walk([...order].reverse());
  }
  return shares;
}

/**
 * How much of the way from prior to posterior every finding made, for every cause: its mean contribution
 * over the orders in which the findings could have come (L. S. Shapley, "A value for n-person games",
 * 1953), in decibans. Findings that agree share what they say, so that none is robbed by the others. Exact
 * for few; for many over drawn orders, the same for the same network. Either way the sum is exact.
 */
export function shapley(network: Network): Shares {
  const oddsOf = oddsBySubset(network);
  const way = network.findings.length <= EXACT ? exact : drawn;
  return { prior: oddsOf(() => false), byFinding: way(network, oddsOf) };
}
