import { DEFAULT_APPROACH, type ApproachId } from '../../knowledge/approaches';
import { oneCause } from '../../knowledge/causes';
import type { CheckId } from '../../knowledge/checks';
import type { ProbeId } from '../../knowledge/probes';
import type { MaybeSide } from '../../foundation/sides/side';
import type { SessionLimits } from '../session/sessionLimits';
import { standingIn } from '../../inference/safety/standingIn';
import type { CaseFile } from '../../records/case/caseFile';
import { PlanNow } from './PlanNow';
import type { CauseNode } from '../../inference/trace/inference/network';
import { posteriors } from '../../inference/trace/inference/posteriors';
import { networkOf } from '../../inference/trace/networkOf';
import { reconcile } from '../../inference/trace/reconcile/reconcile';
import { withOpinions } from '../../inference/trace/withOpinions';
import { candidatesOf } from './candidates';
import type { Outcome } from './expectedGain';
import { sparing } from './sparing';
import { inQuestion, nameOf, weigh, type Weighed } from './weigh';

/** One thing worth asking, with what it is expected to be worth. */
export type NextCheck = {
  readonly side: MaybeSide;
  /** Expected loss of entropy over the causes in question, per minute it takes. */
  readonly bitsPerMinute: number;
  /** The same, as the approach orders it. */
  readonly weight: number;
  /** "separates a short soleus on the left from a joint limit at the left ankle". */
  readonly why: string;
  /** It may spare what hurts: tried before anything else. */
  readonly spares?: true;
  /** Expected loss of entropy of single causes by their keys, in bits; those it says nothing of left out. */
  readonly tells: Readonly<Record<string, number>>;
} & ({ readonly check: CheckId } | { readonly probe: ProbeId });

export interface NextChecks {
  /** What would spare a pain first, then most worth first; those that would say next to nothing are left out. */
  readonly ranked: readonly NextCheck[];
  /** Nothing that can be asked would change the session that follows by more than asking costs. */
  readonly enough: boolean;
}

/** Less than this is not worth a minute of anybody's time. */
const TELLING_BITS = 0.004;

const wordsOf = ({ cause, side }: CauseNode): string =>
  oneCause(cause).consistentWith.replace('{side}', side ?? '');

/** The outcome that moves a cause most, by its chance. */
const strongestFor = (node: number, before: readonly number[], outcomes: readonly Outcome[]) => {
  const pull = ({ chance, p }: Outcome) => chance * Math.abs(p[node] - before[node]);
  return outcomes.reduce((a, b) => (pull(b) > pull(a) ? b : a));
};

/** A rival counts when it is thought of at all, and moves against the main cause by this much. */
const RIVAL = { p: 0.02, moves: 0.01 } as const;

/** The cause that is told most of, and the rival that moves most against it, if one does. */
function whyOf(
  nodes: readonly CauseNode[],
  before: readonly number[],
  outcomes: readonly Outcome[],
  each: readonly number[],
): string {
  const main = each.indexOf(Math.max(...each));
  const { p } = strongestFor(main, before, outcomes);
  const way = Math.sign(p[main] - before[main]);
  const against = (node: number) => -way * (p[node] - before[node]);
  const rivals = nodes
    .map((_, node) => node)
    .filter((node) => each[node] > 0 && before[node] > RIVAL.p && against(node) > RIVAL.moves)
    .sort((a, b) => against(b) - against(a));
  return rivals.length > 0
    ? `separates ${wordsOf(nodes[main])} from ${wordsOf(nodes[rivals[0]])}`
    : `speaks for or against ${wordsOf(nodes[main])}`;
}

/** The session that a plan is held against: minutes, what follows, and what there is. */
export type NextSession = Pick<SessionLimits, 'minutes' | 'next' | 'kit'>;

const USUAL_SESSION: NextSession = { minutes: 15, next: 'training' };

/** Less than this of a cause is not said to be told. */
const TELLING_OF_ONE = 0.001;

const tellsOf = (nodes: readonly CauseNode[], each: readonly number[]): NextCheck['tells'] =>
  Object.fromEntries(
    nodes.flatMap(({ key }, i) => (each[i] >= TELLING_OF_ONE ? [[key, each[i]]] : [])),
  );

interface Ranked extends Weighed {
  readonly spares: boolean;
}

/** What is worth asking, and before it what may spare what hurts, however little it tells. */
function sparingFirst(weighed: readonly Weighed[], look: CaseFile['look']): readonly Ranked[] {
  const tries = sparing(look).map((probe) => weighed.find(({ one }) => nameOf(one) === probe));
  const [first] = tries.filter((one) => one !== undefined);
  const worth = weighed
    .filter((one) => one !== first && one.bitsPerMinute >= TELLING_BITS)
    .map((one) => ({ ...one, spares: false }));
  return first ? [{ ...first, spares: true }, ...worth] : worth;
}

/**
 * Which checks and probes to take next: by expected loss of entropy over the causes in question (the
 * sum over causes of mutual information), per minute, times the approach's own order. Exact for what
 * the network knows, save that a range is read on a grid and at most four findings of one check are
 * told apart. Enough is known when nothing that could be asked would make the session better by more than its minutes cost.
 *
 * @throws RangeError when the findings are impossible together
 */
export function nextChecks(
  input: CaseFile,
  approach: ApproachId = DEFAULT_APPROACH,
  session: NextSession = USUAL_SESSION,
): NextChecks {
  const { file } = reconcile(input);
  const network = withOpinions(networkOf(file), file.coach ?? []);
  const { nodes } = network;
  const before = posteriors(network);
  const asked = inQuestion(network);
  const weighed = weigh(network, before, candidatesOf(file, nodes), approach, file.look.faults);
  const ranked = sparingFirst(weighed, file.look).map(
    ({ one, outcomes, each, bitsPerMinute, weight, spares }): NextCheck => ({
      ...(one.kind === 'check' ? { check: one.check } : { probe: one.probe }),
      side: one.side,
      bitsPerMinute,
      weight,
      why: `${spares ? 'may spare what hurts; ' : ''}${whyOf(nodes, before, outcomes, each)}`,
      ...(spares ? { spares } : {}),
      tells: tellsOf(nodes, each),
    }),
  );
  const limits: SessionLimits = {
    ...session,
    approach,
    pattern: file.look.pattern,
    ...standingIn(file),
    pains: file.look.pain,
  };
  const now = new PlanNow(nodes, before, limits);
  // What was not in question is not a reason to go on asking.
  const told = (p: readonly number[]) => p.map((one, i) => (asked[i] ? one : before[i]));
  const open = weighed.some(({ one, each, outcomes }) => {
    const main = each.indexOf(Math.max(...each));
    return each[main] >= TELLING_OF_ONE && now.isWorthAsking(outcomes, main, one.minutes, told);
  });
  return { ranked, enough: !open };
}
