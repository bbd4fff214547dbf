import type Joi from 'joi';
import joiToJson from 'joi-to-json';

export const schemaOf = (schema: Joi.Schema): object => {
  const { $schema: _, ...rest } = joiToJson(schema, 'json-draft-2019-09') as Record<
    string,
    unknown
  >;
  return rest;
};

export const ERROR = {
  type: 'object',
  required: ['code', 'message'],
  properties: {
    code: { type: 'string' },
    message: { type: 'string' },
    path: { type: 'string' },
    hint: { type: 'string' },
  },
};

export const json = (schema: object) => ({ 'application/json': { schema } });
export const answer = (description: string, schema: object = { type: 'object' }) => ({
  description,
  content: json(schema),
});
export const refused = (description: string) =>
  answer(description, { $ref: '#/components/schemas/Error' });
export const idParameter = {
  name: 'id',
  in: 'path',
  required: true,
  schema: { type: 'string', format: 'uuid' },
};

export const clientPath = (operation: object, method = 'get') => ({
  parameters: [idParameter],
  [method]: operation,
});
export const file = (type: string, what: string) => ({
  description: what,
  content: { [type]: {} },
});
export const goneLink = refused('The link ran out, was closed, or opens nothing');
