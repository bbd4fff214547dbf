import type { MigrationInterface, QueryRunner } from 'typeorm';

/** What an erased client leaves behind: nothing but that it was done. */
const ERASABLE = [
  'client',
  'visit',
  'look',
  'probe',
  'check_result',
  'drill_log',
  'picture',
  'image',
  'home_plan',
  'home_entry',
  'client_link',
  'client_summary',
  'applied_write',
].join(', ');

export class Erasures1765000000000 implements MigrationInterface {
  name = 'Erasures1765000000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
CREATE TABLE erasure (
  id uuid PRIMARY KEY,
  practice_id uuid NOT NULL REFERENCES practice (id),
  client_id uuid NOT NULL,
  erased_by uuid NOT NULL REFERENCES coach (id),
  erased_on timestamptz NOT NULL, counts jsonb NOT NULL,
  UNIQUE (practice_id, client_id));
ALTER TABLE erasure ENABLE ROW LEVEL SECURITY;
ALTER TABLE erasure FORCE ROW LEVEL SECURITY;
CREATE POLICY own_practice ON erasure
  USING (practice_id = nullif(current_setting('app.practice_id', true), '')::uuid)
  WITH CHECK (practice_id = nullif(current_setting('app.practice_id', true), '')::uuid);
GRANT SELECT, INSERT ON erasure TO taxikine_app;
CREATE INDEX ON applied_write (record_id);
GRANT DELETE ON ${ERASABLE} TO taxikine_app;`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`
REVOKE DELETE ON ${ERASABLE} FROM taxikine_app;
DROP INDEX applied_write_record_id_idx;
DROP TABLE erasure;`);
  }
}
