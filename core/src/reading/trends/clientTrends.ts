import { climbedLadders, type ClimbedLadder } from '../../planning/ladder/climbedLadders';
import type { ClientFile } from '../../records/clientFile';
import {
  checkSeries,
  type CheckSeries,
  type SeriesOfSide,
} from '../../inference/trend/checkSeries';
import { doneBetween, type SessionMark } from '../../inference/trend/doneBetween';
import { faultSeries, type FaultSeries } from '../../inference/trend/faultSeries';
import { keptBetween, type KeptBetween } from '../../inference/trend/keptBetween';
import { maybeSideTrend, type SideTrend } from '../../inference/trend/outlook';

/** One side of a check: its readings, where they go, and how much of each session's gain was kept. */
export interface SideCourse {
  readonly side: SeriesOfSide;
  /** Null when it was never read cold. */
  readonly trend: SideTrend | null;
  readonly kept: readonly KeptBetween[];
}

export interface CheckCourse {
  readonly series: CheckSeries;
  readonly sides: readonly SideCourse[];
}

/** Everything of one client over time. Plain data: it goes from a worker to the page. */
export interface ClientTrends {
  /** Checks that were read more than once. */
  readonly checks: readonly CheckCourse[];
  readonly faults: readonly FaultSeries[];
  readonly ladders: readonly ClimbedLadder[];
  readonly sessions: readonly SessionMark[];
}

const isTwice = ({ sides }: CheckSeries): boolean => sides.some(({ points }) => points.length > 1);

const courseOf = (series: CheckSeries): CheckCourse => ({
  series,
  sides: series.sides.map((side) => ({
    side,
    trend: maybeSideTrend(side, series),
    kept: keptBetween(side),
  })),
});

/** All that was measured, seen or climbed, with what it foretells. Milliseconds a check: not for the page itself. */
export const clientTrends = (file: ClientFile): ClientTrends => ({
  checks: checkSeries(file).filter(isTwice).map(courseOf),
  faults: faultSeries(file),
  ladders: climbedLadders(file),
  sessions: doneBetween(file),
});
