import type { Setup } from '../../body/stance/setup';
import type { Clearance, Consent, Contact, HomePractice } from './clientRecord';
import type { ClientRecord } from './clientRecord';
import { J, oneOf, id, day, maybeSide, objectOf } from '../schemas/joi';
import { idsOf } from '../schemas/idsOf';
import { REFER_QUESTIONS } from '../../knowledge/refer';
import { NOT_YET } from '../../knowledge/notYet';
import { REGIONS } from '../../knowledge/regions';
import { KIT } from '../../knowledge/kit';
import { WEEKDAYS } from '../../foundation/time/weekdays';
import { emailSchema } from '../schemas/emailSchema';
import type { Segments } from '../../body/segments/body';
import type { CustomHelpers } from 'joi';
import { bodyProblems } from '../../body/segments/bodyProblems';
import { heightSchema, massSchema, segmentsSchema } from './bodySchemas';
import { FLAGS } from '../../knowledge/flags';
import { historySchema, givenSchema } from '../case/toldSchemas';
import { setupSchema } from '../case/setupSchema';
import { PATTERNS } from '../../body/stance/patterns';
import { APPROACHES, DEFAULT_APPROACH } from '../../knowledge/approaches';
import { SHOES } from '../../body/stance/setup';
import { NO_HOME } from './clientRecord';
import { normsSchema } from './normsSchema';

const clearance = objectOf<Clearance>({
  question: oneOf(idsOf(REFER_QUESTIONS)).required(),
  reportedIn: id(),
  recordedIn: id(),
  by: J.string().trim().min(2).max(120).required().label('who cleared it'),
  on: day().required(),
  scope: J.string().trim().min(2).max(300).required().label('for what'),
  without: objectOf<NonNullable<Clearance['without']>>({
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

const consent = objectOf<Consent>({
  on: day().required(),
  wording: J.string().max(40).required(),
  guardian: J.string().trim().min(2).max(120).allow(null).required().label('guardian'),
});

const homePractice = objectOf<HomePractice>({
  kit: J.array()
    .items(oneOf(idsOf(KIT)))
    .unique()
    .required(),
  minutes: J.number().integer().min(1).max(120).allow(null).required().label('minutes a day'),
  days: J.array().items(oneOf(WEEKDAYS)).unique().required(),
});

const contact = objectOf<Contact>({
  email: emailSchema()
    .required()
    .label('e-mail')
    .messages({ 'string.email': '{#label} is not an address that can be written to' }),
  reminders: J.boolean().required(),
});

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

/** Where an older app kept the only set-up there was. */
interface OlderSetup {
  readonly setup?: Setup | null;
}

interface OlderClient extends OlderSetup {
  readonly setups: Readonly<Record<string, object>>;
}

/** A change that an older app kept on its device has one set-up, the squat's: it is not lost. */
function withSetups({ setup, ...client }: OlderClient) {
  return setup && !client.setups.squat
    ? { ...client, setups: { ...client.setups, squat: setup } }
    : client;
}

/** A client, as the API takes it and the form checks it. */
export const clientSchema = objectOf<ClientRecord & OlderSetup>({
  id: id(),
  name: J.string().trim().min(1).max(120).required().label('name'),
  about: J.string().trim().max(200).allow('').required().label('about'),
  heightM: heightSchema(),
  massKg: massSchema(),
  segments: segmentsSchema.required(),
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
