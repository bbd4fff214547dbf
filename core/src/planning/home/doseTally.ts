import type { Day } from '../../foundation/time/instant';
import { maybeDoseLog, type DoseDone, type HomeEntry } from '../../records/homeEntries/homeEntry';
import type { PlacedDose } from './placedDoses';

/** What became of doses. Nothing said is not the same as not done. */
export interface DoseTally {
  readonly planned: number;
  readonly done: number;
  readonly partly: number;
  readonly not: number;
  readonly silent: number;
  /** Minutes of what was done; of a dose done in part, half. */
  readonly minutes: number;
}

export const NO_DOSES: DoseTally = {
  planned: 0,
  done: 0,
  partly: 0,
  not: 0,
  silent: 0,
  minutes: 0,
};

const SHARE_OF_DONE: Readonly<Record<DoseDone, number>> = { done: 1, partly: 0.5, not: 0 };

/** What became of the doses of one day. */
export const tallyOf = (
  doses: readonly PlacedDose[],
  on: Day,
  entries: readonly HomeEntry[],
): DoseTally =>
  doses.reduce<DoseTally>((sum, dose) => {
    const log = maybeDoseLog(entries, { ...dose, on });
    const what = log?.done ?? 'silent';
    const minutes = log ? dose.minutes * SHARE_OF_DONE[log.done] : 0;
    return {
      ...sum,
      planned: sum.planned + 1,
      [what]: sum[what] + 1,
      minutes: sum.minutes + minutes,
    };
  }, NO_DOSES);

/** Tallies of several days together. */
export const tallied = (days: readonly DoseTally[]): DoseTally =>
  days.reduce(
    (sum, day) => ({
      planned: sum.planned + day.planned,
      done: sum.done + day.done,
      partly: sum.partly + day.partly,
      not: sum.not + day.not,
      silent: sum.silent + day.silent,
      minutes: sum.minutes + day.minutes,
    }),
    NO_DOSES,
  );
