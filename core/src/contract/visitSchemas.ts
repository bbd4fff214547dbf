import { CAUSES } from '../knowledge/causes';
import { DRILLS } from '../knowledge/drills';
import { PATTERNS } from '../knowledge/patterns';
import { REFER_QUESTIONS } from '../knowledge/refer';
import { STEPS, VISIT_OPINIONS } from '../visit/records';
import { id, instant, J, maybeSide, oneOf } from './joi';

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
  minutes: J.number().min(1).max(120).required().label('minutes'),
  next: oneOf(['training', 'rest']).required(),
  // An app from before these were there wrote visits without them: what it kept is not refused.
  opinions: J.array().items(opinion).max(200).default([]),
  traced: traced.allow(null).default(null),
  extra: J.object().unknown(true).allow(null).default(null),
});

export const drillSchema = J.object({
  id: id(),
  clientId: id(),
  visitId: id(),
  drill: oneOf(DRILLS.map((row) => row.id)).required(),
  side: maybeSide().required(),
  targets: J.array().items(J.string().max(60)).max(12).required(),
  place: J.number().integer().min(0).max(60).required(),
  status: oneOf(['planned', 'done', 'skipped', 'stopped']).required(),
  clock: J.object({
    set: J.number().integer().min(0).max(20).required(),
    runningSince: instant().allow(null).required(),
    workedS: J.number().min(0).max(36000).required(),
  }).required(),
  pain: J.number().integer().min(0).max(10).allow(null).required().label('pain'),
  doneOn: instant().allow(null).required(),
  removed: J.boolean().required(),
});
