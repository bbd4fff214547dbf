import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Tables of records by the kind that the API calls them. */
const KINDS = [
  ['client', 'clients'],
  ['visit', 'visits'],
  ['look', 'looks'],
  ['probe', 'probes'],
  ['check_result', 'checks'],
  ['drill_log', 'drills'],
  ['picture', 'pictures'],
  ['image', 'images'],
  ['home_plan', 'homePlans'],
  ['message', 'messages'],
  ['home_entry', 'homeEntries'],
  ['own_drill', 'ownDrills'],
  ['room', 'rooms'],
] as const;

/** What a client's line in the list is worked out from, as `SUMMARY_READS` in core has it. */
const IN_LINE = ['client', 'visit', 'look', 'drill_log', 'home_plan', 'home_entry'];

const marks = `
CREATE TABLE stale_line (
  client_id uuid PRIMARY KEY,
  practice_id uuid NOT NULL REFERENCES practice (id));
CREATE INDEX ON stale_line (practice_id);
ALTER TABLE stale_line ENABLE ROW LEVEL SECURITY;
ALTER TABLE stale_line FORCE ROW LEVEL SECURITY;
CREATE POLICY own_practice ON stale_line
  USING (practice_id = nullif(current_setting('app.practice_id', true), '')::uuid)
  WITH CHECK (practice_id = nullif(current_setting('app.practice_id', true), '')::uuid);
GRANT SELECT, INSERT, UPDATE, DELETE ON stale_line TO taxikine_app;`;

/**
 * A change names the practice, the client (none where the record is the practice's own), the kind, the id and
 * the version (none when it is gone), and nothing that says anything about anybody.
 */
const functions = `
CREATE FUNCTION tell_change() RETURNS trigger LANGUAGE plpgsql SET search_path = public AS $$
DECLARE
  kept jsonb := to_jsonb(coalesce(NEW, OLD));
  client jsonb := CASE WHEN TG_ARGV[0] = 'clients' THEN kept -> 'id' ELSE kept -> 'client_id' END;
  version jsonb := CASE WHEN TG_OP = 'DELETE' THEN 'null' ELSE kept -> 'version' END;
BEGIN
  PERFORM pg_notify('changes', json_build_object('practice', kept -> 'practice_id',
    'client', client, 'kind', TG_ARGV[0], 'id', kept -> 'id', 'version', version)::text);
  RETURN NULL;
END $$;
CREATE FUNCTION mark_line() RETURNS trigger LANGUAGE plpgsql SET search_path = public AS $$
DECLARE
  client uuid := CASE WHEN TG_ARGV[0] = 'clients'
    THEN to_jsonb(NEW) ->> 'id' ELSE to_jsonb(NEW) ->> 'client_id' END;
BEGIN
  -- Marked already or not, the mark is held until the write is there to be read.
  INSERT INTO stale_line (client_id, practice_id) VALUES (client, NEW.practice_id)
    ON CONFLICT (client_id) DO UPDATE SET practice_id = EXCLUDED.practice_id;
  RETURN NULL;
END $$;`;

/** Of all that goes, only a client is told: the rest goes with it. */
const triggersOf = ([table, kind]: (typeof KINDS)[number]): string =>
  [
    `CREATE TRIGGER tell_change AFTER INSERT OR UPDATE ${table === 'client' ? 'OR DELETE' : ''} ON ${table}
  FOR EACH ROW EXECUTE FUNCTION tell_change('${kind}');`,
    ...(IN_LINE.includes(table)
      ? [
          `CREATE TRIGGER mark_line AFTER INSERT OR UPDATE ON ${table}
  FOR EACH ROW EXECUTE FUNCTION mark_line('${kind}');`,
        ]
      : []),
  ].join('\n');

/** Every write is told to whoever listens, and marks the client's line in the list as out of date. */
export class ChangesTold1765200000000 implements MigrationInterface {
  name = 'ChangesTold1765200000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(marks);
    await runner.query(functions);
    for (const row of KINDS) await runner.query(triggersOf(row));
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const [table] of KINDS)
      await runner.query(`
DROP TRIGGER tell_change ON ${table};
DROP TRIGGER IF EXISTS mark_line ON ${table};`);
    await runner.query(`
DROP FUNCTION tell_change();
DROP FUNCTION mark_line();
DROP TABLE stale_line;`);
  }
}
