import { evidenceWith, prepared } from './evidence';
import type { Network } from './network';

/**
 * Exact posterior of every cause in a two-layer noisy-OR network with soft findings. The sum is that of
 * quickscore (D. Heckerman, "A tractable inference algorithm for diagnosing multiple diseases", UAI
 * 1989): every finding that is there is two terms, findings looked for and clear cost linear time. It is
 * summed in an order that keeps what is far apart apart, so that the work grows with how tightly
 * findings are tied to each other and not with how many there are.
 *
 * @returns one probability per node, in the order of `network.nodes`
 * @throws RangeError when the findings are impossible together
 */
export function posteriors(network: Network): number[] {
  const { total, with: sums } = evidenceWith(prepared(network));
  if (!(total > 0)) throw new RangeError('these findings cannot be true together');
  return sums.map((sum) => Math.min(1, Math.max(0, sum / total)));
}
