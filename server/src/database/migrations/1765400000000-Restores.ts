import type { MigrationInterface, QueryRunner } from 'typeorm';

const tables = `
CREATE TABLE restore (
  id uuid NOT NULL,
  practice_id uuid NOT NULL REFERENCES practice (id),
  asked_by uuid NOT NULL,
  asked_on timestamptz NOT NULL,
  touched_on timestamptz NOT NULL,
  state text NOT NULL CHECK (state IN ('receiving', 'waiting', 'done', 'refused', 'failed')),
  bytes integer NOT NULL,
  clients integer,
  read integer NOT NULL,
  made integer NOT NULL,
  known integer NOT NULL,
  erased integer NOT NULL,
  erased_again integer NOT NULL,
  refused integer NOT NULL,
  closed integer NOT NULL,
  problems jsonb NOT NULL,
  PRIMARY KEY (practice_id, id));
CREATE UNIQUE INDEX one_restore_at_a_time ON restore (practice_id)
  WHERE state IN ('receiving', 'waiting');
CREATE TABLE restore_part (
  practice_id uuid NOT NULL,
  restore_id uuid NOT NULL,
  starts_at integer NOT NULL,
  bytes bytea NOT NULL,
  PRIMARY KEY (practice_id, restore_id, starts_at),
  FOREIGN KEY (practice_id, restore_id) REFERENCES restore (practice_id, id) ON DELETE CASCADE);`;

const secured = (table: string) => `
ALTER TABLE ${table} ENABLE ROW LEVEL SECURITY;
ALTER TABLE ${table} FORCE ROW LEVEL SECURITY;
CREATE POLICY own_practice ON ${table}
  USING (practice_id = nullif(current_setting('app.practice_id', true), '')::uuid)
  WITH CHECK (practice_id = nullif(current_setting('app.practice_id', true), '')::uuid);
GRANT SELECT, INSERT, UPDATE, DELETE ON ${table} TO taxikine_app;`;

/** Archives that the worker puts back: one at a time in a practice, in parts as they came. */
export class Restores1765400000000 implements MigrationInterface {
  name = 'Restores1765400000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(tables);
    for (const table of ['restore', 'restore_part']) await runner.query(secured(table));
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE restore_part; DROP TABLE restore;');
  }
}
