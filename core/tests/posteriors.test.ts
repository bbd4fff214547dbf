import fc from 'fast-check';
import { CHECKS, FAULTS, PROBES, seeded, type CheckId, type CheckRow } from '../src';
import { prepared } from '../src/inference/trace/inference/evidence';
import { networkOf } from '../src/inference/trace/networkOf';
import { bruteForcePosteriors } from '../src/inference/trace/inference/bruteForce';
import type { Finding, Network } from '../src/inference/trace/inference/network';
import { posteriors } from '../src/inference/trace/inference/posteriors';
import { fileOf } from './fileMadeUp';
import { networks } from './randomNetworks';

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

describe('everything that can be found, found at once', () => {
  const sides = (sided: boolean) => (sided ? (['left', 'right'] as const) : ([null] as const));
  const everything = fileOf({
    look: {
      faults: FAULTS.flatMap(({ id, sided }) =>
        sides(sided !== 'none').map((side) => ({
          fault: id,
          side,
          phase: 'bottom' as const,
          grade: 'plain' as const,
        })),
      ),
    },
    probes: PROBES.map(({ id }) => ({ probe: id, outcome: 'better', fault: 'depth-short' })),
    checks: (CHECKS as readonly CheckRow[]).flatMap((row) =>
      sides(row.sided).map((side) => ({
        check: row.id as CheckId,
        side,
        felt: row.felt[0],
        ...(row.type === 'range'
          ? { passive: row.norm.restricted[0] }
          : { result: row.results[row.results.length - 1] }),
      })),
    ),
  });

  it('is still summed exactly, in products of a few thousand entries', () => {
    const network = networkOf(everything);
    const { coupled, schedule } = prepared(network);
    expect(coupled.length).toBeGreaterThan(60);
    expect(schedule.width).toBeLessThanOrEqual(18);
    const p = posteriors(network);
    expect(p.every((one) => one >= 0 && one <= 1)).toBe(true);
  });
});

it.each([1, 2, 3])(
  'equals enumeration with thirty findings on fifteen causes (seed %p)',
  (seed) => {
    const random = seeded(seed);
    const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)];
    const nodes = Array.from({ length: 15 }, (_, i) => ({
      key: `${i}`,
      cause: 'trunk-hold' as const,
      side: null,
      prior: 0.12,
    }));
    const findings = Array.from({ length: 30 }, (_, f): Finding => ({
      id: `${f}`,
      words: '',
      ratio: pick([Infinity, Infinity, 30, 0.1, 0]),
      leak: 0.05,
      factors: [],
      arrows: nodes
        .map((_one, node) => ({ node, strength: pick([0.75, 0.45, 0.2]) }))
        .filter(() => random() < 0.25),
    }));
    const fast = posteriors({ nodes, findings });
    bruteForcePosteriors({ nodes, findings }).forEach((p, i) =>
      expect(Math.abs(fast[i] - p)).toBeLessThan(1e-9),
    );
  },
);
