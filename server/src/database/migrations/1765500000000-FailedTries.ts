import type { MigrationInterface, QueryRunner } from 'typeorm';

/** The columns are those that `rate-limiter-flexible` reads and writes; a key is a hash and names nobody. */
const table = `
CREATE TABLE failed_try (key text PRIMARY KEY, points integer NOT NULL DEFAULT 0, expire bigint);
CREATE INDEX ON failed_try (expire);
GRANT SELECT, INSERT, UPDATE, DELETE ON failed_try TO taxikine_app;`;

/** A coach of the practice that is worked for can be written to; nobody's password can be read. */
const coaches = 'GRANT SELECT (id, practice_id, name, email) ON coach TO taxikine_app';

/** What was tried and failed, where every process of the server sees it. */
export class FailedTries1765500000000 implements MigrationInterface {
  name = 'FailedTries1765500000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(table);
    await runner.query(coaches);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE failed_try');
    await runner.query('REVOKE SELECT (id, practice_id, name, email) ON coach FROM taxikine_app');
  }
}
