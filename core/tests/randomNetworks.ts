import fc from 'fast-check';
import type { Finding, Network } from '../src/inference/trace/inference/network';

const chance = (min: number, max: number) => fc.double({ min, max, noNaN: true });

/** Small random networks: up to seven causes, six findings, every kind of finding. */
export const networks: fc.Arbitrary<Network> = fc.integer({ min: 1, max: 7 }).chain((count) => {
  const arrow = fc.record({ node: fc.nat(count - 1), strength: chance(0.05, 0.97) });
  const factor = fc.record({ node: fc.nat(count - 1), factor: chance(0.1, 0.9) });
  const finding: fc.Arbitrary<Finding> = fc.record({
    id: fc.constant('x'),
    words: fc.constant('x'),
    ratio: fc.oneof(fc.constant(Infinity), fc.constant(0), chance(0.03, 30)),
    leak: chance(0.01, 0.1),
    arrows: fc.uniqueArray(arrow, { selector: (one) => one.node, maxLength: 4 }),
    factors: fc.uniqueArray(factor, { selector: (one) => one.node, maxLength: 1 }),
  });
  const nodes = fc.array(chance(0.02, 0.4), { minLength: count, maxLength: count });
  return fc.record({
    nodes: nodes.map((priors) =>
      priors.map((prior, i) => ({ key: `${i}`, cause: 'trunk-hold' as const, side: null, prior })),
    ),
    findings: fc.array(finding, { maxLength: 6 }),
  });
});
