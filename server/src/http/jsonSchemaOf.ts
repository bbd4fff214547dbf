import type Joi from 'joi';
import joiToJson from 'joi-to-json';

export function jsonSchemaOf(schema: Joi.Schema): object {
  const { $schema: _, ...rest } = joiToJson(schema, 'json-draft-2019-09') as Record<
    string,
    unknown
  >;
  return rest;
}
