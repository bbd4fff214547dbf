import fc from 'fast-check';
import { bruteForcePosteriors } from '../src/trace/bruteForce';
import type { Finding, Network } from '../src/trace/network';
import { posteriors } from '../src/trace/posteriors';

const chance = (min: number, max: number) => fc.double({ min, max, noNaN: true });

/** Small random networks: up to seven causes, six findings, every kind of finding. */
const networks: fc.Arbitrary<Network> = fc.integer({ min: 1, max: 7 }).chain((count) => {
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

it('equals brute-force enumeration on random small networks', () => {
  let tried = 0;
  fc.assert(
    fc.property(networks, (network) => {
      tried++;
      const fast = posteriors(network);
      bruteForcePosteriors(network).forEach((p, i) =>
        expect(Math.abs(fast[i] - p)).toBeLessThan(1e-9),
      );
    }),
    { seed: 20261123, numRuns: 600 },
  );
  expect(tried).toBeGreaterThanOrEqual(600);
});

const one = (finding: Partial<Finding>): Network => ({
  nodes: [{ key: 'a', cause: 'trunk-hold', side: null, prior: 0.2 }],
  findings: [
    {
      id: 'f',
      words: 'f',
      ratio: Infinity,
      leak: 0.05,
      arrows: [{ node: 0, strength: 0.75 }],
      factors: [],
      ...finding,
    },
  ],
});

it.each([
  ['seen', one({}), (0.2 * 0.7625) / (0.2 * 0.7625 + 0.8 * 0.05)],
  ['looked for and clear', one({ ratio: 0 }), (0.2 * 0.25) / (0.2 * 0.25 + 0.8)],
  ['measured and saying nothing', one({ ratio: 1 }), 0.2],
  ['speaking against', one({ arrows: [], factors: [{ node: 0, factor: 0.25 }] }), 0.05 / 0.85],
])('one cause, one finding %s, by hand', (_name, network, expected) => {
  expect(posteriors(network)[0]).toBeCloseTo(expected, 12);
});

it('two causes of one finding explain each other away', () => {
  const nodes = [0.2, 0.2].map((prior, i) => ({
    key: `${i}`,
    cause: 'trunk-hold' as const,
    side: null,
    prior,
  }));
  const shared: Finding = {
    id: 'f',
    words: 'f',
    ratio: Infinity,
    leak: 0.05,
    arrows: [
      { node: 0, strength: 0.75 },
      { node: 1, strength: 0.75 },
    ],
    factors: [],
  };
  const own: Finding = { ...shared, arrows: [{ node: 0, strength: 0.75 }] };
  const [, alone] = posteriors({ nodes, findings: [shared] });
  const [, explained] = posteriors({ nodes, findings: [shared, own] });
  expect(explained).toBeLessThan(alone);
});

it('answers at once with fourteen positive findings on forty causes', () => {
  const nodes = Array.from({ length: 40 }, (_, i) => ({
    key: `${i}`,
    cause: 'trunk-hold' as const,
    side: null,
    prior: 0.1,
  }));
  const findings = Array.from({ length: 14 }, (_, f): Finding => ({
    id: `${f}`,
    words: '',
    ratio: Infinity,
    leak: 0.05,
    factors: [],
    arrows: [0, 7, 13, 22].map((step) => ({ node: (f * 3 + step) % 40, strength: 0.45 })),
  }));
  posteriors({ nodes, findings });
  const times = [1, 2, 3, 4, 5].map(() => {
    const start = performance.now();
    const p = posteriors({ nodes, findings });
    expect(p.every((x) => x >= 0 && x <= 1)).toBe(true);
    return performance.now() - start;
  });
  // Guards against a blow-up, not against a busy machine.
  expect(Math.min(...times)).toBeLessThan(1000);
});
