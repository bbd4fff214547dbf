/** Two sums of worth or of minutes closer than this are the same. */
export const SAME = 1e-9;
