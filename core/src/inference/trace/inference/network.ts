import type { CauseId } from '../../../knowledge/causes';
import type { MaybeSide } from '../../../foundation/sides/side';

/** A cause on one side (or without a side) as a binary node. */
export interface CauseNode {
  readonly key: string;
  readonly cause: CauseId;
  readonly side: MaybeSide;
  /** Probability before the findings; 1 for what is given. */
  readonly prior: number;
}

/** One arrow from a cause node: the chance that it alone brings the finding about. */
export interface Arrow {
  readonly node: number;
  readonly strength: number;
}

/**
 * What was found. `ratio` is the likelihood of the observation if the finding is there, divided by
 * its likelihood if not: Infinity for "seen", 0 for "looked for and clear", between for a measure.
 */
export interface Finding {
  readonly id: string;
  readonly words: string;
  readonly ratio: number;
  readonly leak: number;
  readonly arrows: readonly Arrow[];
  /** Factors that the finding puts directly on the odds of single causes. */
  readonly factors: readonly { readonly node: number; readonly factor: number }[];
}

export interface Network {
  readonly nodes: readonly CauseNode[];
  readonly findings: readonly Finding[];
}
