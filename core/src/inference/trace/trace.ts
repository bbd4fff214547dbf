import { oneCause, type CauseId, type CauseKind } from '../../knowledge/causes';
import type { MaybeSide } from '../../foundation/sides/side';
import { fillSide } from '../../foundation/words/fill';
import type { CaseFile, Opinion } from '../../records/case/caseFile';
import type { Network } from './inference/network';
import { posteriors } from './inference/posteriors';
import { LIKELY_ENOUGH } from './likelyEnough';
import { networkOf } from './networkOf';
import type { Ignored } from './reconcile/kept';
import { reconcile } from './reconcile/reconcile';
import { opinionOn, withOpinions } from './withOpinions';

export interface TracedCause {
  readonly key: string;
  readonly cause: CauseId;
  readonly side: MaybeSide;
  readonly kind: CauseKind;
  /** Posterior probability under the coach's opinions; 1 for what is given or pinned. */
  readonly p: number;
  /** Posterior probability by the findings alone. */
  readonly byFindings: number;
  /** What the coach holds of this very cause; null where nothing was said. */
  readonly coach: Opinion | null;
  readonly sentence: string;
  readonly consistentWith: string;
  /** Faults (`hips-slide@left`) this cause helps to explain, strongest first. */
  readonly explains: readonly { readonly fault: string; readonly weight: number }[];
}

export interface Trace {
  readonly causes: readonly TracedCause[];
  /** Faults that no likely cause explains. */
  readonly unexplained: readonly string[];
  /** Findings that contradict each other, and were not used. */
  readonly ignored: readonly Ignored[];
}

/** Faults a node can bring about, with the strength of the arrow times how likely the node is. */
function explains(network: Network, node: number, p: number): TracedCause['explains'] {
  return network.findings
    .filter((finding) => finding.ratio > 1 && finding.id.startsWith('fault:'))
    .flatMap((finding) => {
      const arrow = finding.arrows.find((one) => one.node === node);
      return arrow
        ? [{ fault: finding.id.slice('fault:'.length), weight: arrow.strength * p }]
        : [];
    })
    .sort((a, b) => b.weight - a.weight);
}

const byProbability = (a: TracedCause, b: TracedCause): number =>
  b.p - a.p || b.byFindings - a.byFindings || a.key.localeCompare(b.key);

/**
 * Which causes are likely behind what was found, and how sure; why is what `reasonsOf` tells. Where the coach pinned or
 * dismissed a cause, its probability and its rivals' follow that word, and what the findings alone say stands beside it.
 *
 * @returns every cause that is possible for this client, most probable first
 * @throws RangeError when the findings are impossible together
 */
export function trace(input: CaseFile): Trace {
  const { file, ignored } = reconcile(input);
  const opinions = file.coach ?? [];
  const network = networkOf(file);
  const alone = posteriors(network);
  const p = opinions.length > 0 ? posteriors(withOpinions(network, opinions)) : alone;
  const causes = network.nodes.map((node, i): TracedCause => {
    const { key, cause, side, prior } = node;
    const row = oneCause(cause);
    return {
      key,
      cause,
      side,
      kind: row.kind,
      p: p[i],
      byFindings: alone[i],
      coach: prior < 1 ? opinionOn(opinions, node) : null,
      sentence: fillSide(row.sentence, side),
      consistentWith: row.consistentWith.replace('{side}', side ?? ''),
      explains: explains(network, i, p[i]),
    };
  });
  causes.sort(byProbability);
  return { causes, unexplained: unexplained(network, causes), ignored };
}

function unexplained(network: Network, causes: readonly TracedCause[]): string[] {
  const likely = causes.filter((cause) => cause.p >= LIKELY_ENOUGH);
  const told = new Set(likely.flatMap((cause) => cause.explains.map((one) => one.fault)));
  return network.findings
    .filter((finding) => finding.ratio > 1 && finding.id.startsWith('fault:'))
    .map((finding) => finding.id.slice('fault:'.length))
    .filter((fault) => !told.has(fault));
}
