import type { MigrationInterface, QueryRunner } from 'typeorm';

const tables = `
CREATE TABLE archive (
  id uuid PRIMARY KEY,
  practice_id uuid NOT NULL REFERENCES practice (id),
  client_id uuid,
  FOREIGN KEY (practice_id, client_id) REFERENCES client (practice_id, id),
  asked_on timestamptz NOT NULL,
  state text NOT NULL CHECK (state IN ('making', 'made', 'failed')),
  is_taken boolean NOT NULL);
CREATE INDEX ON archive (practice_id, client_id);
CREATE TABLE archive_part (
  archive_id uuid NOT NULL REFERENCES archive (id) ON DELETE CASCADE,
  practice_id uuid NOT NULL REFERENCES practice (id),
  place integer NOT NULL, bytes bytea NOT NULL,
  PRIMARY KEY (archive_id, place));`;

const secured = (table: string) => `
ALTER TABLE ${table} ENABLE ROW LEVEL SECURITY;
ALTER TABLE ${table} FORCE ROW LEVEL SECURITY;
CREATE POLICY own_practice ON ${table}
  USING (practice_id = nullif(current_setting('app.practice_id', true), '')::uuid)
  WITH CHECK (practice_id = nullif(current_setting('app.practice_id', true), '')::uuid);
GRANT SELECT, INSERT, UPDATE, DELETE ON ${table} TO taxikine_app;`;

/** Archives that the worker packs, in parts, until they are fetched. */
export class Archives1765300000000 implements MigrationInterface {
  name = 'Archives1765300000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(tables);
    for (const table of ['archive', 'archive_part']) await runner.query(secured(table));
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE archive_part; DROP TABLE archive;');
  }
}
