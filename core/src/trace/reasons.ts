import type { CaseFile } from './caseFile';
import { shapley } from './inference/shapley';
import { networkOf } from './networkOf';
import { reconcile } from './reconcile/reconcile';

export interface Reason {
  /** Id of the finding, such as `range:hip-bend@left`; `rest` for all that say next to nothing by themselves. */
  readonly finding: string;
  readonly words: string;
  /** Weight of evidence; positive speaks for the cause. */
  readonly decibans: number;
}

/** How a cause got from what is usual to what is stated. */
export interface CauseReasons {
  /** Odds before anything was found, with what history says, in decibans. */
  readonly prior: number;
  /** The strongest first, the rest last. With `prior` they sum to the odds that the findings state. */
  readonly reasons: readonly Reason[];
}

/** Below this a reason is noise and is told with the rest. */
const TELLING_DECIBANS = 0.2;
/** Less than this is rounding. */
const NOTHING = 0.005;

const sumOf = (reasons: readonly Reason[]): number =>
  reasons.reduce((sum, { decibans }) => sum + decibans, 0);

/** The strongest one by one, and the sum of all others as the last. */
export function foldRest(
  all: readonly Reason[],
  isTold: (one: Reason, at: number) => boolean,
): Reason[] {
  const sorted = [...all].sort((a, b) => Math.abs(b.decibans) - Math.abs(a.decibans));
  const rest = sumOf(sorted.filter((one, at) => !isTold(one, at)));
  return [
    ...sorted.filter(isTold),
    ...(Math.abs(rest) >= NOTHING
      ? [{ finding: 'rest', words: 'everything else found', decibans: rest }]
      : []),
  ];
}

const isTelling = ({ decibans }: Reason): boolean => Math.abs(decibans) >= TELLING_DECIBANS;

/**
 * Why each cause is as likely as the findings make it: what every finding adds to its odds, exact in sum.
 * The coach's opinions are not in it. What is given has no reasons.
 *
 * @returns by key of the cause (`ankle-joint:right`)
 * @throws RangeError when the findings are impossible together
 */
export function reasonsOf(input: CaseFile): ReadonlyMap<string, CauseReasons> {
  const network = networkOf(reconcile(input).file);
  const { prior, byFinding } = shapley(network);
  return new Map(
    network.nodes.flatMap(({ key, prior: before }, node) => {
      if (before === 1) return [];
      const all = network.findings.map(({ id, words }, at): Reason => ({
        finding: id,
        words,
        decibans: byFinding[at][node],
      }));
      return [[key, { prior: prior[node], reasons: foldRest(all, isTelling) }] as const];
    }),
  );
}
