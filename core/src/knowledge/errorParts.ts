/**
 * Share of the square of a check's error that comes anew with every reading; the rest stays for the day: how
 * the client is placed, how warm, who measures. Half each is ours: the tables give one error for both together.
 */
const WITHIN_SHARE = 0.5;

/** The two parts of an error, both in the unit of the measure. */
export interface ErrorParts {
  /** Of one reading against the next in the same sitting. */
  readonly withinSem: number;
  /** Of one sitting against another, however often each was read. */
  readonly betweenSem: number;
}

/** The parts of the standard error of one reading on one day. */
export const errorParts = (sem: number): ErrorParts => ({
  withinSem: sem * Math.sqrt(WITHIN_SHARE),
  betweenSem: sem * Math.sqrt(1 - WITHIN_SHARE),
});

/** Standard error of the mean of readings of one sitting: more of them shrink only what comes with each. */
export const semOfMean = ({ withinSem, betweenSem }: ErrorParts, times: number): number =>
  Math.hypot(withinSem / Math.sqrt(Math.max(1, times)), betweenSem);
