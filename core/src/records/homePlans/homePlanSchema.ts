import type { DoseAt, HomeAnswer, Training, WeekWish } from './homePlan';
import { APPROACHES } from '../../knowledge/approaches';
import { FLAGS } from '../../knowledge/flags';
import { KIT } from '../../knowledge/kit';
import { PATTERNS } from '../../body/stance/patterns';
import { WEEKDAYS } from '../../foundation/time/weekdays';
import { isShipped } from '../../knowledge/drills';
import { drillOf } from '../drills/drillOf';
import type { HomePlanRecord } from './homePlanRecord';
import { ANSWERS, COURSE_WEEKS, MOST_MOMENTS, type HomeDrill } from './homePlan';
import { drillKey } from '../../knowledge/keys';
import { doseSchema } from '../schemas/doseSchema';
import { day, id, instant, J, maybeSide, oneOf, objectOf } from '../schemas/joi';
import { ownDrillSchema } from '../ownDrills/ownDrillSchema';
import { rungSchema } from '../drills/rungSchema';
import { drillId } from '../drills/drillId';
import { idsOf } from '../schemas/idsOf';

export const clockTime = () =>
  J.string()
    .pattern(/^([01]\d|2[0-3]):[0-5]\d$/, 'a time as hh:mm')
    .required();

export const drillKeySchema = () => J.string().max(80).required();

const weekday = () => oneOf(WEEKDAYS).required();

const maybeTimeZone = (name: string): string | null => {
  try {
    return new Intl.DateTimeFormat('en', { timeZone: name }).resolvedOptions().timeZone;
  } catch {
    return null;
  }
};

const timeZone = J.string()
  .max(60)
  .required()
  .label('time zone')
  .custom((name: string, helpers) =>
    maybeTimeZone(name) ? name : helpers.message({ custom: `${name} is no time zone` }),
  );

const homeDrill = objectOf<HomeDrill>({
  drill: drillId(),
  own: ownDrillSchema.allow(null).required(),
  side: maybeSide().required(),
  targets: J.array().items(J.string().max(60)).max(12).required(),
  dose: doseSchema().required(),
  rung: rungSchema.allow(null).required(),
  worth: J.number().min(0).max(1).required(),
  known: J.boolean().required(),
}).custom((one: HomeDrill, helpers) => {
  const { drill, own, side } = one;
  if (own ? own.id !== drill : !isShipped(drill))
    return helpers.message({ custom: `own: the drill ${drill} does not come with the plan` });
  return drillOf(one).oneSided === (side !== null)
    ? one
    : helpers.message({ custom: `side: ${drill} ${side ? 'has no side' : 'needs a side'}` });
});

const doseAt = { key: drillKeySchema(), day: weekday(), at: clockTime() };

const wish = objectOf<WeekWish>({
  pinned: J.array().items(objectOf<DoseAt>(doseAt)).max(200).required(),
  off: J.array()
    .items(objectOf<WeekWish['off'][number]>({ key: drillKeySchema(), day: weekday() }))
    .max(200)
    .required(),
  often: J.object().pattern(J.string().max(80), J.number().integer().min(0).max(28)).required(),
});

const answer = objectOf<HomeAnswer>({
  entry: id(),
  does: oneOf(ANSWERS).required(),
  on: instant().required(),
});

/** Drills of a plan that could not be told apart in its week. */
const eachOnce = (
  plan: HomePlanRecord,
  helpers: { message: (words: { custom: string }) => unknown },
) => {
  const keys = plan.drills.map(drillKey);
  const twice = keys.find((key, i) => keys.indexOf(key) !== i);
  return twice ? helpers.message({ custom: `drills: ${twice} is there twice` }) : plan;
};

/** A plan for home, as the API takes it. */
export const homePlanSchema = objectOf<HomePlanRecord>({
  id: id(),
  clientId: id(),
  visitId: id(),
  madeOn: instant().required(),
  endedOn: instant().allow(null).required(),
  pattern: oneOf(PATTERNS).required(),
  approach: oneOf(idsOf(APPROACHES)).required(),
  startsOn: day().required().label('first day'),
  weeks: J.number()
    .integer()
    .min(COURSE_WEEKS.least)
    .max(COURSE_WEEKS.most)
    .required()
    .label('weeks'),
  timeZone,
  minutes: J.number().integer().min(0).max(120).required().label('minutes a day'),
  days: J.array().items(oneOf(WEEKDAYS)).unique().required(),
  moments: J.array().items(clockTime()).unique().max(MOST_MOMENTS).required().label('times of day'),
  trainings: J.array()
    .items(
      objectOf<Training>({
        day: weekday(),
        at: clockTime(),
        minutes: J.number().integer().min(5).max(480).required().label('minutes of training'),
      }),
    )
    .max(21)
    .required(),
  kit: J.array()
    .items(oneOf(idsOf(KIT)))
    .unique()
    .required(),
  flags: J.array()
    .items(oneOf(idsOf(FLAGS)))
    .unique()
    .required(),
  drills: J.array().items(homeDrill).max(12).required(),
  wish: wish.required(),
  note: J.string().trim().max(400).allow('').required().label('note'),
  answers: J.array().items(answer).max(500).required(),
}).custom(eachOnce as never);
