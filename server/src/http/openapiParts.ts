import type Joi from 'joi';

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

/** Of a Joi schema, what it says stands there once the document is asked for. */
export const json = (schema: object | Joi.Schema) => ({ 'application/json': { schema } });
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
