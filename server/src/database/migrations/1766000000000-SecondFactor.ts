import type { MigrationInterface, QueryRunner } from 'typeorm';

const ownPractice = (table: string) => `
ALTER TABLE ${table} ENABLE ROW LEVEL SECURITY;
ALTER TABLE ${table} FORCE ROW LEVEL SECURITY;
CREATE POLICY own_practice ON ${table}
  USING (practice_id = nullif(current_setting('app.practice_id', true), '')::uuid)
  WITH CHECK (practice_id = nullif(current_setting('app.practice_id', true), '')::uuid);
GRANT SELECT, INSERT, UPDATE, DELETE ON ${table} TO taxikine_app;`;

/** What a coach's authenticator makes its codes from; it counts once a code of it was given. */
const factor = `
CREATE TABLE second_factor (
  practice_id uuid NOT NULL REFERENCES practice (id),
  coach_id uuid NOT NULL REFERENCES coach (id) ON DELETE CASCADE,
  secret text NOT NULL,
  on_since timestamptz,
  last_step bigint NOT NULL DEFAULT 0,
  PRIMARY KEY (practice_id, coach_id));
${ownPractice('second_factor')}`;

/** Ways in without the authenticator, each good once. */
const recovery = `
CREATE TABLE recovery_code (
  practice_id uuid NOT NULL,
  coach_id uuid NOT NULL,
  code_hash bytea NOT NULL,
  PRIMARY KEY (practice_id, coach_id, code_hash),
  FOREIGN KEY (practice_id, coach_id) REFERENCES second_factor ON DELETE CASCADE);
${ownPractice('recovery_code')}`;

/** A second thing that is asked for at the door, besides the password. */
export class SecondFactor1766000000000 implements MigrationInterface {
  name = 'SecondFactor1766000000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(factor);
    await runner.query(recovery);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE recovery_code; DROP TABLE second_factor');
  }
}
