import type { MigrationInterface, QueryRunner } from 'typeorm';

/** A check says whether the pelvis was held; of those from before, nobody had said so. */
export class PelvisHeld1767100000000 implements MigrationInterface {
  name = 'PelvisHeld1767100000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE check_result ADD COLUMN held boolean NOT NULL DEFAULT false');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE check_result DROP COLUMN held');
  }
}
