import type { MigrationInterface, QueryRunner } from 'typeorm';

/** A client's own set-up for each pattern; the one there was is the squat's. */
export class SetupPerPattern1764200000000 implements MigrationInterface {
  name = 'SetupPerPattern1764200000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query("ALTER TABLE client ADD COLUMN setups jsonb NOT NULL DEFAULT '{}'");
    await runner.query(
      "UPDATE client SET setups = jsonb_build_object('squat', setup) WHERE jsonb_typeof(setup) = 'object'",
    );
    await runner.query('ALTER TABLE client DROP COLUMN setup');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE client ADD COLUMN setup jsonb');
    await runner.query("UPDATE client SET setup = setups -> 'squat' WHERE setups ? 'squat'");
    await runner.query('ALTER TABLE client DROP COLUMN setups');
  }
}
