import type { DrillRow } from '../../knowledge/drillRow';
import { oneDrill } from '../../knowledge/drills';
import { ownDrillRow } from '../../knowledge/ownDrill';
import { maybeLadder, oneRung } from '../../knowledge/ladders/ladders';
import { onRung } from '../../knowledge/ladders/onRung';
import type { DrillRecord } from './drillRecord';

type InSession = Pick<DrillRecord, 'drill' | 'own'> & Partial<Pick<DrillRecord, 'rung'>>;

/**
 * The drill of a session, as it was when it was chosen: a coach's own drill is kept with the session,
 * so that one that was changed or deleted since still says what was done; one that climbs a ladder is
 * told and shown as its rung is.
 */
export function drillOf({ drill, own, rung }: InSession): DrillRow {
  const row = own ? ownDrillRow(own) : oneDrill(drill);
  const ladder = rung ? maybeLadder(drill) : null;
  return ladder ? onRung(row, ladder, oneRung(ladder, rung!.rung)) : row;
}
