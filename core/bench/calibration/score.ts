/** One stated probability, and what was true. */
export interface Stated {
  readonly p: number;
  readonly present: boolean;
}

export interface Bin {
  readonly from: number;
  readonly count: number;
  /** Mean of what was stated, and how often it was so. */
  readonly stated: number;
  readonly found: number;
}

const BINS = 10;

const mean = (values: readonly number[]): number =>
  values.length === 0 ? 0 : values.reduce((sum, one) => sum + one, 0) / values.length;

/** Reliability curve over ten equal bins. */
export const reliability = (all: readonly Stated[]): Bin[] =>
  Array.from({ length: BINS }, (_, i) => {
    const here = all.filter(({ p }) => Math.min(BINS - 1, Math.floor(p * BINS)) === i);
    return {
      from: i / BINS,
      count: here.length,
      stated: mean(here.map(({ p }) => p)),
      found: mean(here.map(({ present }) => Number(present))),
    };
  });

/** Expected calibration error: the mean distance of the curve from the diagonal, by how much is there. */
export function expectedCalibrationError(all: readonly Stated[]): number {
  const bins = reliability(all);
  return (
    bins.reduce((sum, { count, stated, found }) => sum + count * Math.abs(stated - found), 0) /
    all.length
  );
}

/** Mean squared distance of what was stated from what was so (Brier 1950). */
export const brier = (all: readonly Stated[]): number =>
  mean(all.map(({ p, present }) => (p - Number(present)) ** 2));

/** Whether one of the first `count` by probability is truly present. */
export const hits = (all: readonly Stated[], count: number): boolean =>
  [...all]
    .sort((a, b) => b.p - a.p)
    .slice(0, count)
    .some(({ present }) => present);
