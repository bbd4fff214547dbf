import type { Finding, Network } from './network';

/**
 * A finding's likelihood given the causes is a + b·(1 − leak)·∏(1 − strength) over the causes that
 * are present: a noisy-OR seen (a = 1, b = −1), not seen (a = 0, b = 1) or measured with likelihood
 * ratio r (a = r, b = 1 − r). Scaled by 1/r above one, so that large ratios stay finite.
 */
export function twoTerms({ ratio, leak }: Finding): { a: number; b: number } {
  if (ratio === Infinity) return { a: 1, b: -(1 - leak) };
  const size = Math.max(1, ratio);
  return { a: ratio / size, b: ((1 - ratio) / size) * (1 - leak) };
}

/** Weights of every cause being present and absent, with all that does not couple causes absorbed. */
export interface Absorbed {
  readonly on: number[];
  readonly off: number[];
  /** Findings of more than one cause that are there, or measured. */
  readonly coupled: readonly Finding[];
  readonly constant: number;
}

/** Absorbs what speaks of single causes, and every finding looked for and clear: linear time. */
export function absorbed(network: Network): Absorbed {
  const on = network.nodes.map((node) => node.prior);
  const off = network.nodes.map((node) => 1 - node.prior);
  const coupled: Finding[] = [];
  let constant = 1;
  for (const finding of network.findings) {
    for (const { node, factor } of finding.factors) on[node] *= factor;
    if (finding.arrows.length === 0) continue;
    const { a, b } = twoTerms(finding);
    if (a === 0) {
      constant *= b;
      for (const arrow of finding.arrows) on[arrow.node] *= 1 - arrow.strength;
    } else if (finding.arrows.length === 1) {
      const { node, strength } = finding.arrows[0];
      on[node] *= a + b * (1 - strength);
      off[node] *= a + b;
    } else coupled.push(finding);
  }
  return { on, off, coupled, constant };
}
