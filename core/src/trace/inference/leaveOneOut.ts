import { sumOut } from './elimination';
import { evidenceWith, givenTables, prepared, type Prepared } from './evidence';
import type { Finding, Network } from './network';
import { absorbed, twoTerms } from './terms';

const touchesOf = ({ arrows, factors }: Finding): number[] => [
  ...new Set([...arrows, ...factors].map(({ node }) => node)),
];

/** Where the tables of each coupled finding begin among all tables. */
function placesOf({ coupled, touched }: Prepared): ReadonlyMap<Finding, number> {
  const places = new Map<Finding, number>();
  let at = touched.length;
  for (const finding of coupled) {
    places.set(finding, at);
    at += 1 + finding.arrows.length;
  }
  return places;
}

/** Odds of single causes without one finding that is not coupled, or speaks against some as well. */
function oddsAnew(network: Network, ready: Prepared, left: Finding): Map<number, number> {
  const findings = network.findings.filter((one) => one !== left);
  const parts = absorbed({ ...network, findings });
  const same = parts.coupled.length === ready.coupled.length;
  const { total, with: sums } = evidenceWith(
    same ? { ...ready, ...parts } : prepared({ ...network, findings }),
  );
  return new Map(touchesOf(left).map((node) => [node, sums[node] / (total - sums[node])]));
}

/** By how much a finding that touches one cause alone changes the odds of that cause. */
function ownFactor(finding: Finding, node: number): number {
  const { a, b } = twoTerms(finding);
  const factor = finding.factors.reduce((product, one) => product * one.factor, 1);
  const arrow = finding.arrows.find((one) => one.node === node);
  return arrow ? (factor * (a + b * (1 - arrow.strength))) / (a + b) : factor;
}

/**
 * For each finding, the odds that every cause it touches would have without it. A finding of one cause
 * changes the odds of that cause by a factor; one that only couples causes is left out by keeping to
 * its first term, which the slopes of one sum hold for all of them at once; the others are summed anew.
 */
export function oddsWithoutEach(network: Network): ReadonlyMap<number, number>[] {
  const ready = prepared(network);
  const places = placesOf(ready);
  const { slopes } = sumOut(ready.schedule, givenTables(ready));
  const { total, with: sums } = evidenceWith(ready);
  return network.findings.map((finding) => {
    const touched = touchesOf(finding);
    const [only] = touched;
    if (touched.length === 1)
      return new Map([[only, sums[only] / (total - sums[only]) / ownFactor(finding, only)]]);
    const place = places.get(finding);
    if (place === undefined || finding.factors.length > 0) return oddsAnew(network, ready, finding);
    return new Map(
      finding.arrows.map(({ node }, i) => {
        const slope = slopes[place + 1 + i];
        // Entries: first term with the cause absent, and with it present.
        return [node, slope[2] / slope[0]];
      }),
    );
  });
}
