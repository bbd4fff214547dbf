import type { MigrationInterface, QueryRunner } from 'typeorm';

const COLUMNS: Readonly<Record<string, readonly string[]>> = {
  client: [
    "goal text NOT NULL DEFAULT ''",
    "approach text NOT NULL DEFAULT 'blended'",
    'footwear text',
    `home jsonb NOT NULL DEFAULT '{"kit": [], "minutes": null, "days": []}'`,
    "norms jsonb NOT NULL DEFAULT '{}'",
  ],
  look: [
    "reps jsonb NOT NULL DEFAULT '[]'",
    "notes jsonb NOT NULL DEFAULT '[]'",
    'hold jsonb',
    "recordings jsonb NOT NULL DEFAULT '[]'",
  ],
  check_result: [
    "repeats jsonb NOT NULL DEFAULT '{}'",
    "cheats jsonb NOT NULL DEFAULT '[]'",
    'pain jsonb',
    'device text',
  ],
};

/** What a first meeting asks, what is counted and noted in a look, and how a check was taken. */
export class LookAndCheckInFull1764300000000 implements MigrationInterface {
  name = 'LookAndCheckInFull1764300000000';

  async up(runner: QueryRunner): Promise<void> {
    for (const [table, columns] of Object.entries(COLUMNS))
      for (const column of columns) await runner.query(`ALTER TABLE ${table} ADD COLUMN ${column}`);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const [table, columns] of Object.entries(COLUMNS))
      for (const column of columns)
        await runner.query(`ALTER TABLE ${table} DROP COLUMN ${column.split(' ')[0]}`);
  }
}
