import { J, parse } from '@taxikine/core';
import type Joi from 'joi';
import { AppError } from '../ground/errors';

/** Nobody reads more of them at once. */
const MOST_TOLD = 20;

/** Reads a request's input by a schema, or answers 422 with the field that is wrong. */
export function input<T>(schema: Joi.Schema, value: unknown, prefix = ''): T {
  const read = parse<T>(schema, value ?? {});
  if (read.status === 'ok') return read.value;
  const [first] = read.problems;
  const problems = read.problems.slice(0, MOST_TOLD).map(({ path, message }) => ({
    path: [prefix, path].filter(Boolean).join('.'),
    message,
  }));
  throw new AppError(422, {
    code: 'invalid',
    message: first.message,
    path: problems[0].path,
    hint: 'Nothing was written.',
    problems,
  });
}

export const idParam = J.object({ id: J.string().guid({ version: 'uuidv4' }).required() });
