import type { Segments, Taped } from '@taxikine/core/body/body';
import { bodyProblems } from '@taxikine/core/body/bodyProblems';
import { emailSchema } from '@taxikine/core/contract/clientSchema';
import { J } from '@taxikine/core/contract/joi';
import { DEFAULT_APPROACH, type ApproachId } from '@taxikine/core/knowledge/approaches';
import type { FlagId } from '@taxikine/core/knowledge/flags';
import type { Side } from '@taxikine/core/sides/side';
import type { GivenCause, HistoryItem } from '@taxikine/core/trace/caseFile';
import { NO_HOME, type ClientRecord, type HomePractice } from '@taxikine/core/visit/records';
import type { CustomHelpers } from 'joi';
import type { TextOf } from '../words/useText';

/** Version of the consent wording in the catalogue; recorded with each consent. */
export const CONSENT_WORDING = '2026-1';

/** Lengths of arms and legs that can be taken with a tape, in the order of the form. */
export const TAPED_LIMBS = ['thighM', 'shankM', 'footM', 'upperArmM', 'forearmM'] as const;
export type TapedLimb = (typeof TAPED_LIMBS)[number];

/** What is typed, as it is typed. */
export interface ClientForm {
  name: string;
  about: string;
  height: string;
  mass: string;
  /** Centimetres by side; one side alone stands for both. */
  tape: Record<TapedLimb, Record<Side, string>>;
  trunk: string;
  consent: string;
  guardian: string;
  flags: FlagId[];
  history: HistoryItem[];
  given: GivenCause[];
  goal: string;
  approach: ApproachId;
  footwear: ClientRecord['footwear'];
  home: HomePractice;
  /** Empty: this client is not written to. */
  email: string;
  reminders: boolean;
}

const words = (value: number | undefined): string => (value === undefined ? '' : String(value));

/** Metres as centimetres, to the millimetre. */
const cmWords = (metres: number | undefined): string =>
  metres === undefined ? '' : String(Math.round(metres * 1000) / 10);

const tapeOf = (taped: Taped | undefined): Record<Side, string> =>
  typeof taped === 'object'
    ? { left: cmWords(taped.left), right: cmWords(taped.right) }
    : { left: cmWords(taped), right: cmWords(taped) };

/** The form of a known client, or an empty one. */
export const formOf = (known: ClientRecord | null): ClientForm => ({
  name: known?.name ?? '',
  about: known?.about ?? '',
  height: words(known?.heightM),
  mass: words(known?.massKg),
  tape: Object.fromEntries(
    TAPED_LIMBS.map((limb) => [limb, tapeOf(known?.segments[limb])]),
  ) as ClientForm['tape'],
  trunk: cmWords(known?.segments.trunkM),
  consent: known?.consent?.on ?? '',
  guardian: known?.consent?.guardian ?? '',
  flags: known?.flags ?? [],
  history: known?.history ?? [],
  given: known?.given ?? [],
  goal: known?.goal ?? '',
  approach: known?.approach ?? DEFAULT_APPROACH,
  footwear: known?.footwear ?? null,
  home: known?.home ?? NO_HOME,
  email: known?.contact?.email ?? '',
  reminders: known?.contact?.reminders ?? false,
});

/** Decimal comma and point are both understood. */
const numberOf = (text: string): number => Number(text.trim().replace(',', '.'));

const numeric = (
  least: number,
  most: number,
  messages: { number: string; range: string; high?: string },
) =>
  J.string().custom((text: string, helpers) => {
    const value = numberOf(text);
    if (!Number.isFinite(value)) return helpers.message({ custom: messages.number });
    if (value > most) return helpers.message({ custom: messages.high ?? messages.range });
    return value < least ? helpers.message({ custom: messages.range }) : text;
  });

/** At least so many letters, whatever blanks stand round them: those are cut off on saving. */
const said = (letters: number) => J.string().pattern(new RegExp(`(\\S.*){${letters}}`));

/** The same words for a text that is empty and for one that says nothing. */
const always = (words: string) => ({ 'string.empty': words, 'string.pattern.base': words });

const LENGTH_CM = { least: 5, most: 90 } as const;

