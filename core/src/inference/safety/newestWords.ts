import type { Clearance } from '../../records/clients/clientRecord';

/** The newest word on each question, by its day; of one day the one that was written last. */
export function newestWords(clearances: readonly Clearance[]): readonly Clearance[] {
  const byDay = [...clearances].sort((a, b) => a.on.localeCompare(b.on));
  return byDay.filter(
    ({ question }, i) => !byDay.slice(i + 1).some((later) => later.question === question),
  );
}
