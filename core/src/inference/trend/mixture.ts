import { normalCdf } from '../../foundation/numeric/normal';

/** A distribution of several normal curves, each with its weight; weights add up to 1. */
export type Mixture = readonly {
  readonly weight: number;
  readonly mean: number;
  readonly sd: number;
}[];

export const mixtureMean = (parts: Mixture): number =>
  parts.reduce((sum, { weight, mean }) => sum + weight * mean, 0);

export function mixtureSd(parts: Mixture): number {
  const centre = mixtureMean(parts);
  return Math.sqrt(
    parts.reduce((sum, { weight, mean, sd }) => sum + weight * (sd ** 2 + (mean - centre) ** 2), 0),
  );
}

/** Probability of at most `x`. */
export const mixtureCdf = (parts: Mixture, x: number): number =>
  parts.reduce((sum, { weight, mean, sd }) => sum + weight * normalCdf((x - mean) / sd), 0);

const HALVINGS = 48;

/** The value below which a share `p` lies, by halving. @param p between 0 and 1, both left out */
export function mixtureQuantile(parts: Mixture, p: number): number {
  let low = Math.min(...parts.map(({ mean, sd }) => mean - 9 * sd));
  let high = Math.max(...parts.map(({ mean, sd }) => mean + 9 * sd));
  for (let i = 0; i < HALVINGS; i++) {
    const middle = (low + high) / 2;
    if (mixtureCdf(parts, middle) < p) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}
