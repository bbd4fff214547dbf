import fc from 'fast-check';
import { reasonsOf, trace, USUAL_SETUP, type CaseFile } from '../src';
import { decibans, oddsOf } from '../src/foundation/numeric/odds';
import { posteriors } from '../src/inference/trace/inference/posteriors';
import { shapley } from '../src/inference/trace/inference/shapley';
import type { Finding, Network } from '../src/inference/trace/inference/network';
import { howMany } from './howMany';
import { networks } from './randomNetworks';

const statedBy = (network: Network): number[] =>
  posteriors(network).map((p) => decibans(oddsOf(p)));

it('prior and findings add up to what is stated, tried exactly or drawn', () => {
  let [few, many] = [0, 0];
  fc.assert(
    fc.property(networks, fc.boolean(), (one, twice) => {
      const network = twice ? { ...one, findings: [...one.findings, ...one.findings] } : one;
      const { prior, byFinding } = shapley(network);
      if (network.findings.length <= 8) few++;
      else many++;
      statedBy(network).forEach((stated, node) => {
        if (!Number.isFinite(stated) || Math.abs(stated) > 90) return;
        const sum = byFinding.reduce((total, shares) => total + shares[node], prior[node]);
        expect(sum).toBeCloseTo(stated, 5);
      });
    }),
    { seed: 20261129, numRuns: howMany(400, 60) },
  );
  expect(Math.min(few, many)).toBeGreaterThan(0);
});

const nodes: Network['nodes'] = [0.1, 0.2, 0.3].map((prior, i) => ({
  key: `c${i}`,
  cause: 'breath',
  side: null,
  prior,
}));
const seen = (arrows: [number, number][], ratio = Infinity): Finding => ({
  ...{ id: 'f', words: '', leak: 0.05, factors: [], ratio },
  arrows: arrows.map(([node, strength]) => ({ node, strength })),
});

/** By every order there is: the definition itself. */
function byAllOrders(network: Network): number[][] {
  const n = network.findings.length;
  const orders = (left: number[]): number[][] =>
    left.length === 0
      ? [[]]
      : left.flatMap((one) => orders(left.filter((x) => x !== one)).map((rest) => [one, ...rest]));
  const all = orders(Array.from({ length: n }, (_, i) => i));
  const shares = Array.from({ length: n }, () => nodes.map(() => 0));
  for (const order of all)
    order.forEach((at, i) => {
      const with_ = (list: number[]) =>
        statedBy({ ...network, findings: list.map((one) => network.findings[one]) });
      const [before, after] = [with_(order.slice(0, i)), with_(order.slice(0, i + 1))];
      nodes.forEach((_, node) => (shares[at][node] += (after[node] - before[node]) / all.length));
    });
  return shares;
}

it('is the mean over every order in which the findings could have come', () => {
  const network: Network = {
    nodes,
    findings: [
      seen([
        [0, 0.75],
        [1, 0.45],
      ]),
      seen(
        [
          [0, 0.75],
          [2, 0.2],
        ],
        12,
      ),
      seen([[1, 0.75]], 0),
      {
        ...seen([
          [1, 0.45],
          [2, 0.75],
        ]),
        factors: [{ node: 0, factor: 0.3 }],
      },
    ],
  };
  const { byFinding } = shapley(network);
  byAllOrders(network).forEach((shares, at) =>
    shares.forEach((share, node) => expect(byFinding[at][node]).toBeCloseTo(share, 8)),
  );
});

it('findings that say the same share what they say alike', () => {
  const same = seen([
    [0, 0.75],
    [1, 0.45],
  ]);
  const { byFinding } = shapley({ nodes, findings: [same, { ...same }, { ...same }] });
  expect(byFinding[0][0]).toBeCloseTo(byFinding[1][0], 10);
  expect(byFinding[0][0]).toBeCloseTo(byFinding[2][0], 10);
  expect(byFinding[0][0]).toBeGreaterThan(1);
});

describe('reasons of a case', () => {
  const file: CaseFile = {
    client: {
      heightM: 1.75,
      massKg: 75,
      flags: [],
      refer: [],
      history: [{ what: 'sprain', region: 'ankle', side: 'right' }],
      given: [],
    },
    look: {
      pattern: 'squat',
      setup: USUAL_SETUP,
      faults: [
        { fault: 'hips-slide', side: 'left', phase: 'bottom', grade: 'plain', value: 34 },
        { fault: 'shin-stays-upright', side: 'right', phase: 'bottom', grade: 'plain' },
      ],
      clear: ['knee-in'],
      pain: [],
    },
    probes: [{ probe: 'heels-up', outcome: 'better', fault: 'hips-slide' }],
    checks: [
      { check: 'ankle-bend-knee-bent', side: 'right', passive: 27, felt: 'front' },
      { check: 'ankle-bend-knee-bent', side: 'left', passive: 40 },
    ],
  };
  const { causes } = trace(file);
  const why = reasonsOf(file);

  it.each(causes.map(({ key }) => key))('%s: from the prior to what is stated', (key) => {
    const { prior, reasons } = why.get(key)!;
    const sum = reasons.reduce((total, one) => total + one.decibans, prior);
    const { byFindings } = causes.find((one) => one.key === key)!;
    expect(sum).toBeCloseTo(decibans(oddsOf(byFindings)), 6);
  });

  it('27° is a reason, though three others agree with it', () => {
    const range = why
      .get('ankle-joint:right')!
      .reasons.find(({ finding }) => finding === 'range:ankle-bend-knee-bent@right')!;
    expect(range.decibans).toBeGreaterThan(2);
  });

  it('are the same every time', () => expect(reasonsOf(file)).toEqual(why));

  it('history is in the prior, not among the reasons', () =>
    expect(why.get('ankle-joint:right')!.prior).toBeGreaterThan(
      why.get('ankle-joint:left')!.prior,
    ));
});
