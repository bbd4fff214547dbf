import Joi from 'joi';
import { isCalendarDay } from '../../foundation/time/calendarDay';

/** Joi as the whole product uses it: no guessing of types, every problem told, unknown refused. */
export const J: Joi.Root = Joi.defaults((schema) =>
  schema.options({ convert: false, abortEarly: false, errors: { wrap: { label: false } } }),
);

export const id = () => J.string().guid({ version: 'uuidv4' }).required();
/** A moment that somebody can have meant: what is outside, no calendar here keeps. */
export const instant = () =>
  J.string()
    .isoDate()
    .max(30)
    .pattern(/^(19|20|21)\d{2}-/, 'a moment between 1900 and 2199')
    .custom((text: string, helpers) =>
      isCalendarDay(text.slice(0, 10))
        ? text
        : helpers.message({ custom: `${text.slice(0, 10)} is no day` }),
    );
/** A day of the calendar: the thirtieth of February is none. */
export const day = () =>
  J.string()
    .pattern(/^\d{4}-\d{2}-\d{2}$/, 'a day as yyyy-mm-dd')
    .custom((text: string, helpers) =>
      isCalendarDay(text) ? text : helpers.message({ custom: `${text} is no day` }),
    );
declare const values: unique symbol;

/** One of these and nothing else. What they are is known to the compiler alone. */
export interface OneOf<T> extends Joi.AnySchema {
  readonly [values]: T;
}
export const oneOf = <const T>(allowed: readonly T[]): OneOf<T> =>
  J.valid(...allowed) as Joi.AnySchema as OneOf<T>;

/** What can stand for a field of type T: a schema of its kind, or the values it can have. */
type FieldOf<T> =
  | Joi.ObjectPropertiesSchema<T>
  | Joi.AlternativesSchema
  | OneOf<T>
  // Joi takes a list that nobody writes to for an object.
  | (NonNullable<T> extends readonly unknown[] ? Joi.ArraySchema : never);

/**
 * An object with the fields of T. One that is in the type and not here, or here and not in the type, or of
 * another kind does not compile.
 */
export const objectOf = <T>(fields: { readonly [K in keyof T]-?: FieldOf<T[K]> }) =>
  J.object<T>(fields as Joi.PartialSchemaMap<T>);
export const side = () => oneOf(['left', 'right']);
export const maybeSide = () => oneOf(['left', 'right', null]);
