import type { DrillOnSide } from '../../knowledge/keys';
import type { Dose } from '../../knowledge/drillRow';

/** What the coach holds on to; the session is chosen around it. */
export interface SessionWish {
  /** In, whatever they are worth. */
  readonly locked: readonly DrillOnSide[];
  /** Out. */
  readonly dropped: readonly DrillOnSide[];
  /** By key of a drill on a side (`hip-rock-back@left`), instead of what the approach doses. */
  readonly doses: Readonly<Record<string, Dose>>;
  /** Keys in the order the coach wants them; what is not named keeps its place. */
  readonly order: readonly string[];
  /** By key of a drill that climbs a ladder: the rung the coach chose. */
  readonly rungs: Readonly<Record<string, string>>;
}

export const NO_WISH: SessionWish = { locked: [], dropped: [], doses: {}, order: [], rungs: {} };
