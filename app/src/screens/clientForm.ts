import {
  bodyProblems,
  J,
  type ClientRecord,
  type FlagId,
  type GivenCause,
  type HistoryItem,
  type Taped,
} from '@taxikine/core';
import type { CustomHelpers } from 'joi';
import type { TextOf } from '../words/useText';

/** Version of the consent wording in the catalogue; recorded with each consent. */
export const CONSENT_WORDING = '2026-1';

/** What is typed, as it is typed. */
export interface ClientForm {
  name: string;
  about: string;
  height: string;
  mass: string;
  thigh: string;
  shank: string;
  consent: string;
  guardian: string;
  flags: FlagId[];
  history: HistoryItem[];
  given: GivenCause[];
}

const words = (value: number | undefined): string => (value === undefined ? '' : String(value));

/** A length of which the sides differ is not shown as one; it is kept as it is. */
const oneLength = (taped: Taped | undefined): string =>
  typeof taped === 'object' ? '' : words(taped);

/** The form of a known client, or an empty one. */
export const formOf = (known: ClientRecord | null): ClientForm => ({
  name: known?.name ?? '',
  about: known?.about ?? '',
  height: words(known?.heightM),
  mass: words(known?.massKg),
  thigh: oneLength(known?.segments.thighM),
  shank: oneLength(known?.segments.shankM),
  consent: known?.consent?.on ?? '',
  guardian: known?.consent?.guardian ?? '',
  flags: known?.flags ?? [],
  history: known?.history ?? [],
  given: known?.given ?? [],
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

const LONGEST_M = 0.75;

/** A length that cannot belong to the height typed above it is told where it was typed. */
const believed =
  (field: 'thighM' | 'shankM') =>
  (text: string, helpers: CustomHelpers): unknown => {
    const [form] = helpers.state.ancestors as ClientForm[];
    const [heightM, lengthM] = [numberOf(form.height), numberOf(text)];
    // Not a length in metres at all: that is said already.
    if (!(heightM > 0 && lengthM < LONGEST_M)) return text;
    // Any mass that fits the height: the form asks about mass elsewhere.
    const [problem] = bodyProblems(heightM, 22 * heightM ** 2, { [field]: lengthM });
    return problem ? helpers.message({ custom: problem.message }) : text;
  };

/** What the form checks; the record itself is checked again by the server. */
export function clientFormSchema(t: TextOf) {
  const number = t('client.number');
  const length = (field: 'thighM' | 'shankM') =>
    numeric(0.05, LONGEST_M, { number, range: t('client.lengthRange') })
      .custom(believed(field))
      .allow('');
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
    thigh: length('thighM'),
    shank: length('shankM'),
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
  });
}

/** The record that a checked form stands for; what the form does not show is kept. */
export function recordOf(form: ClientForm, known: ClientRecord | null): ClientRecord {
  const segments = { ...known?.segments };
  for (const [key, text] of [
    ['thighM', form.thigh],
    ['shankM', form.shank],
  ] as const) {
    if (text.trim() === '' && typeof segments[key] === 'object') continue;
    if (text.trim() === '') delete segments[key];
    else segments[key] = numberOf(text);
  }
  const guardian = form.guardian.trim() || null;
  return {
    id: known?.id ?? crypto.randomUUID(),
    name: form.name.trim(),
    about: form.about.trim(),
    heightM: numberOf(form.height),
    massKg: numberOf(form.mass),
    segments,
    flags: form.flags,
    history: form.history,
    given: form.given,
    consent: form.consent
      ? { on: form.consent, wording: known?.consent?.wording ?? CONSENT_WORDING, guardian }
      : null,
    clearances: known?.clearances ?? [],
    setup: known?.setup ?? null,
  };
}
