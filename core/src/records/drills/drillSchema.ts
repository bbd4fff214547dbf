import type { SetClock, SetLog } from './drillRecord';
import { type DrillRecord, DRILL_FORMS, KEEPS } from './drillRecord';
import { isShipped } from '../../knowledge/drills';
import { drillOf } from './drillOf';
import { maybeLadder, placeOfRung } from '../../knowledge/ladders/ladders';
import { J, id, maybeSide, oneOf, instant, objectOf } from '../schemas/joi';
import { drillId } from './drillId';
import { ownDrillSchema } from '../ownDrills/ownDrillSchema';
import { doseSchema } from '../schemas/doseSchema';
import { rungSchema } from './rungSchema';

/** What a drill and what goes with it do not agree in; null when they do. */
function maybeDrillProblem({ drill, own, rung, side }: DrillRecord): string | null {
  if (own ? own.id !== drill : !isShipped(drill))
    return `own: the drill ${drill} is not in the library and does not come with the session`;
  if (drillOf({ drill, own }).oneSided !== (side !== null))
    return `side: ${drill} ${side === null ? 'needs a side' : 'has no side'}`;
  const ladder = maybeLadder(drill);
  if (rung && !ladder) return `rung: ${drill} climbs no ladder`;
  if (rung && ladder && placeOfRung(ladder, rung.rung) < 0)
    return `rung: ${ladder.drill} has no rung ${rung.rung}`;
  return null;
}

export const drillSchema = objectOf<DrillRecord>({
  id: id(),
  clientId: id(),
  visitId: id(),
  drill: drillId(),
  own: ownDrillSchema.allow(null).default(null),
  side: maybeSide().required(),
  targets: J.array().items(J.string().max(60)).max(12).required(),
  place: J.number().integer().min(0).max(60).required(),
  // An app from before these were there wrote drills without them: then the library's dose was done.
  dose: doseSchema().default(({ drill, own }: DrillRecord) => drillOf({ drill, own }).dose),
  form: oneOf(DRILL_FORMS).default('usual'),
  rung: rungSchema.allow(null).default(null),
  status: oneOf(['planned', 'done', 'skipped', 'stopped']).required(),
  clock: objectOf<SetClock>({
    set: J.number().integer().min(0).max(20).required(),
    runningSince: instant().allow(null).required(),
    workedS: J.number().min(0).max(36000).required(),
  }).required(),
  log: J.array()
    .items(
      objectOf<SetLog>({
        workedS: J.number().min(0).max(36000).required(),
        form: oneOf(DRILL_FORMS).required(),
        on: instant().required(),
      }),
    )
    .max(40)
    .default([]),
  keep: oneOf([...KEEPS, null]).default(null),
  pain: J.number().integer().min(0).max(10).allow(null).required().label('pain'),
  painOn: instant().allow(null).default(null),
  doneOn: instant().allow(null).required(),
  removed: J.boolean().required(),
}).custom((record: DrillRecord, helpers) => {
  const words = maybeDrillProblem(record);
  return words ? helpers.message({ custom: words }) : record;
});
