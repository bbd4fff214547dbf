import { CAUSES } from '../../knowledge/causes';
import { isShipped } from '../../knowledge/drills';
import { KIT } from '../../knowledge/kit';
import { PATTERNS } from '../../body/stance/patterns';
import { REFER_QUESTIONS } from '../../knowledge/refer';
import { NO_WISH } from '../sessionWish';
import { maybeLadder, placeOfRung } from '../../knowledge/ladders/ladders';
import { drillOf } from '../drillOf';
import { DRILL_FORMS, KEEPS, STEPS, VISIT_OPINIONS, type DrillRecord } from '../records';
import { doseSchema } from './doseSchema';
import { id, instant, J, maybeSide, oneOf } from './joi';
import { ownDrillSchema } from './ownDrillSchema';
import { rungSchema } from './rungSchema';
import { drillId, wishSchema } from './wishSchema';

const about = {
  cause: oneOf(CAUSES.map((row) => row.id)).required(),
  side: maybeSide().required(),
};
const probability = () => J.number().min(0).max(1).required();

const opinion = J.object({
  ...about,
  says: oneOf(VISIT_OPINIONS).required(),
  why: J.string().trim().min(2).max(300).required().label('why'),
  on: instant().required(),
  byFindings: probability(),
});

const traced = J.object({
  on: instant().required(),
  causes: J.array()
    .items(J.object({ ...about, p: probability(), byFindings: probability() }))
    .max(40)
    .required(),
});

const kit = oneOf(KIT.map((row) => row.id));

const wish = J.object(wishSchema).options({ presence: 'required' }).optional();

export const visitSchema = J.object({
  id: id(),
  clientId: id(),
  pattern: oneOf(PATTERNS).required(),
  openedOn: instant().required(),
  closedOn: instant().allow(null).required(),
  step: oneOf(STEPS).required(),
  asks: J.array()
    .items(
      J.object({
        on: instant().required(),
        positives: J.array()
          .items(oneOf(REFER_QUESTIONS.map((row) => row.id)))
          .unique()
          .required(),
      }),
    )
    .max(50)
    .required(),
  minutes: J.number().min(0).max(120).required().label('minutes'),
  next: oneOf(['training', 'rest']).required(),
  // An app from before these were there wrote visits without them: what it kept is not refused.
  kit: J.array()
    .items(kit)
    .unique()
    .default(KIT.map((row) => row.id)),
  wish: wish.default(NO_WISH),
  opinions: J.array().items(opinion).max(200).default([]),
  traced: traced.allow(null).default(null),
  extra: J.object().unknown(true).allow(null).default(null),
});

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

export const drillSchema = J.object({
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
  clock: J.object({
    set: J.number().integer().min(0).max(20).required(),
    runningSince: instant().allow(null).required(),
    workedS: J.number().min(0).max(36000).required(),
  }).required(),
  log: J.array()
    .items(
      J.object({
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
