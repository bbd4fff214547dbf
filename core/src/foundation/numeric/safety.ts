export const clamp = (value: number, low: number, high: number): number =>
  Math.min(high, Math.max(low, value));

/** Inverse cosine in radians; arguments a rounding error outside [-1, 1] count as the end. */
export const acosClamped = (x: number): number => Math.acos(clamp(x, -1, 1));

/** Inverse sine in radians; arguments a rounding error outside [-1, 1] count as the end. */
export const asinClamped = (x: number): number => Math.asin(clamp(x, -1, 1));

/** Square root of a quantity that is never negative but for rounding. */
export const sqrtClamped = (x: number): number => Math.sqrt(Math.max(0, x));
