import type { Segments, Taped } from '@taxikine/core/body/segments/body';
import { bodyProblems } from '@taxikine/core/body/segments/bodyProblems';
import { emailSchema } from '@taxikine/core/records/schemas/emailSchema';
import { J } from '@taxikine/core/records/schemas/joi';
import { DEFAULT_APPROACH, type ApproachId } from '@taxikine/core/knowledge/approaches';
import type { FlagId } from '@taxikine/core/knowledge/flags';
import type { Side } from '@taxikine/core/foundation/sides/side';
import type { GivenCause, HistoryItem } from '@taxikine/core/records/case/caseFile';
import {
  NO_HOME,
  type ClientRecord,
  type HomePractice,
} from '@taxikine/core/records/clients/clientRecord';
import {
  feetOf,
  inUnits,
  metresOfFeet,
  shownUnit,
  type UnitSystem,
} from '@taxikine/core/foundation/words/unitSystem';
import type { CustomHelpers } from 'joi';
import type { TextOf } from '../../words/useText';

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
  /** Version of what they agreed to; empty where they have not. */
  wording: string;
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

/** Metres as centimetres, to the millimetre; or as inches. */
function lengthWords(metres: number | undefined, units: UnitSystem): string {
  const cm = metres === undefined ? null : Math.round(metres * 1000) / 10;
  return cm === null ? '' : String(shownUnit('cm', units).shown(cm));
}

function tapeOf(taped: Taped | undefined, units: UnitSystem): Record<Side, string> {
  const { left, right } = typeof taped === 'object' ? taped : { left: taped, right: taped };
  return { left: lengthWords(left, units), right: lengthWords(right, units) };
}

const heightWords = (metres: number, units: UnitSystem): string =>
  units === 'metric' ? String(metres) : feetOf(metres);

