import type { MigrationInterface, QueryRunner } from 'typeorm';

/**
 * Who did what, by ids and without a name. The serving role adds to it and reads it: it changes nothing and takes
 * nothing away.
 */
const deeds = `
CREATE TABLE deed (
  practice_id uuid NOT NULL REFERENCES practice (id),
  id uuid NOT NULL DEFAULT gen_random_uuid(),
  done_on timestamptz NOT NULL DEFAULT clock_timestamp(),
  done_by uuid NOT NULL REFERENCES coach (id),
  deed text NOT NULL,
  done_to uuid,
  detail text NOT NULL DEFAULT '',
  PRIMARY KEY (practice_id, id));
CREATE INDEX ON deed (practice_id, done_on DESC, id);
ALTER TABLE deed ENABLE ROW LEVEL SECURITY;
ALTER TABLE deed FORCE ROW LEVEL SECURITY;
CREATE POLICY own_practice ON deed
  USING (practice_id = nullif(current_setting('app.practice_id', true), '')::uuid)
  WITH CHECK (practice_id = nullif(current_setting('app.practice_id', true), '')::uuid);
GRANT SELECT, INSERT ON deed TO taxikine_app;`;

/** An audit trail, of each practice by itself. */
export class Deeds1765800000000 implements MigrationInterface {
  name = 'Deeds1765800000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(deeds);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE deed');
  }
}
