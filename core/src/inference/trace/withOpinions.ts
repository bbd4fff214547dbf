import type { Opinion } from '../../records/case/caseFile';
import { type CauseNode, type Network } from './inference/network';
import { causeKey } from '../../knowledge/keys';

export const opinionOn = (
  opinions: readonly Opinion[],
  { key }: Pick<CauseNode, 'key'>,
): Opinion | null =>
  opinions.find(({ cause, side }) => causeKey(cause, side ?? null) === key) ?? null;

/**
 * The network as the coach sees it: a pinned cause is there, a dismissed one is not, and the others
 * are what they are then. What is given is beyond opinion.
 */
export const withOpinions = (network: Network, opinions: readonly Opinion[]): Network => ({
  ...network,
  nodes: network.nodes.map((node) => {
    const opinion = node.prior < 1 ? opinionOn(opinions, node) : null;
    return opinion ? { ...node, prior: opinion.says === 'pinned' ? 1 : 0 } : node;
  }),
});
