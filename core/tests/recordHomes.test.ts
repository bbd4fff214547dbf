import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import { J, RECORD_KINDS, RECORD_SCHEMAS, type RecordKind } from '@taxikine/core';
import { objectOf, oneOf } from '../src/records/schemas/joi';

const RECORDS = join(__dirname, '../src/records');

/** All that they hold is said by whoever makes one. */
const WITHOUT_BLANK: readonly RecordKind[] = ['images', 'homePlans', 'ownDrills', 'rooms'];

interface Field {
  readonly flags?: { readonly default?: unknown };
}

const filesOf = (kind: RecordKind, like: RegExp): string[] =>
  readdirSync(join(RECORDS, kind)).filter((name) => like.test(name));

/** The one object that a file of a blank exports. */
async function blankOf(kind: RecordKind): Promise<Record<string, unknown>> {
  const [file] = filesOf(kind, /^nothing.+\.ts$/);
  const [blank] = Object.values(await import(join(RECORDS, kind, file)));
  return blank as Record<string, unknown>;
}

const fieldsOf = (kind: RecordKind): Readonly<Record<string, Field>> =>
  RECORD_SCHEMAS[kind].describe().keys;

describe.each(RECORD_KINDS)('the home of %s', (kind) => {
  it('has one type and one schema of the same name', () => {
    const [type, ...others] = filesOf(kind, /Record\.ts$/);
    expect(others).toEqual([]);
    expect(filesOf(kind, /Schema\.ts$/)).toContain(type.replace('Record.ts', 'Schema.ts'));
  });

  it('says what one holds before anything was said', () =>
    expect(filesOf(kind, /^nothing/)).toHaveLength(WITHOUT_BLANK.includes(kind) ? 0 : 1));
});

describe.each(RECORD_KINDS.filter((kind) => !WITHOUT_BLANK.includes(kind)))(
  'a blank of %s',
  (kind) => {
    it('has fields of its schema and no others', async () =>
      expect(Object.keys(fieldsOf(kind))).toEqual(
        expect.arrayContaining(Object.keys(await blankOf(kind))),
      ));

    it('holds what the schema fills in where an older app said nothing', async () => {
      const blank = await blankOf(kind);
      const filled = Object.entries(fieldsOf(kind)).filter(
        ([key, field]) => key in blank && field.flags && 'default' in field.flags,
      );
      for (const [key, field] of filled)
        expect([key, blank[key]]).toEqual([key, field.flags!.default]);
    });
  },
);

interface Carried {
  readonly kg: number;
  readonly side: 'left' | 'right';
}

it('a type and its schema have the same fields of the same kinds, or do not compile', () => {
  const [kg, side] = [J.number(), oneOf(['left', 'right'])];
  expect(objectOf<Carried>({ kg, side }).validate({ kg: 4, side: 'left' }).error).toBeUndefined();
  // @ts-expect-error a field of the type that the schema lacks
  objectOf<Carried>({ side });
  // @ts-expect-error a field of the schema that the type lacks
  objectOf<Carried>({ kg, side, colour: J.string() });
  // @ts-expect-error text where the type has a number
  objectOf<Carried>({ kg: J.string(), side });
  // @ts-expect-error a value that the type does not have
  objectOf<Carried>({ kg, side: oneOf(['left', 'right', 'middle']) });
});
