import { oneCause, type CauseId, type CauseKind } from '../knowledge/causes';
import { decibans, oddsOf } from '../numeric/odds';
import type { MaybeSide } from '../sides/side';
import { fillSide } from '../words/fill';
import { buildNodes } from './buildNodes';
import type { CaseFile } from './caseFile';
import { connect, type Observation } from './connect';
import type { Finding, Network } from './network';
import { observeChecks } from './observe/observeChecks';
import { observeDepth } from './observe/observeDepth';
import { observeFaults } from './observe/observeFaults';
import { observePain } from './observe/observePain';
import { observeProbes } from './observe/observeProbes';
import { observeProportions } from './observe/observeProportions';
import { posteriors } from './posteriors';

export interface Reason {
  /** Id of the finding, such as `range:hip-bend@left`. */
  readonly finding: string;
  readonly words: string;
  /** Weight of evidence, leave-one-out; positive speaks for the cause. */
  readonly decibans: number;
}

export interface TracedCause {
  readonly key: string;
  readonly cause: CauseId;
  readonly side: MaybeSide;
  readonly kind: CauseKind;
  /** Posterior probability; 1 for what is given. */
  readonly p: number;
  readonly sentence: string;
  readonly consistentWith: string;
  /** Faults (`hips-slide@left`) this cause helps to explain, strongest first. */
  readonly explains: readonly { readonly fault: string; readonly weight: number }[];
  readonly because: readonly Reason[];
}

export interface Trace {
  readonly causes: readonly TracedCause[];
  /** Faults that no likely cause explains. */
  readonly unexplained: readonly string[];
}

/** Below this a reason is noise and is not told. Low, since reasons that agree share their weight. */
const TELLING_DECIBANS = 0.1;
/** A cause less likely than this explains nothing. */
export const LIKELY_ENOUGH = 0.3;

const observationsOf = (file: CaseFile): Observation[] => [
  ...observeFaults(file.look),
  ...observePain(file.look),
  ...observeProbes(file),
  ...observeChecks(file),
  ...observeProportions(file),
  ...observeDepth(file),
];

/** The network of one case: nodes with history, findings tied to them. */
export function networkOf(file: CaseFile): Network {
  const nodes = buildNodes(file.client);
  const findings = observationsOf(file).map((one) => connect(one, nodes));
  return { nodes, findings: findings.filter((one) => one.arrows.length + one.factors.length > 0) };
}

const touches = (finding: Finding, node: number): boolean =>
  finding.arrows.some((arrow) => arrow.node === node) ||
  finding.factors.some((factor) => factor.node === node);

/** Weight of every finding for every cause: the odds with it over the odds without it. */
function weigh(network: Network, p: readonly number[]): Reason[][] {
  const reasons: Reason[][] = network.nodes.map(() => []);
  network.findings.forEach((finding, left) => {
    const without = posteriors({
      ...network,
      findings: network.findings.filter((_, i) => i !== left),
    });
    network.nodes.forEach((node, i) => {
      if (node.prior === 1) return;
      const weight = decibans(oddsOf(p[i]) / oddsOf(without[i]));
      if (touches(finding, i) && Math.abs(weight) >= TELLING_DECIBANS)
        reasons[i].push({ finding: finding.id, words: finding.words, decibans: weight });
    });
  });
  for (const list of reasons) list.sort((a, b) => Math.abs(b.decibans) - Math.abs(a.decibans));
  return reasons;
}

/** Faults a node can bring about, with the strength of the arrow times how likely the node is. */
function explains(network: Network, node: number, p: number): TracedCause['explains'] {
  return network.findings
    .filter((finding) => finding.ratio === Infinity && finding.id.startsWith('fault:'))
    .flatMap((finding) => {
      const arrow = finding.arrows.find((one) => one.node === node);
      return arrow
        ? [{ fault: finding.id.slice('fault:'.length), weight: arrow.strength * p }]
        : [];
    })
    .sort((a, b) => b.weight - a.weight);
}

const byProbability = (a: TracedCause, b: TracedCause): number =>
  b.p - a.p || a.key.localeCompare(b.key);

/**
 * Which causes are likely behind what was found, how sure, and why.
 *
 * @returns every cause that is possible for this client, most probable first
 * @throws RangeError when the findings are impossible together
 */
export function trace(file: CaseFile): Trace {
  const network = networkOf(file);
  const p = posteriors(network);
  const reasons = weigh(network, p);
  const causes = network.nodes.map(({ key, cause, side }, i): TracedCause => {
    const row = oneCause(cause);
    return {
      key,
      cause,
      side,
      kind: row.kind,
      p: p[i],
      sentence: fillSide(row.sentence, side),
      consistentWith: row.consistentWith.replace('{side}', side ?? ''),
      explains: explains(network, i, p[i]),
      because: reasons[i],
    };
  });
  causes.sort(byProbability);
  return { causes, unexplained: unexplained(network, causes) };
}

function unexplained(network: Network, causes: readonly TracedCause[]): string[] {
  const likely = causes.filter((cause) => cause.p >= LIKELY_ENOUGH);
  const told = new Set(likely.flatMap((cause) => cause.explains.map((one) => one.fault)));
  return network.findings
    .filter((finding) => finding.ratio === Infinity && finding.id.startsWith('fault:'))
    .map((finding) => finding.id.slice('fault:'.length))
    .filter((fault) => !told.has(fault));
}
