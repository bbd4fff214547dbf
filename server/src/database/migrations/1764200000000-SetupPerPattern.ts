import type { MigrationInterface, QueryRunner } from 'typeorm';

/**
 * The policies of the table hold for its owner too: without a practice set, an UPDATE would find no
 * row and say nothing. For the time of one statement the owner is let past them.
 */
async function onEveryPractice(runner: QueryRunner, statement: string): Promise<void> {
  await runner.query('ALTER TABLE client NO FORCE ROW LEVEL SECURITY');
  await runner.query(statement);
  await runner.query('ALTER TABLE client FORCE ROW LEVEL SECURITY');
}

/** A client's own set-up for each pattern; the one there was is the squat's. */
export class SetupPerPattern1764200000000 implements MigrationInterface {
  name = 'SetupPerPattern1764200000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query("ALTER TABLE client ADD COLUMN setups jsonb NOT NULL DEFAULT '{}'");
    await onEveryPractice(
      runner,
      "UPDATE client SET setups = jsonb_build_object('squat', setup) WHERE jsonb_typeof(setup) = 'object'",
    );
    await runner.query('ALTER TABLE client DROP COLUMN setup');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE client ADD COLUMN setup jsonb');
    await onEveryPractice(
      runner,
      "UPDATE client SET setup = setups -> 'squat' WHERE setups -> 'squat' IS NOT NULL",
    );
    await runner.query('ALTER TABLE client DROP COLUMN setups');
  }
}
