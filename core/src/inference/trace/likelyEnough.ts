/** A cause less likely than this explains nothing, and nothing is done about it. */
export const LIKELY_ENOUGH = 0.3;
