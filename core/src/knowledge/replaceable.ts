/**
 * Joints that are replaced, in degrees: the most that one bends, what a drill takes it to half-way, and what a
 * pattern takes it to when nobody stops above. Ours.
 */
export const REPLACEABLE = {
  hip: { mostDeg: 130, halfDeg: 90, deepDeg: 120 },
  knee: { mostDeg: 150, halfDeg: 90, deepDeg: 140 },
  ankle: { mostDeg: 45, halfDeg: 15, deepDeg: 40 },
  shoulder: { mostDeg: 180, halfDeg: 90, deepDeg: 180 },
} as const;
/** The least that a replaced joint is ever left with. */
export const LEAST_ALLOWED_DEG = 10;
export type Replaceable = keyof typeof REPLACEABLE;

export const isReplaceable = (region: string | undefined): region is Replaceable =>
  region !== undefined && region in REPLACEABLE;
