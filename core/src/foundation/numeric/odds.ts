/** Odds of a probability strictly between 0 and 1. */
export const oddsOf = (p: number): number => p / (1 - p);

export const probabilityOfOdds = (odds: number): number => odds / (1 + odds);

/** Weight of evidence in decibans: ten times the base-10 logarithm of a likelihood ratio. */
export const decibans = (likelihoodRatio: number): number => 10 * Math.log10(likelihoodRatio);
