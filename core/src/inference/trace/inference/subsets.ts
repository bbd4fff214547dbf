import { decibans } from '../../../foundation/numeric/odds';
import { evidenceWith, prepare, type Prepared } from './evidence';
import type { Finding, Network } from './network';
import { absorbed } from './terms';

/** As if a coupled finding had not been made: of its two terms the first alone, which is one. */
const NEUTRAL = Float64Array.of(1, 0);

/** Where the two terms of each coupled finding stand among the tables. */
function placesOf(coupled: readonly Finding[]): readonly number[] {
  let at = 0;
  return coupled.map((finding) => {
    const place = at;
    at += 1 + finding.arrows.length;
    return place;
  });
}

/**
 * Odds of every cause by any of the findings alone, in decibans: the order of the sum is found once and
 * holds for all of them.
 *
 * @returns a function of which findings count, that gives the decibans in the order of `network.nodes`
 */
export function oddsBySubset(network: Network): (counts: (at: number) => boolean) => number[] {
  const whole: Prepared = prepare(absorbed(network));
  const places = placesOf(whole.coupled);
  const indices = new Map(network.findings.map((finding, at) => [finding, at]));
  const coupledAt = whole.coupled.map((finding) => indices.get(finding)!);
  return (counts) => {
    const findings = network.findings.filter((_, at) => counts(at));
    const { on, off, constant } = absorbed({ nodes: network.nodes, findings });
    const tables = [...whole.tables];
    coupledAt.forEach((at, i) => {
      if (!counts(at)) tables[places[i]] = NEUTRAL;
    });
    const { total, with: sums } = evidenceWith({ ...whole, on, off, constant, tables });
    return sums.map((sum) => decibans(sum / (total - sum)));
  };
}
