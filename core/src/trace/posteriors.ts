import type { Finding, Network } from './network';

/**
 * A finding's likelihood given the causes is a + b·(1 − leak)·∏(1 − strength) over the causes that
 * are present: a noisy-OR seen (a = 1, b = −1), not seen (a = 0, b = 1) or measured with likelihood
 * ratio r (a = r, b = 1 − r). Scaled by 1/r above one, so that large ratios stay finite.
 */
function twoTerms({ ratio, leak }: Finding): { a: number; b: number } {
  if (ratio === Infinity) return { a: 1, b: -(1 - leak) };
  const size = Math.max(1, ratio);
  return { a: ratio / size, b: ((1 - ratio) / size) * (1 - leak) };
}

/** Per-node odds weights after everything that does not couple causes has been absorbed. */
function absorbed(network: Network): { on: number[]; off: number[]; coupled: Finding[] } {
  const on = network.nodes.map((node) => node.prior);
  const off = network.nodes.map((node) => 1 - node.prior);
  const coupled: Finding[] = [];
  for (const finding of network.findings) {
    for (const { node, factor } of finding.factors) on[node] *= factor;
    if (finding.arrows.length === 0) continue;
    const { a, b } = twoTerms(finding);
    if (a === 0) for (const arrow of finding.arrows) on[arrow.node] *= 1 - arrow.strength;
    else if (finding.arrows.length === 1) {
      const { node, strength } = finding.arrows[0];
      on[node] *= a + b * (1 - strength);
      off[node] *= a + b;
    } else coupled.push(finding);
  }
  return { on, off, coupled };
}

/**
 * Exact posterior of every cause in a two-layer noisy-OR network, by the quickscore algorithm
 * (D. Heckerman, "A tractable inference algorithm for diagnosing multiple diseases", UAI 1989),
 * with soft findings added. Time is exponential only in the findings that are seen or measured and
 * have more than one possible cause; findings looked for and clear cost linear time.
 *
 * @returns one probability per node, in the order of `network.nodes`
 * @throws RangeError when the findings are impossible together
 */
export function posteriors(network: Network): number[] {
  const { on, off, coupled } = absorbed(network);
  const sums = new Array<number>(on.length).fill(0);
  let total = 0;
  const weights = [...on];

  const addLeaf = (factor: number): void => {
    const product = weights.reduce((sofar, weight, i) => sofar * (weight + off[i]), factor);
    total += product;
    for (let i = 0; i < weights.length; i++) {
      if (weights[i] > 0) sums[i] += (product * weights[i]) / (weights[i] + off[i]);
    }
  };

  const walk = (depth: number, factor: number): void => {
    if (depth === coupled.length) return addLeaf(factor);
    const { a, b } = twoTerms(coupled[depth]);
    walk(depth + 1, factor * a);
    const { arrows } = coupled[depth];
    const before = arrows.map(({ node }) => weights[node]);
    for (const { node, strength } of arrows) weights[node] *= 1 - strength;
    walk(depth + 1, factor * b);
    arrows.forEach(({ node }, i) => (weights[node] = before[i]));
  };

  walk(0, 1);
  if (!(total > 0)) throw new RangeError('these findings cannot be true together');
  return sums.map((sum) => sum / total);
}
