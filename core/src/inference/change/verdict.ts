import { normalCdf } from '../../foundation/numeric/normal';
import { smallestRealChange } from './smallestRealChange';

export type VerdictWord = 'better' | 'same' | 'worse';

export interface Verdict {
  readonly word: VerdictWord;
  /** Probability that there is a real improvement, given only the two looks. */
  readonly pBetter: number;
}

/** How much sure is needed in either direction before "same" is left: two-sided 95 %. */
const SURE_ENOUGH = 0.975;

export function verdictOf(pBetter: number, pWorse: number): Verdict {
  const word = pBetter >= SURE_ENOUGH ? 'better' : pWorse >= SURE_ENOUGH ? 'worse' : 'same';
  return { word, pBetter };
}

/**
 * Two single measures of the same thing against their measuring error. With nothing known before,
 * the true change is normal around the seen one with standard deviation √2·SEM.
 *
 * @param sem standard error of one measure, in the unit of the measures; must be positive
 * @param betterIs which way improvement lies
 */
export function compareMeasures(
  before: number,
  after: number,
  sem: number,
  betterIs: 'more' | 'less',
): Verdict & { readonly change: number; readonly smallestReal: number } {
  const change = after - before;
  const gain = betterIs === 'more' ? change : -change;
  const pBetter = normalCdf(gain / (Math.SQRT2 * sem));
  return { ...verdictOf(pBetter, 1 - pBetter), change, smallestReal: smallestRealChange(sem) };
}
