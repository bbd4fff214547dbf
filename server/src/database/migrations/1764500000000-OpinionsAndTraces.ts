import type { MigrationInterface, QueryRunner } from 'typeorm';

const COLUMNS = ["opinions jsonb NOT NULL DEFAULT '[]'", 'traced jsonb', 'extra jsonb'];

/** The coach's word beside the trace, the trace that was worked by, and what a case file brought along. */
export class OpinionsAndTraces1764500000000 implements MigrationInterface {
  name = 'OpinionsAndTraces1764500000000';

  async up(runner: QueryRunner): Promise<void> {
    for (const column of COLUMNS) await runner.query(`ALTER TABLE visit ADD COLUMN ${column}`);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const column of COLUMNS)
      await runner.query(`ALTER TABLE visit DROP COLUMN ${column.split(' ')[0]}`);
  }
}
