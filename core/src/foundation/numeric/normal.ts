/** Density of the normal distribution at x. */
export const normalDensity = (x: number, mean: number, sd: number): number => {
  const z = (x - mean) / sd;
  return Math.exp(-0.5 * z * z) / (sd * Math.sqrt(2 * Math.PI));
};

/**
 * Standard normal distribution function, by the Taylor series of
 * G. Marsaglia, "Evaluating the Normal Distribution", J. Stat. Software 11(4), 2004.
 * Good to about 1e-15 inside ±8; exactly 0 or 1 outside.
 */
export function normalCdf(z: number): number {
  if (z < -8) return 0;
  if (z > 8) return 1;
  let sum = z;
  let term = z;
  for (let k = 3; Math.abs(term) > 1e-17; k += 2) {
    term *= (z * z) / k;
    sum += term;
  }
  return 0.5 + sum * normalDensity(z, 0, 1);
}

/** 97.5th percentile of the standard normal: the two-sided 95 % multiplier. */
export const Z_95 = 1.959963984540054;
