import type { CaseFile } from '../../records/case/caseFile';
import { foldRest } from './foldRest';
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