/** The form of a known client, or an empty one, in the units of the practice. */
export const formOf = (known: ClientRecord | null, units: UnitSystem): ClientForm => ({
  name: known?.name ?? '',
  about: known?.about ?? '',
  height: known ? heightWords(known.heightM, units) : '',
  mass: known ? String(shownUnit('kg', units).shown(known.massKg)) : '',
  tape: Object.fromEntries(
    TAPED_LIMBS.map((limb) => [limb, tapeOf(known?.segments[limb], units)]),
  ) as ClientForm['tape'],
  trunk: lengthWords(known?.segments.trunkM, units),
  consent: known?.consent?.on ?? '',
  wording: known?.consent?.wording ?? '',
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

/** What is typed in the units of a practice, in those that are kept. */
const READ: Readonly<
  Record<UnitSystem, Readonly<Record<'metres' | 'cm' | 'kg', (text: string) => number>>>
> = {
  metric: { metres: numberOf, cm: numberOf, kg: numberOf },
  imperial: {
    metres: metresOfFeet,
    cm: (text) => shownUnit('cm', 'imperial').kept(numberOf(text)),
    kg: (text) => shownUnit('kg', 'imperial').kept(numberOf(text)),
  },
};

const numeric = (
  { least, most }: Limits,
  read: (text: string) => number,
  messages: { number: string; range: string; high?: string },
) =>
  J.string().custom((text: string, helpers) => {
    const value = read(text);
    if (!Number.isFinite(value)) return helpers.message({ custom: messages.number });
    if (value > most) return helpers.message({ custom: messages.high ?? messages.range });
    return value < least ? helpers.message({ custom: messages.range }) : text;
  });

/** At least so many letters, whatever blanks stand round them: those are cut off on saving. */
const said = (letters: number) => J.string().pattern(new RegExp(`(\\S.*){${letters}}`));

/** The same words for a text that is empty and for one that says nothing. */
const always = (words: string) => ({ 'string.empty': words, 'string.pattern.base': words });

interface Limits {
  readonly least: number;
  readonly most: number;
}

const HEIGHT_M: Limits = { least: 0.9, most: 2.4 };
const MASS_KG: Limits = { least: 20, most: 350 };
const LENGTH_CM: Limits = { least: 5, most: 90 };

/** A length that cannot belong to the height typed above it is told where it was typed. */
const believed =
  (field: TapedLimb | 'trunkM', units: UnitSystem) =>
  (text: string, helpers: CustomHelpers): unknown => {
    const form = helpers.state.ancestors.at(-1) as ClientForm;
    const { metres, cm } = READ[units];
    const [heightM, lengthM] = [metres(form.height), cm(text) / 100];
    // Not a length, or no height to hold it against: that is said already.
    if (!(
      heightM >= HEIGHT_M.least &&
      heightM <= HEIGHT_M.most &&
      100 * lengthM >= LENGTH_CM.least &&
      100 * lengthM <= LENGTH_CM.most
    ))
      return text;
    // Any mass that fits the height: the form asks about mass elsewhere.
    const [problem] = bodyProblems(heightM, 22 * heightM ** 2, { [field]: lengthM });
    return problem ? helpers.message({ custom: inUnits(problem.message, units) }) : text;
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
export function clientFormSchema(t: TextOf, units: UnitSystem) {
  const number = t('client.number');
  const { metres, cm, kg } = READ[units];
  const length = (field: TapedLimb | 'trunkM') =>
    numeric(LENGTH_CM, cm, { number, range: t('client.lengthRange', { ...LENGTH_CM }) })
      .custom(believed(field, units))
      .allow('');
  const bothSides = (limb: TapedLimb) => J.object({ left: length(limb), right: length(limb) });
  return J.object({
    name: said(1)
      .max(120)
      .required()
      .messages(always(t('client.nameNeeded'))),
    about: J.string().allow('').max(200),
    height: numeric(HEIGHT_M, metres, {
      number: units === 'metric' ? number : t('client.heightFeet'),
      range: t('client.heightRange'),
      high: units === 'metric' ? t('client.inMetres') : t('client.heightRange'),
    })
      .required()
      .messages({ 'string.empty': number }),
    mass: numeric(MASS_KG, kg, { number, range: t('client.massRange', { ...MASS_KG }) })
      .required()
      .messages({ 'string.empty': number }),
    tape: J.object(Object.fromEntries(TAPED_LIMBS.map((limb) => [limb, bothSides(limb)]))),
    trunk: length('trunkM'),
    consent: J.string().allow(''),
    wording: J.string().allow(''),
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
function tapedOf({ left, right }: Record<Side, string>, units: UnitSystem): Taped | undefined {
  const metres = (text: string): number | null =>
    text.trim() === '' ? null : READ[units].cm(text) / 100;
  const [a, b] = [metres(left) ?? metres(right), metres(right) ?? metres(left)];
  if (a === null || b === null) return undefined;
  return a === b ? a : { left: a, right: b };
}

/** The lengths of a form; those that it does not show are kept, and those that were not touched stay as exact as they are. */
function segmentsOf(
  form: ClientForm,
  was: ClientForm,
  known: Segments,
  units: UnitSystem,
): Segments {
  const { trunkM, ...kept } = known;
  const rest = Object.entries(kept).filter(([name]) => !TAPED_LIMBS.some((limb) => limb === name));
  const limbs = TAPED_LIMBS.map((limb) => {
    const [now, before] = [form.tape[limb], was.tape[limb]];
    const isAsItWas = now.left === before.left && now.right === before.right;
    return [limb, isAsItWas ? known[limb] : tapedOf(now, units)] as const;
  });
  const typed = form.trunk.trim() === '' ? undefined : READ[units].cm(form.trunk) / 100;
  const trunk = ['trunkM', form.trunk === was.trunk ? trunkM : typed] as const;
  const taped = [...limbs, trunk].filter(([, length]) => length !== undefined);
  return Object.fromEntries([...rest, ...taped]);
}

/** The record that a checked form stands for; what the form does not show is kept. */
export function recordOf(
  form: ClientForm,
  known: ClientRecord | null,
  units: UnitSystem,
): ClientRecord {
  const { metres, kg } = READ[units];
  const was = formOf(known, units);
  const guardian = form.guardian.trim() || null;
  const email = form.email.trim();
  return {
    id: known?.id ?? crypto.randomUUID(),
    name: form.name.trim(),
    about: form.about.trim(),
    // As exact as it was, where a rounded number was not touched.
    heightM: known && form.height === was.height ? known.heightM : metres(form.height),
    massKg: known && form.mass === was.mass ? known.massKg : kg(form.mass),
    segments: segmentsOf(form, was, known?.segments ?? {}, units),
    flags: form.flags,
    history: form.history,
    given: form.given,
    consent: form.consent ? { on: form.consent, wording: form.wording, guardian } : null,
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
