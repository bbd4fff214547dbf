import { setImmediate as turn } from 'node:timers/promises';
import Joi from 'joi';

/**
 * The same, with every Joi schema in it as JSON Schema. Some take a tenth of a second, and all together half of one:
 * whoever else asks the server something goes in between.
 */
export async function withSchemas<T>(part: T): Promise<T> {
  if (Joi.isSchema(part)) {
    await turn();
    // Nobody asks for it as a server starts.
    const { jsonSchemaOf } = await import('./jsonSchemaOf');
    return jsonSchemaOf(part) as T;
  }
  if (typeof part !== 'object' || part === null || Array.isArray(part)) return part;
  const whole: Record<string, unknown> = {};
  for (const [name, value] of Object.entries(part)) whole[name] = await withSchemas(value);
  return whole as T;
}
