import type { MigrationInterface, QueryRunner } from 'typeorm';

/** A session has an id that may be shown: its token, and what is kept of it, may not. */
const columns = `
ALTER TABLE session
  ADD COLUMN id uuid NOT NULL DEFAULT gen_random_uuid(),
  ADD COLUMN agent text NOT NULL DEFAULT '',
  ADD COLUMN begun_on timestamptz NOT NULL DEFAULT now(),
  ADD COLUMN seen_on timestamptz NOT NULL DEFAULT now(),
  ADD UNIQUE (practice_id, id);
CREATE INDEX ON session (practice_id, coach_id);
GRANT UPDATE (seen_on) ON session TO taxikine_app;`;

/** Written, in the practice that is worked for, and still not read. */
const passwords = 'GRANT UPDATE (password_hash) ON coach TO taxikine_app';

/** A coach sees where they are signed in, ends it, and changes their password. */
export class OwnSessions1765600000000 implements MigrationInterface {
  name = 'OwnSessions1765600000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(columns);
    await runner.query(passwords);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('REVOKE UPDATE (password_hash) ON coach FROM taxikine_app');
    await runner.query('REVOKE UPDATE (seen_on) ON session FROM taxikine_app');
    await runner.query(
      'ALTER TABLE session DROP COLUMN id, DROP COLUMN agent, DROP COLUMN begun_on, DROP COLUMN seen_on',
    );
    await runner.query('DROP INDEX session_practice_id_coach_id_idx');
  }
}
