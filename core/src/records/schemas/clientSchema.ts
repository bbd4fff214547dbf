import type { CustomHelpers } from 'joi';
import type { Segments } from '../../body/segments/body';
import { bodyProblems } from '../../body/segments/bodyProblems';
import { FLAGS } from '../../knowledge/flags';
import { APPROACHES, DEFAULT_APPROACH } from '../../knowledge/approaches';
import { CHECKS } from '../../knowledge/checks';
import { KIT } from '../../knowledge/kit';
import type { NormEdit } from '../../knowledge/norms';
import { NOT_YET } from '../../knowledge/notYet';
import { REGIONS } from '../../knowledge/regions';
import { SHOES } from '../../body/stance/setup';
import { WEEKDAYS } from '../../foundation/time/weekdays';
import { NO_HOME } from '../records';
import { PATTERNS } from '../../body/stance/patterns';
import { REFER_QUESTIONS } from '../../knowledge/refer';
import { setupSchema } from './lookSchemas';
import { day, id, J, maybeSide, oneOf } from './joi';
import { givenSchema, historySchema } from './toldSchemas';

const idsOf = (rows: readonly { id: string }[]) => rows.map((row) => row.id);

const RANGE_CHECKS = CHECKS.filter((row) => row.type === 'range');

const segment = (name: string, most: number) =>
  J.number().min(0.05).max(most).label(name).messages({
    'number.max': `{#label} of {#value} m is too long; lengths are in metres`,
    'number.min': `{#label} of {#value} m is too short; lengths are in metres`,
  });

/** One length for both sides, or one for each. */
const limb = (name: string, most: number) =>
  J.alternatives(
    segment(name, most),
    J.object({ left: segment(name, most).required(), right: segment(name, most).required() }),
  ).match('any');

export const HEIGHT_M = { least: 0.9, most: 2.4 } as const;
export const MASS_KG = { least: 20, most: 350 } as const;

export const heightSchema = () =>
  J.number().min(HEIGHT_M.least).max(HEIGHT_M.most).required().label('height').messages({
    'number.max': '{#label} is in metres, 0.90 to 2.40: did you type centimetres?',
    'number.min': '{#label} is in metres, 0.90 to 2.40',
  });

export const massSchema = () =>
  J.number().min(MASS_KG.least).max(MASS_KG.most).required().label('mass').messages({
    'number.max': '{#label} is in kilograms, 20 to 350',
    'number.min': '{#label} is in kilograms, 20 to 350',
  });

const clearance = J.object({
  question: oneOf(idsOf(REFER_QUESTIONS)).required(),
  reportedIn: id(),
  recordedIn: id(),
  by: J.string().trim().min(2).max(120).required().label('who cleared it'),
  on: day().required(),
  scope: J.string().trim().min(2).max(300).required().label('for what'),
  without: J.object({
    not: J.array()
      .items(oneOf(idsOf(NOT_YET)))
      .unique()
      .min(1)
      .required()
      .label('not yet'),
    region: oneOf(REGIONS),
    side: maybeSide(),
  }).with('side', 'region'),
});

const consent = J.object({
  on: day().required(),
  wording: J.string().max(40).required(),
  guardian: J.string().trim().min(2).max(120).allow(null).required().label('guardian'),
});

const homePractice = J.object({
  kit: J.array()
    .items(oneOf(idsOf(KIT)))
    .unique()
    .required(),
  minutes: J.number().integer().min(1).max(120).allow(null).required().label('minutes a day'),
  days: J.array().items(oneOf(WEEKDAYS)).unique().required(),
});

/** An address that can be written to; of no particular part of the world. */
export const emailSchema = () => J.string().max(200).email({ tlds: false });

const contact = J.object({
  email: emailSchema()
    .required()
    .label('e-mail')
    .messages({ 'string.email': '{#label} is not an address that can be written to' }),
  reminders: J.boolean().required(),
});

const meanAndSd = (what: string) =>
  J.array()
    .ordered(
      J.number().min(-60).max(300).required().label(`mean of ${what}`),
      J.number().greater(0).max(100).required().label(`spread of ${what}`),
    )
    .required();

/** The two means of a norm may not be the same: nothing could be told from them. */
const norm = J.object({
  usual: meanAndSd('usual'),
  restricted: meanAndSd('restricted'),
  sem: J.number().greater(0).max(60).required().label('measuring error'),
}).custom((input: NormEdit, helpers) =>
  input.usual[0] === input.restricted[0]
    ? helpers.message({ custom: 'usual and restricted must differ' })
    : input,
);

/** Norms by check, for checks that have one. */
export const normsSchema = J.object(Object.fromEntries(RANGE_CHECKS.map(({ id }) => [id, norm])));

interface MeasuredClient {
  readonly heightM: number;
  readonly massKg: number;
  readonly segments: Segments;
}

/** Lengths that cannot belong to this height, told at the field they were typed in. */
function plausible(input: MeasuredClient, helpers: CustomHelpers) {
  const [problem] = bodyProblems(input.heightM, input.massKg, input.segments);
  if (!problem) return input;
  const { state } = helpers;
  const at = state.localize!([...(state.path ?? []), ...problem.field.split('.')]);
  return helpers.error('body.implausible', { words: problem.message }, at);
}

interface OlderClient {
  readonly setup?: object | null;
  readonly setups: Readonly<Record<string, object>>;
}

/** A change that an older app kept on its device has one set-up, the squat's: it is not lost. */
function withSetups({ setup, ...client }: OlderClient) {
  return setup && !client.setups.squat
    ? { ...client, setups: { ...client.setups, squat: setup } }
    : client;
}

/** A client, as the API takes it and the form checks it. */
export const clientSchema = J.object({
  id: id(),
  name: J.string().trim().min(1).max(120).required().label('name'),
  about: J.string().trim().max(200).allow('').required().label('about'),
  heightM: heightSchema(),
  massKg: massSchema(),
  segments: J.object({
    footM: limb('foot', 0.45),
    shankM: limb('shin', 0.75),
    thighM: limb('thigh', 0.75),
    trunkM: segment('trunk', 0.9),
    upperArmM: limb('upper arm', 0.6),
    forearmM: limb('forearm', 0.5),
  }).required(),
  flags: J.array()
    .items(oneOf(idsOf(FLAGS)))
    .unique()
    .max(20)
    .required(),
  history: J.array()
    .items(historySchema(J.string().trim().max(80).label('habit')))
    .max(60)
    .required(),
  given: J.array().items(givenSchema).max(12).required(),
  consent: consent.allow(null).required(),
  clearances: J.array().items(clearance).max(100).required(),
  setup: setupSchema.allow(null),
  setups: J.object(Object.fromEntries(PATTERNS.map((pattern) => [pattern, setupSchema]))).default(
    {},
  ),
  // An app from before these were there wrote clients without them: what it kept is not refused.
  goal: J.string().trim().max(300).allow('').default('').label('goal'),
  approach: oneOf(idsOf(APPROACHES)).default(DEFAULT_APPROACH),
  footwear: oneOf([...SHOES, null]).default(null),
  home: homePractice.default(NO_HOME),
  contact: contact.allow(null).default(null),
  norms: normsSchema.default({}),
})
  .custom(plausible)
  .custom(withSetups as never)
  .messages({ 'body.implausible': '{#words}' });
