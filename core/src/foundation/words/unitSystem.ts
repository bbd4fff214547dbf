/** How lengths, masses and moments are said. What is kept and worked with is metric, whatever is said. */
export const UNIT_SYSTEMS = ['metric', 'imperial'] as const;
export type UnitSystem = (typeof UNIT_SYSTEMS)[number];

interface Said {
  readonly sign: string;
  /** So much of it is one of the metric unit. */
  readonly per: number;
  /** Decimals of a number below this are told; above it, whole ones. */
  readonly wholeFrom: number;
}

const INCH_MM = 25.4;
const INCHES_A_FOOT = 12;

/** Exact by definition: the inch is 25.4 mm, the pound 0.45359237 kg; pound-feet follow with g = 9.80665 m/s². */
const IMPERIAL = {
  mm: { sign: 'in', per: 1 / INCH_MM, wholeFrom: Infinity },
  cm: { sign: 'in', per: 10 / INCH_MM, wholeFrom: Infinity },
  kg: { sign: 'lb', per: 1 / 0.45359237, wholeFrom: 50 },
  Nm: { sign: 'lb·ft', per: 1 / (0.45359237 * 9.80665 * 0.3048), wholeFrom: 0 },
} as const satisfies Record<string, Said>;

type Convertible = keyof typeof IMPERIAL;

const isConvertible = (unit: string): unit is Convertible => unit in IMPERIAL;

/** A tenth; of what is smaller than that, a hundredth. */
const rounded = (value: number, wholeFrom: number): number => {
  const size = Math.abs(value);
  if (size >= wholeFrom) return Math.round(value);
  return size > 0 && size < 0.1 ? Math.round(100 * value) / 100 : Math.round(10 * value) / 10;
};

/** A height in metres as it is said: "5 ft 10 in" of 1.78. */
export function feetOf(metres: number): string {
  const inches = Math.round((1000 * metres) / INCH_MM);
  return `${Math.floor(inches / INCHES_A_FOOT)} ft ${inches % INCHES_A_FOOT} in`;
}

/** A number, or one with its error, and a unit that is said in another way elsewhere. */
const MEASURED = (gap: string): RegExp =>
  new RegExp(
    `(\\d+(?:\\.\\d+)?)(?:(\\s?±\\s?)(\\d+(?:\\.\\d+)?))?(${gap})(mm|cm|kg|Nm|m)(?![\\w·/²])`,
    'g',
  );

const OWN_TEXT = MEASURED('[ \\u00a0]');
const MARKED_TEXT = MEASURED('\\u00a0');

function convert(text: string, pattern: RegExp): string {
  return text.replace(
    pattern,
    (_, value: string, between = '', error = '', gap: string, unit: string) => {
      if (!isConvertible(unit)) return feetOf(Number(value));
      const { sign, per, wholeFrom } = IMPERIAL[unit];
      const number = (of: string) => (of ? String(rounded(Number(of) * per, wholeFrom)) : '');
      return `${number(value)}${between}${number(error)}${gap}${sign}`;
    },
  );
}

/**
 * A sentence of ours with every measure in it said in this system: "Wedge under both heels, 1 in".
 *
 * @param text not what somebody typed: their words stay theirs
 */
export const inUnits = (text: string, system: UnitSystem): string =>
  system === 'metric' ? text : convert(text, OWN_TEXT);

/** The same of a text that may have somebody's words in it: only what has a no-break space before its unit. */
export const inUnitsWhereMarked = (text: string, system: UnitSystem): string =>
  system === 'metric' ? text : convert(text, MARKED_TEXT);

/** How a number is shown, stepped and typed. */
export interface ShownUnit {
  readonly sign: string;
  /** From what is kept. */
  readonly shown: (kept: number) => number;
  /** To what is kept: to a hundredth of the metric unit, which is finer than anything that is shown. */
  readonly kept: (shown: number) => number;
  /** The step that hands are used to, nearest to one of the metric unit. */
  readonly step: (step: number) => number;
}

const HANDY = [0.1, 0.2, 0.5, 1, 2, 5, 10, 20] as const;

const nearest = (step: number): number =>
  HANDY.reduce((best, one) =>
    Math.abs(Math.log(one / step)) < Math.abs(Math.log(best / step)) ? one : best,
  );

const AS_IT_IS = (sign: string): ShownUnit => ({
  sign,
  shown: (kept) => kept,
  kept: (shown) => shown,
  step: (step) => step,
});

/** Any unit of a number that is entered: what has no other form is as it is. */
export function shownUnit(unit: string, system: UnitSystem): ShownUnit {
  if (system === 'metric' || !isConvertible(unit)) return AS_IT_IS(unit);
  const { sign, per } = IMPERIAL[unit];
  return {
    sign,
    shown: (kept) => rounded(kept * per, Infinity),
    kept: (shown) => Math.round((100 * shown) / per) / 100,
    step: (step) => nearest(step * per),
  };
}

/**
 * A height as it is typed: 5 ft 10 in, 5'10", 5 10, or 70 in.
 *
 * @returns metres to the millimetre; NaN when it is none
 */
export function metresOfFeet(text: string): number {
  const [, feet = '0', inches = '0'] =
    /^\s*(?:(\d+)\s*(?:ft|'|′|’|\s)\s*)?(?:(\d+(?:[.,]\d+)?)\s*(?:in|"|″|”)?)?\s*$/.exec(text) ??
    [];
  if (!/\d/.test(text) || (feet === '0' && inches === '0')) return Number.NaN;
  const all = Number(feet) * INCHES_A_FOOT + Number(inches.replace(',', '.'));
  return Math.round(all * INCH_MM) / 1000;
}
