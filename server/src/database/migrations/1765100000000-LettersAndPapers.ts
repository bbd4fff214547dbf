import type { MigrationInterface, QueryRunner } from 'typeorm';

const TABLES = ['message', 'paper', 'client_retention', 'practice_retention'];

const OF_CLIENT = `
  practice_id uuid NOT NULL REFERENCES practice (id),
  client_id uuid NOT NULL,
  FOREIGN KEY (practice_id, client_id) REFERENCES client (practice_id, id)`;

const tables = `
ALTER TABLE client ADD COLUMN contact jsonb;
CREATE TABLE message (
  id uuid PRIMARY KEY, version integer NOT NULL, ${OF_CLIENT},
  kind text NOT NULL CHECK (kind IN ('plan-ready', 'review-due')),
  plan_id uuid, due_on text,
  asked_on timestamptz NOT NULL, asked_by uuid, delivery jsonb);
CREATE INDEX ON message (practice_id, client_id);
CREATE INDEX ON message (practice_id, asked_on DESC, id);
ALTER TABLE client_link ADD COLUMN message_id uuid UNIQUE;
CREATE TABLE paper (
  id uuid PRIMARY KEY, ${OF_CLIENT},
  fingerprint text NOT NULL, bytes bytea NOT NULL, made_on timestamptz NOT NULL,
  UNIQUE (practice_id, fingerprint));
CREATE INDEX ON paper (practice_id, client_id);
CREATE TABLE client_retention (
  id uuid PRIMARY KEY, ${OF_CLIENT},
  UNIQUE (practice_id, client_id),
  shape integer NOT NULL, gains jsonb NOT NULL, made_on timestamptz NOT NULL);
CREATE TABLE practice_retention (
  practice_id uuid PRIMARY KEY REFERENCES practice (id),
  checks jsonb NOT NULL, made_on timestamptz NOT NULL);`;

const secured = (table: string) => `
ALTER TABLE ${table} ENABLE ROW LEVEL SECURITY;
ALTER TABLE ${table} FORCE ROW LEVEL SECURITY;
CREATE POLICY own_practice ON ${table}
  USING (practice_id = nullif(current_setting('app.practice_id', true), '')::uuid)
  WITH CHECK (practice_id = nullif(current_setting('app.practice_id', true), '')::uuid);
GRANT SELECT, INSERT, UPDATE, DELETE ON ${table} TO taxikine_app;`;

/** The serving role cannot read the table of practices: it learns ids, to work on one after the other, and its own name. */
const functions = `
CREATE FUNCTION practices_to_tend() RETURNS TABLE (practice_id uuid)
LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public AS $$
  SELECT id FROM practice ORDER BY id $$;
CREATE FUNCTION own_practice_name() RETURNS text
LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public AS $$
  SELECT name FROM practice WHERE id = nullif(current_setting('app.practice_id', true), '')::uuid $$;
REVOKE ALL ON FUNCTION practices_to_tend(), own_practice_name() FROM PUBLIC;
GRANT EXECUTE ON FUNCTION practices_to_tend(), own_practice_name() TO taxikine_app;`;

/** What the background work keeps: letters, papers, and how well gains last. */
export class LettersAndPapers1765100000000 implements MigrationInterface {
  name = 'LettersAndPapers1765100000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(tables);
    for (const table of TABLES) await runner.query(secured(table));
    await runner.query(functions);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP FUNCTION practices_to_tend(); DROP FUNCTION own_practice_name();');
    for (const table of [...TABLES].reverse()) await runner.query(`DROP TABLE ${table}`);
    await runner.query(`
ALTER TABLE client_link DROP COLUMN message_id;
ALTER TABLE client DROP COLUMN contact;`);
  }
}
