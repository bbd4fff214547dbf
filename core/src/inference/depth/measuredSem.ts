import type { LimitsDeg } from '../../body/solver/limits';
import type { Side } from '../../foundation/sides/side';
import { RANGE_SPREADS, type UsualRange } from './usualRanges';

/** Limits as they were measured, with what is known of how. */
export interface MeasuredLimits extends LimitsDeg {
  /** Sides whose hip bend was read with the pelvis held: its roll is not in the reading, nor in its error. */
  readonly hipHeld?: readonly Side[];
}

/** Standard error of a range that was measured, in degrees. */
export function measuredSem({ hipHeld }: MeasuredLimits, side: Side, limit: UsualRange): number {
  const spread = RANGE_SPREADS[limit];
  return 'heldSem' in spread && hipHeld?.includes(side) ? spread.heldSem : spread.sem;
}
