import type { HomeReport, ReportKind } from '../../planning/home/homeReports';
import type { ClientSummary, HangingKind } from './clientSummary';

/** What comes first on a coach's day: pain from home, then what hangs, then all others by when they are due. */
const RANK_OF_REPORT: Readonly<Record<ReportKind, number>> = {
  refer: 0,
  stop: 1,
  halve: 3,
  easier: 3,
};
const RANK_OF_HANGING: Readonly<Record<HangingKind, number>> = {
  blocked: 2,
  'mid-visit': 4,
  'not-retested': 5,
};
/** Nothing hangs: only a due look brings these forward. */
export const QUIET_RANK = 6;

type Ranked = Pick<ClientSummary, 'reports'> & {
  readonly hanging: Pick<NonNullable<ClientSummary['hanging']>, 'kind'> | null;
};

/** Place of a client among all, the most urgent 0. */
export function rankOf({ reports, hanging }: Ranked): number {
  const [first] = reports;
  return Math.min(
    first ? RANK_OF_REPORT[first.kind] : QUIET_RANK,
    hanging ? RANK_OF_HANGING[hanging.kind] : QUIET_RANK,
  );
}

/** The report that a client's line is about; null when there is none, or a clinician has to come first. */
export function maybeLeadingReport(
  reports: readonly HomeReport[],
  isBlocked: boolean,
): HomeReport | null {
  const [first] = reports;
  if (!first) return null;
  return isBlocked && RANK_OF_REPORT[first.kind] > RANK_OF_HANGING.blocked ? null : first;
}
