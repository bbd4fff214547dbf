import type { CheckId } from '../../knowledge/checks';
import type { MaybeSide } from '../../foundation/sides/side';
import type { ClientFile } from '../../records/clientFile';
import type { Instant } from '../../foundation/time/instant';
import { checkSeries } from './checkSeries';
import { keptBetween } from './keptBetween';

/** What was left of one session's gain in a check at the next session of that client. */
export interface KeptGain {
  readonly check: CheckId;
  readonly side: MaybeSide;
  readonly from: Instant;
  readonly to: Instant;
  readonly days: number;
  /** null: the gain itself was within measuring error. */
  readonly share: number | null;
}

/** Raised when gains are worked out in another way: what a server rolled up before is done anew. */
export const GAINS_SHAPE = 1;

/** Every gain of a client that a later session can be held against. */
export const keptGains = (file: ClientFile): KeptGain[] =>
  checkSeries(file).flatMap(({ check, sides }) =>
    sides.flatMap((series) =>
      keptBetween(series).map(({ from, to, days, retention }) => ({
        check,
        side: series.side,
        from,
        to,
        days,
        share: retention.status === 'kept' ? retention.share : null,
      })),
    ),
  );
