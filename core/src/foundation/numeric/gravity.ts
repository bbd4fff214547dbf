/** Standard gravity, in metres per second squared. */
export const GRAVITY = 9.80665;
