/** One reading of an inclinometer: its angle and how far it is rolled out of the plane it reads in. */
export interface Reading {
  readonly atMs: number;
  readonly deg: number;
  readonly rollDeg: number;
}

/** Held this long within so much of its mean, a reading is taken. */
export const HOLD = { seconds: 1.5, withinDeg: 2, fewest: 8 } as const;
/** Rolled farther than this out of its plane, an inclinometer reads too little. */
export const MOST_ROLL_DEG = 12;

export type Capture =
  /** How much of the time is over, 0 to 1. */
  | { readonly status: 'holding'; readonly share: number }
  | { readonly status: 'moved' }
  | { readonly status: 'rolled' }
  | { readonly status: 'captured'; readonly deg: number };

const meanOf = (values: readonly number[]): number =>
  values.reduce((sum, one) => sum + one, 0) / values.length;

/**
 * What the readings since the hand came down make: a mean of a steady hold, or why not.
 *
 * @param readings in the order of time, from when the button was pressed
 */
export function captureOf(readings: readonly Reading[], nowMs: number, sinceMs: number): Capture {
  if (readings.some(({ rollDeg }) => Math.abs(rollDeg) > MOST_ROLL_DEG))
    return { status: 'rolled' };
  const degrees = readings.map(({ deg }) => deg);
  const mean = meanOf(degrees);
  if (degrees.some((deg) => Math.abs(deg - mean) > HOLD.withinDeg)) return { status: 'moved' };
  const share = (nowMs - sinceMs) / (HOLD.seconds * 1000);
  if (share < 1 || degrees.length < HOLD.fewest)
    return { status: 'holding', share: Math.min(1, Math.max(0, share)) };
  return { status: 'captured', deg: mean };
}

/** The way round from one angle to another, between -180 and 180 degrees. */
export const turnFrom = (from: number, to: number): number =>
  ((((to - from + 180) % 360) + 360) % 360) - 180;
