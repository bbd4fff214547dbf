import type { MigrationInterface, QueryRunner } from 'typeorm';

const OF_CLIENT = `
  id uuid PRIMARY KEY,
  practice_id uuid NOT NULL REFERENCES practice (id),
  client_id uuid NOT NULL,
  FOREIGN KEY (practice_id, client_id) REFERENCES client (practice_id, id),
  UNIQUE (practice_id, id)`;

const tables = `
CREATE TABLE home_plan (${OF_CLIENT},
  version integer NOT NULL CHECK (version > 0),
  visit_id uuid NOT NULL,
  FOREIGN KEY (practice_id, visit_id, client_id) REFERENCES visit (practice_id, id, client_id),
  pattern text NOT NULL, approach text NOT NULL, starts_on text NOT NULL, weeks integer NOT NULL,
  time_zone text NOT NULL, minutes integer NOT NULL, days jsonb NOT NULL, moments jsonb NOT NULL,
  trainings jsonb NOT NULL, kit jsonb NOT NULL, flags jsonb NOT NULL, drills jsonb NOT NULL,
  wish jsonb NOT NULL, note text NOT NULL, answers jsonb NOT NULL,
  made_on timestamptz NOT NULL, ended_on timestamptz);
CREATE TABLE home_entry (${OF_CLIENT},
  plan_id uuid NOT NULL,
  FOREIGN KEY (practice_id, plan_id) REFERENCES home_plan (practice_id, id),
  said timestamptz NOT NULL, entry jsonb NOT NULL,
  received_on timestamptz NOT NULL DEFAULT now());
CREATE TABLE client_link (${OF_CLIENT},
  purpose text NOT NULL CHECK (purpose IN ('page', 'calendar')),
  token_hash bytea NOT NULL UNIQUE,
  made_by uuid NOT NULL REFERENCES coach (id), made_on timestamptz NOT NULL,
  expires_on timestamptz NOT NULL, revoked_on timestamptz);
`;

const TABLES = ['home_plan', 'home_entry', 'client_link'];

const secured = (table: string) => `
CREATE INDEX ON ${table} (practice_id, client_id);
ALTER TABLE ${table} ENABLE ROW LEVEL SECURITY;
ALTER TABLE ${table} FORCE ROW LEVEL SECURITY;
CREATE POLICY own_practice ON ${table}
  USING (practice_id = nullif(current_setting('app.practice_id', true), '')::uuid)
  WITH CHECK (practice_id = nullif(current_setting('app.practice_id', true), '')::uuid);`;

/**
 * A link is opened before the practice is known. The function runs as its owner, answers only for one
 * exact token, and tells nothing but whose it is and whether it still holds.
 */
const door = `
CREATE POLICY by_token ON client_link FOR SELECT TO CURRENT_USER
  USING (token_hash = decode(nullif(current_setting('app.token_hash', true), ''), 'hex'));
CREATE FUNCTION who_has_link(wanted bytea, wanted_for text)
RETURNS TABLE (link_id uuid, practice_id uuid, practice_name text, client_id uuid, state text)
LANGUAGE plpgsql SECURITY DEFINER SET search_path = public AS $$
BEGIN
  PERFORM set_config('app.token_hash', encode(wanted, 'hex'), true);
  RETURN QUERY SELECT l.id, l.practice_id, p.name, l.client_id,
    CASE WHEN l.revoked_on IS NOT NULL THEN 'revoked'
         WHEN l.expires_on <= now() THEN 'expired' ELSE 'open' END
    FROM client_link l JOIN practice p ON p.id = l.practice_id WHERE l.token_hash = wanted AND l.purpose = wanted_for;
  PERFORM set_config('app.token_hash', '', true);
END $$;
REVOKE ALL ON FUNCTION who_has_link(bytea, text) FROM PUBLIC;
GRANT EXECUTE ON FUNCTION who_has_link(bytea, text) TO taxikine_app;
GRANT SELECT, INSERT, UPDATE ON home_plan, client_link TO taxikine_app;
GRANT SELECT, INSERT ON home_entry TO taxikine_app;`;

/** Plans for home, what clients say from there, and the links through which they do. */
export class WeeksAtHome1764800000000 implements MigrationInterface {
  name = 'WeeksAtHome1764800000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(tables);
    for (const table of TABLES) await runner.query(secured(table));
    await runner.query(door);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP FUNCTION who_has_link(bytea, text)');
    for (const table of [...TABLES].reverse()) await runner.query(`DROP TABLE ${table}`);
  }
}
