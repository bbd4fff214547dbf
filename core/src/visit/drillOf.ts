import type { DrillRow } from '../knowledge/drillRow';
import { oneDrill } from '../knowledge/drills';
import { ownDrillRow } from '../knowledge/ownDrill';
import type { Rung } from '../ladder/ladder';
import { maybeLadder, oneRung } from '../ladder/ladders';
import { onePose } from '../skeleton/poses';
import type { DrillRecord } from './records';

type InSession = Pick<DrillRecord, 'drill' | 'own'> & Partial<Pick<DrillRecord, 'rung'>>;

/** A drill of a ladder as one of its rungs is done. */
export function onRung(row: DrillRow, { how, poses: [start, end] }: Rung): DrillRow {
  return { ...row, how, poses: [onePose(start), onePose(end)] };
}

/**
 * The drill of a session, as it was when it was chosen: a coach's own drill is kept with the session,
 * so that one that was changed or deleted since still says what was done; one that climbs a ladder is
 * told and shown as its rung is.
 */
export function drillOf({ drill, own, rung }: InSession): DrillRow {
  const row = own ? ownDrillRow(own) : oneDrill(drill);
  const ladder = rung ? maybeLadder(drill) : null;
  return ladder ? onRung(row, oneRung(ladder, rung!.rung)) : row;
}
