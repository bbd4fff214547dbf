import fc from 'fast-check';
import { oddsWithoutEach } from '../src/trace/inference/leaveOneOut';
import { posteriors } from '../src/trace/inference/posteriors';
import { networks } from './randomNetworks';

it('leaving a finding out is the trace of the network without it', () => {
  let compared = 0;
  fc.assert(
    fc.property(networks, (network) => {
      oddsWithoutEach(network).forEach((without, left) => {
        const p = posteriors({
          ...network,
          findings: network.findings.filter((_, i) => i !== left),
        });
        for (const [node, odds] of without) {
          compared++;
          expect(odds / (1 + odds)).toBeCloseTo(p[node], 8);
        }
      });
    }),
    { seed: 20261125, numRuns: 400 },
  );
  expect(compared).toBeGreaterThan(1000);
});
