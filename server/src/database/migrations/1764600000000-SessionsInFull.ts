import { DRILLS, KIT, NO_WISH } from '@taxikine/core';
import type { MigrationInterface, QueryRunner } from 'typeorm';

const json = (value: unknown): string => `'${JSON.stringify(value)}'::jsonb`;

const COLUMNS: readonly [table: string, column: string][] = [
  ['visit', `kit jsonb NOT NULL DEFAULT ${json(KIT.map(({ id }) => id))}`],
  ['visit', `wish jsonb NOT NULL DEFAULT ${json(NO_WISH)}`],
  ['drill_log', 'dose jsonb'],
  ['drill_log', "form text NOT NULL DEFAULT 'usual'"],
  ['drill_log', "log jsonb NOT NULL DEFAULT '[]'"],
  ['drill_log', 'keep text'],
  ['drill_log', 'pain_on timestamptz'],
  ['check_result', 'after_drill uuid'],
];

const ROLES = (roles: string) => `
ALTER TABLE check_result DROP CONSTRAINT check_result_role_check;
ALTER TABLE check_result ADD CONSTRAINT check_result_role_check CHECK (role IN (${roles}));`;

/** What a session was to be and what was done of it: kit, wishes, doses, sets, and checks between drills. */
export class SessionsInFull1764600000000 implements MigrationInterface {
  name = 'SessionsInFull1764600000000';

  async up(runner: QueryRunner): Promise<void> {
    for (const [table, column] of COLUMNS)
      await runner.query(`ALTER TABLE ${table} ADD COLUMN ${column}`);
    // Until now a drill was done as the library doses it. The policies would hide every row from this.
    await runner.query('ALTER TABLE drill_log NO FORCE ROW LEVEL SECURITY');
    for (const { id, dose } of DRILLS)
      await runner.query('UPDATE drill_log SET dose = $1 WHERE drill = $2', [dose, id]);
    await runner.query('ALTER TABLE drill_log FORCE ROW LEVEL SECURITY');
    await runner.query('ALTER TABLE drill_log ALTER COLUMN dose SET NOT NULL');
    await runner.query(ROLES("'first', 'again', 'between'"));
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(ROLES("'first', 'again'"));
    for (const [table, column] of COLUMNS)
      await runner.query(`ALTER TABLE ${table} DROP COLUMN ${column.split(' ')[0]}`);
  }
}
