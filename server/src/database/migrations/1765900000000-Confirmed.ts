import type { MigrationInterface, QueryRunner } from 'typeorm';

/** When whoever holds a session last gave the password: what cannot be undone asks for it again. */
export class Confirmed1765900000000 implements MigrationInterface {
  name = 'Confirmed1765900000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
ALTER TABLE session ADD COLUMN confirmed_on timestamptz NOT NULL DEFAULT now();
GRANT UPDATE (confirmed_on) ON session TO taxikine_app;`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE session DROP COLUMN confirmed_on');
  }
}
