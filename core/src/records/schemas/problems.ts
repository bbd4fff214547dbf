import type Joi from 'joi';

export interface Problem {
  /** Dotted path to the field, such as `faults.0.value`. */
  readonly path: string;
  readonly message: string;
}

export type Parsed<T> =
  | { readonly status: 'ok'; readonly value: T }
  | { readonly status: 'bad'; readonly problems: readonly Problem[] };

/** Reads unknown input by a schema; every problem with its path, nothing thrown. */
export function parse<T>(schema: Joi.Schema, input: unknown): Parsed<T> {
  const { value, error } = schema.validate(input);
  if (!error) return { status: 'ok', value: value as T };
  return {
    status: 'bad',
    problems: error.details.map(({ path, message }) => ({ path: path.join('.'), message })),
  };
}
