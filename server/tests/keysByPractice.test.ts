import { useWorld, world } from './world';

useWorld();

interface Key {
  readonly table: string;
  readonly name: string;
  readonly begins: string;
}

/** Primary, unique and foreign keys, and unique indexes, of every table with a practice, by their first column. */
const KEYS = `
WITH ours AS (
  SELECT c.oid, c.relname FROM pg_class c
  JOIN pg_attribute a ON a.attrelid = c.oid AND a.attname = 'practice_id'
  WHERE c.relnamespace = 'public'::regnamespace AND c.relkind = 'r'),
keys AS (
  SELECT conrelid AS of, conname AS name, conkey[1] AS first FROM pg_constraint
  WHERE contype IN ('p', 'u', 'f')
  UNION SELECT indrelid, indexrelid::regclass::text, indkey[0] FROM pg_index WHERE indisunique)
SELECT o.relname AS table, k.name, a.attname AS begins FROM keys k
JOIN ours o ON o.oid = k.of JOIN pg_attribute a ON a.attrelid = k.of AND a.attnum = k.first
ORDER BY 1, 2`;

const POINTED_AT = `
SELECT conrelid::regclass::text AS table, conname AS name, confrelid::regclass::text || '.' || a.attname AS begins
FROM pg_constraint JOIN pg_attribute a ON a.attrelid = confrelid AND a.attnum = confkey[1]
WHERE contype = 'f' AND connamespace = 'public'::regnamespace ORDER BY 1, 2`;

const NO_KEYS = `
SELECT relname AS name FROM pg_class c WHERE relnamespace = 'public'::regnamespace AND relkind = 'r'
AND NOT EXISTS (SELECT 1 FROM pg_constraint WHERE conrelid = c.oid AND contype = 'p') ORDER BY 1`;

/** Says which practice has what: it lies on every machine, and is the one that does. */
const DIRECTORY = 'directory';

it('every key of a practice’s table begins with the practice', async () => {
  const keys = ((await world.owner.query(KEYS)) as Key[]).filter(
    ({ table }) => table !== DIRECTORY,
  );
  expect(keys.length).toBeGreaterThan(90);
  expect(keys.filter(({ begins }) => begins !== 'practice_id')).toEqual([]);
});

it('what is pointed at is a practice, or a row of the same one', async () => {
  const pointers = (await world.owner.query(POINTED_AT)) as Key[];
  expect(pointers.length).toBeGreaterThan(40);
  const astray = pointers.filter(
    ({ begins }) => begins !== 'practice.id' && !begins.endsWith('.practice_id'),
  );
  expect(astray).toEqual([]);
});

it('every table has a primary key, so that its changes can be followed', async () => {
  expect(await world.owner.query(NO_KEYS)).toEqual([]);
});

/** What has no practice, and why. */
const OF_NONE: Readonly<Record<string, string>> = {
  failed_try: 'guesses at the door, before anybody is known',
  founding_link: 'before there is a practice',
  migrations: 'of the tables themselves',
  passkey_challenge: 'of nobody, until it is signed',
  practice: 'is one',
};

it('a table without a practice is one of the few that can have none', async () => {
  const rows = (await world.owner.query(
    `SELECT relname AS name FROM pg_class c WHERE relnamespace = 'public'::regnamespace AND relkind = 'r'
     AND NOT EXISTS (SELECT 1 FROM pg_attribute WHERE attrelid = c.oid AND attname = 'practice_id') ORDER BY 1`,
  )) as { name: string }[];
  expect(rows.map(({ name }) => name)).toEqual(Object.keys(OF_NONE));
});

it('who serves has a hand on two of them, and on nothing that would tell practices', async () => {
  const rows = (await world.source.query(
    `SELECT relname AS name FROM pg_class c WHERE relnamespace = 'public'::regnamespace AND relkind = 'r'
     AND has_table_privilege(c.oid, 'SELECT, INSERT, UPDATE, DELETE') ORDER BY 1`,
  )) as { name: string }[];
  const none = rows.map(({ name }) => name).filter((name) => name in OF_NONE || name === DIRECTORY);
  expect(none).toEqual(['failed_try', 'passkey_challenge']);
});
