import type { MigrationInterface, QueryRunner } from 'typeorm';

/** What names a row within its practice, in every table that was keyed as if there were no practices. */
const NAMES: Readonly<Record<string, string>> = {
  applied_write: 'write_id',
  archive: 'id',
  archive_part: 'archive_id, place',
  check_result: 'id',
  client: 'id',
  client_link: 'id',
  client_retention: 'id',
  client_summary: 'client_id',
  coach: 'id',
  coach_link: 'token_hash',
  drill_log: 'id',
  erasure: 'id',
  home_entry: 'id',
  home_plan: 'id',
  image: 'id',
  look: 'id',
  message: 'id',
  own_drill: 'id',
  paper: 'id',
  picture: 'id',
  probe: 'id',
  room: 'id',
  session: 'token_hash',
  stale_line: 'client_id',
  visit: 'id',
};

/** What was unique beside the primary key, and is that key now. */
const WERE_UNIQUE = [
  'check_result',
  'client',
  'client_link',
  'drill_log',
  'home_entry',
  'home_plan',
  'image',
  'look',
  'own_drill',
  'picture',
  'probe',
  'room',
  'visit',
];

/** Once in a practice; once in the house, where that has to be, is for the directory to say. */
const ONCE: readonly (readonly [table: string, column: string])[] = [
  ['client_link', 'message_id'],
  ['client_link', 'token_hash'],
  ['coach', 'email'],
  ['passkey', 'credential_id'],
];

/** Rows that pointed at another one by its id alone. */
const POINTED_ALONE = [
  'archive_part.archive_id',
  'client_link.made_by',
  'coach_link.coach_id',
  'deed.done_by',
  'erasure.erased_by',
  'kept_client.client_id',
  'kept_client.coach_id',
  'passkey.coach_id',
  'second_factor.coach_id',
  'session.coach_id',
];

/** Indexes that are the beginning of a key now. */
const WITHIN_A_KEY = ['own_drill', 'room', 'stale_line'];

interface Pointer {
  readonly table: string;
  readonly name: string;
  readonly definition: string;
}

const POINTERS = `
SELECT conrelid::regclass::text AS table, conname AS name, pg_get_constraintdef(oid) AS definition
FROM pg_constraint WHERE contype = 'f' AND connamespace = 'public'::regnamespace ORDER BY 1, 2`;

const byPractice = ({ definition, ...pointer }: Pointer): Pointer => ({
  ...pointer,
  definition: definition.replace(
    /^FOREIGN KEY \((?!practice_id\b)(\w+)\) REFERENCES (\w+)\(id\)/,
    'FOREIGN KEY (practice_id, $1) REFERENCES $2(practice_id, id)',
  ),
});

const alone = ({ table, name, definition }: Pointer): Pointer => {
  const [, column] = /^FOREIGN KEY \(practice_id, (\w+)\) REFERENCES/.exec(definition) ?? [];
  const wasAlone = POINTED_ALONE.includes(`${table}.${column}`);
  const id = definition.replace(
    /^FOREIGN KEY \(practice_id, (\w+)\) REFERENCES (\w+)\(practice_id, id\)/,
    'FOREIGN KEY ($1) REFERENCES $2(id)',
  );
  return { table, name, definition: wasAlone ? id : definition };
};

/** Lets go of everything that points, does the work on what it points at, and points anew. */
async function whileNothingPoints(
  runner: QueryRunner,
  anew: (pointer: Pointer) => Pointer,
  work: () => Promise<void>,
): Promise<void> {
  const pointers = (await runner.query(POINTERS)) as Pointer[];
  for (const { table, name } of pointers)
    await runner.query(`ALTER TABLE ${table} DROP CONSTRAINT ${name}`);
  await work();
  for (const { table, name, definition } of pointers.map(anew))
    await runner.query(`ALTER TABLE ${table} ADD CONSTRAINT ${name} ${definition}`);
}

const primary = (table: string, columns: string): string => `
ALTER TABLE ${table} DROP CONSTRAINT ${table}_pkey;
ALTER TABLE ${table} ADD PRIMARY KEY (${columns});`;

/** The write of a line, marked once a client of a practice. */
const mark = (key: string): string => `
CREATE OR REPLACE FUNCTION mark_line() RETURNS trigger LANGUAGE plpgsql SET search_path = public AS $$
DECLARE
  client uuid := CASE WHEN TG_ARGV[0] = 'clients'
    THEN to_jsonb(NEW) ->> 'id' ELSE to_jsonb(NEW) ->> 'client_id' END;
BEGIN
  -- Marked already or not, the mark is held until the write is there to be read.
  INSERT INTO stale_line (client_id, practice_id) VALUES (client, NEW.practice_id)
    ON CONFLICT (${key}) DO UPDATE SET practice_id = EXCLUDED.practice_id;
  RETURN NULL;
END $$;`;

async function forth(runner: QueryRunner): Promise<void> {
  for (const table of WERE_UNIQUE)
    await runner.query(`ALTER TABLE ${table} DROP CONSTRAINT ${table}_practice_id_id_key`);
  for (const [table, columns] of Object.entries(NAMES))
    await runner.query(primary(table, `practice_id, ${columns}`));
  for (const [table, column] of ONCE)
    await runner.query(`ALTER TABLE ${table} DROP CONSTRAINT ${table}_${column}_key,
      ADD UNIQUE (practice_id, ${column})`);
  for (const table of WITHIN_A_KEY) await runner.query(`DROP INDEX ${table}_practice_id_idx`);
  await runner.query(mark('practice_id, client_id'));
}

async function back(runner: QueryRunner): Promise<void> {
  for (const [table, columns] of Object.entries(NAMES)) await runner.query(primary(table, columns));
  for (const table of WERE_UNIQUE)
    await runner.query(`ALTER TABLE ${table} ADD UNIQUE (practice_id, id)`);
  for (const [table, column] of ONCE)
    await runner.query(`ALTER TABLE ${table} DROP CONSTRAINT ${table}_practice_id_${column}_key,
      ADD UNIQUE (${column})`);
  for (const table of WITHIN_A_KEY) await runner.query(`CREATE INDEX ON ${table} (practice_id)`);
  await runner.query(mark('client_id'));
}

/**
 * Every key of a practice's table begins with the practice: its rows can lie on a machine with the practice's others,
 * and no key asks what another machine has. Back, it fails where two practices have come to use the same id.
 */
export class KeysByPractice1766700000000 implements MigrationInterface {
  name = 'KeysByPractice1766700000000';

  up(runner: QueryRunner): Promise<void> {
    return whileNothingPoints(runner, byPractice, () => forth(runner));
  }

  down(runner: QueryRunner): Promise<void> {
    return whileNothingPoints(runner, alone, () => back(runner));
  }
}
