import { createHash } from 'node:crypto';
import { homeEntrySchema, RECORD_KINDS, RECORD_SCHEMAS, settingsSchema } from '../../src';

/** As much of what Joi says of a schema as tells fields apart. */
interface Described {
  readonly type: string;
  readonly flags?: { readonly presence?: string };
  readonly allow?: readonly unknown[];
  readonly keys?: Readonly<Record<string, Described>>;
  readonly patterns?: readonly { readonly rule?: Described }[];
  readonly items?: readonly Described[];
  readonly ordered?: readonly Described[];
  readonly matches?: readonly Match[];
}

interface Match {
  readonly schema?: Described;
  readonly then?: Described;
  readonly otherwise?: Described;
  readonly switch?: readonly Match[];
}

const branches = (match: Match): readonly Described[] => [
  ...[match.schema, match.then, match.otherwise].filter((one) => one !== undefined),
  ...(match.switch ?? []).flatMap(branches),
];

/**
 * The fields at every depth, what kind of value each has and whether it may be missing or null. Which ids of a
 * table it takes, how long it may be: none of that makes an older record unreadable.
 */
function shapeOf({ type, flags, allow, ...inner }: Described): unknown {
  const fields = Object.entries(inner.keys ?? {}).map(([key, one]) => [key, shapeOf(one)]);
  const within = [
    ...(inner.patterns ?? []).flatMap(({ rule }) => (rule ? [rule] : [])),
    ...(inner.items ?? []),
    ...(inner.ordered ?? []),
    ...(inner.matches ?? []).flatMap(branches),
  ];
  const sorted = fields.sort(([a], [b]) => String(a).localeCompare(String(b)));
  return [type, flags?.presence, allow?.includes(null), sorted, within.map(shapeOf)];
}

const hashOf = (value: unknown): string =>
  createHash('sha256').update(JSON.stringify(value)).digest('hex').slice(0, 8);

const SCHEMAS = [
  ...RECORD_KINDS.map((kind) => [kind, RECORD_SCHEMAS[kind]] as const),
  ['homeEntries', homeEntrySchema] as const,
  ['settings', settingsSchema] as const,
];

/** A hash of the shape of everything that is kept, by what it is. */
export const shapesOfAll = (): Readonly<Record<string, string>> =>
  Object.fromEntries(
    SCHEMAS.map(([name, schema]) => [name, hashOf(shapeOf(schema.describe() as Described))]),
  );
