import type { MigrationInterface, QueryRunner } from 'typeorm';

/** A client's own set-up, saved from the Fit bench. */
export class ClientSetup1764100000000 implements MigrationInterface {
  name = 'ClientSetup1764100000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE client ADD COLUMN setup jsonb');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE client DROP COLUMN setup');
  }
}
