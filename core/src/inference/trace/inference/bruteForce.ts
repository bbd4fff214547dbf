import type { Finding, Network } from './network';

function likelihood(finding: Finding, present: readonly boolean[]): number {
  let missed = 1 - finding.leak;
  for (const { node, strength } of finding.arrows) if (present[node]) missed *= 1 - strength;
  let value = 1;
  if (finding.arrows.length > 0) {
    const seen = 1 - missed;
    if (finding.ratio === Infinity) value = seen;
    else value = finding.ratio * seen + missed;
  }
  for (const { node, factor } of finding.factors) if (present[node]) value *= factor;
  return value;
}

/**
 * The same posterior as `posteriors`, by adding up every combination of causes. Only for small
 * networks: it is the independent answer that the fast one is held against.
 */
export function bruteForcePosteriors({ nodes, findings }: Network): number[] {
  const sums = nodes.map(() => 0);
  let total = 0;
  for (let bits = 0; bits < 2 ** nodes.length; bits++) {
    const present = nodes.map((_, i) => Math.floor(bits / 2 ** i) % 2 === 1);
    const prior = nodes.reduce((p, node, i) => p * (present[i] ? node.prior : 1 - node.prior), 1);
    const joint = findings.reduce((p, finding) => p * likelihood(finding, present), prior);
    total += joint;
    present.forEach((is, i) => (sums[i] += is ? joint : 0));
  }
  return sums.map((sum) => sum / total);
}
