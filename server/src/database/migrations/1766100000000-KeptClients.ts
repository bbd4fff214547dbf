import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Whom a client is kept to; one who stands in no row is open to every coach of the practice. */
const kept = `
CREATE TABLE kept_client (
  practice_id uuid NOT NULL REFERENCES practice (id),
  client_id uuid NOT NULL REFERENCES client (id) ON DELETE CASCADE,
  coach_id uuid NOT NULL REFERENCES coach (id),
  PRIMARY KEY (practice_id, client_id));
CREATE INDEX ON kept_client (practice_id, coach_id);
ALTER TABLE kept_client ENABLE ROW LEVEL SECURITY;
ALTER TABLE kept_client FORCE ROW LEVEL SECURITY;
CREATE POLICY own_practice ON kept_client
  USING (practice_id = nullif(current_setting('app.practice_id', true), '')::uuid)
  WITH CHECK (practice_id = nullif(current_setting('app.practice_id', true), '')::uuid);
GRANT SELECT, INSERT, UPDATE, DELETE ON kept_client TO taxikine_app;`;

/** Everybody's app asks for the client again: for some of them there is none any more. */
const told = `
CREATE FUNCTION tell_keeping() RETURNS trigger LANGUAGE plpgsql SET search_path = public AS $$
DECLARE
  kept kept_client := coalesce(NEW, OLD);
BEGIN
  PERFORM pg_notify('changes', json_build_object('practice', kept.practice_id,
    'client', kept.client_id, 'kind', 'clients', 'id', kept.client_id, 'version', null)::text);
  RETURN NULL;
END $$;
CREATE TRIGGER tell_keeping AFTER INSERT OR UPDATE OR DELETE ON kept_client
  FOR EACH ROW EXECUTE FUNCTION tell_keeping();`;

/** Where a client's id stands, in every table that has anything about a client. */
const ID_OF_CLIENT: Readonly<Record<string, string>> = {
  client: 'id',
  archive: 'client_id',
  check_result: 'client_id',
  client_link: 'client_id',
  client_retention: 'client_id',
  client_summary: 'client_id',
  drill_log: 'client_id',
  erasure: 'client_id',
  home_entry: 'client_id',
  home_plan: 'client_id',
  image: 'client_id',
  look: 'client_id',
  message: 'client_id',
  paper: 'client_id',
  picture: 'client_id',
  probe: 'client_id',
  stale_line: 'client_id',
  visit: 'client_id',
};

/**
 * A coach sees nothing of a client who is kept to another. Work that is nobody's (a worker's, an owner's) sees as
 * nobody, and so all; the clients that are hidden are looked up once a query.
 */
const hiddenOf = ([table, id]: [string, string]): string => `
CREATE POLICY open_to_coach ON ${table} AS RESTRICTIVE
  USING (${id} IS NULL OR ${id} <> ALL (ARRAY(
    SELECT k.client_id FROM kept_client k
    WHERE k.coach_id <> nullif(current_setting('app.sees_as', true), '')::uuid)));`;

/** Clients who are kept to one coach, and to the owners of the practice. */
export class KeptClients1766100000000 implements MigrationInterface {
  name = 'KeptClients1766100000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(kept);
    await runner.query(told);
    for (const row of Object.entries(ID_OF_CLIENT)) await runner.query(hiddenOf(row));
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const table of Object.keys(ID_OF_CLIENT))
      await runner.query(`DROP POLICY open_to_coach ON ${table}`);
    await runner.query('DROP TABLE kept_client; DROP FUNCTION tell_keeping()');
  }
}