/** A length that cannot belong to the height typed above it is told where it was typed. */
const believed =
  (field: TapedLimb | 'trunkM') =>
  (text: string, helpers: CustomHelpers): unknown => {
    const form = helpers.state.ancestors.at(-1) as ClientForm;
    const [heightM, lengthM] = [numberOf(form.height), numberOf(text) / 100];
    // Not a length, or no height to hold it against: that is said already.
    if (!(heightM > 0 && 100 * lengthM >= LENGTH_CM.least && 100 * lengthM <= LENGTH_CM.most))
      return text;
    // Any mass that fits the height: the form asks about mass elsewhere.
    const [problem] = bodyProblems(heightM, 22 * heightM ** 2, { [field]: lengthM });
    return problem ? helpers.message({ custom: problem.message }) : text;
  };

/** An address, whatever blanks a keyboard puts round it, or nothing. */
const addressed =
  (wrong: string) =>
  (text: string, helpers: CustomHelpers): unknown => {
    const email = text.trim();
    const isFine = email === '' || !emailSchema().validate(email).error;
    return isFine ? text : helpers.message({ custom: wrong });
  };

/** What the form checks; the record itself is checked again by the server. */
export function clientFormSchema(t: TextOf) {
  const number = t('client.number');
  const length = (field: TapedLimb | 'trunkM') =>
    numeric(LENGTH_CM.least, LENGTH_CM.most, { number, range: t('client.lengthRange') })
      .custom(believed(field))
      .allow('');
  const bothSides = (limb: TapedLimb) => J.object({ left: length(limb), right: length(limb) });
  return J.object({
    name: said(1)
      .max(120)
      .required()
      .messages(always(t('client.nameNeeded'))),
    about: J.string().allow('').max(200),
    height: numeric(0.9, 2.4, {
      number,
      range: t('client.heightRange'),
      high: t('client.inMetres'),
    })
      .required()
      .messages({ 'string.empty': number }),
    mass: numeric(20, 350, { number, range: t('client.massRange') })
      .required()
      .messages({ 'string.empty': number }),
    tape: J.object(Object.fromEntries(TAPED_LIMBS.map((limb) => [limb, bothSides(limb)]))),
    trunk: length('trunkM'),
    consent: J.string().allow(''),
    guardian: J.when('flags', {
      is: J.array().has('minor'),
      then: said(2)
        .required()
        .messages(always(t('client.guardianNeeded'))),
      otherwise: J.string().allow(''),
    }),
    flags: J.array(),
    history: J.array(),
    given: J.array(),
    goal: J.string().allow('').max(300),
    approach: J.string(),
    footwear: J.string().allow(null),
    home: J.object(),
    email: J.string()
      .allow('')
      .custom(addressed(t('outbox.emailWrong'))),
    reminders: J.boolean(),
  });
}

/** What was typed of a limb; one side alone stands for both. */
function tapedOf({ left, right }: Record<Side, string>): Taped | undefined {
  const metres = (text: string): number | null =>
    text.trim() === '' ? null : numberOf(text) / 100;
  const [a, b] = [metres(left) ?? metres(right), metres(right) ?? metres(left)];
  if (a === null || b === null) return undefined;
  return a === b ? a : { left: a, right: b };
}

/** The lengths of a form; those that it does not show are kept. */
function segmentsOf(form: ClientForm, known: Segments): Segments {
  const { trunkM: _, ...kept } = known;
  const rest = Object.entries(kept).filter(([name]) => !TAPED_LIMBS.some((limb) => limb === name));
  const limbs = TAPED_LIMBS.map((limb) => [limb, tapedOf(form.tape[limb])] as const);
  const trunk = form.trunk.trim() === '' ? [] : [['trunkM', numberOf(form.trunk) / 100] as const];
  const taped = limbs.filter(([, length]) => length !== undefined);
  return Object.fromEntries([...rest, ...taped, ...trunk]);
}

/** The record that a checked form stands for; what the form does not show is kept. */
export function recordOf(form: ClientForm, known: ClientRecord | null): ClientRecord {
  const guardian = form.guardian.trim() || null;
  const email = form.email.trim();
  return {
    id: known?.id ?? crypto.randomUUID(),
    name: form.name.trim(),
    about: form.about.trim(),
    heightM: numberOf(form.height),
    massKg: numberOf(form.mass),
    segments: segmentsOf(form, known?.segments ?? {}),
    flags: form.flags,
    history: form.history,
    given: form.given,
    consent: form.consent
      ? { on: form.consent, wording: known?.consent?.wording ?? CONSENT_WORDING, guardian }
      : null,
    clearances: known?.clearances ?? [],
    setups: known?.setups ?? {},
    goal: form.goal.trim(),
    approach: form.approach,
    footwear: form.footwear,
    home: form.home,
    contact: email ? { email, reminders: form.reminders } : null,
    norms: known?.norms ?? {},
  };
}
