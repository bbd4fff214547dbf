/** Readings of one thing, taken one after the other with nothing done between them. */
export type Repeats = readonly number[];

/**
 * How many free readings the default error is worth. Ours: the published errors come from studies of
 * some thirty people and other hands, so a dozen readings of this coach on this client outweigh them.
 */
const DEFAULT_IS_WORTH = 8;

export interface OwnSem {
  /** In the unit of the readings. */
  readonly sem: number;
  /** Free readings of the client's own that went into it. */
  readonly own: number;
}

/** Squares around the mean of one set of repeats. */
function squaresOf(readings: Repeats): number {
  const mean = readings.reduce((sum, one) => sum + one, 0) / readings.length;
  return readings.reduce((sum, one) => sum + (one - mean) ** 2, 0);
}

/**
 * Standard error of one reading: the default, drawn toward what this client's own repeats show.
 * Normal–inverse-gamma with the default as prior and nothing known of the means: the variance becomes
 * (n₀·SEM² + Σ squares) / (n₀ + Σ(nᵢ − 1)), sets of one reading saying nothing
 * (A. Gelman et al., Bayesian Data Analysis, 3rd ed., §3.3).
 *
 * @param defaultSem in the unit of the readings; must be positive
 */
export function ownSem(defaultSem: number, sets: readonly Repeats[]): OwnSem {
  const told = sets.filter(({ length }) => length > 1);
  const own = told.reduce((sum, { length }) => sum + length - 1, 0);
  const squares = told.reduce((sum, one) => sum + squaresOf(one), 0);
  const variance = (DEFAULT_IS_WORTH * defaultSem ** 2 + squares) / (DEFAULT_IS_WORTH + own);
  return { sem: Math.sqrt(variance), own };
}

/** Surer than this, before a coach is told that the readings are unsteady: one in twenty by chance. */
const Z_ONE_SIDED_95 = 1.6449;

/** Upper 95 % point of chi-square by Wilson and Hilferty's cube root (1931). */
const chiSquare95 = (free: number): number => {
  const part = 2 / (9 * free);
  return free * (1 - part + Z_ONE_SIDED_95 * Math.sqrt(part)) ** 3;
};

/** Whether repeats lie further apart than an error of this size lets them, but once in twenty. */
export function isUnsteady(defaultSem: number, sets: readonly Repeats[]): boolean {
  const told = sets.filter(({ length }) => length > 1);
  const free = told.reduce((sum, { length }) => sum + length - 1, 0);
  if (free === 0) return false;
  const squares = told.reduce((sum, one) => sum + squaresOf(one), 0);
  return squares / defaultSem ** 2 > chiSquare95(free);
}
