import type { MigrationInterface, QueryRunner } from 'typeorm';

const OF_PRACTICE = `
  id uuid PRIMARY KEY,
  practice_id uuid NOT NULL REFERENCES practice (id),
  version integer NOT NULL CHECK (version > 0),
  UNIQUE (practice_id, id)`;

const TABLES = ['own_drill', 'room'];

const secured = (table: string) => `
CREATE INDEX ON ${table} (practice_id);
ALTER TABLE ${table} ENABLE ROW LEVEL SECURITY;
ALTER TABLE ${table} FORCE ROW LEVEL SECURITY;
CREATE POLICY own_practice ON ${table}
  USING (practice_id = nullif(current_setting('app.practice_id', true), '')::uuid)
  WITH CHECK (practice_id = nullif(current_setting('app.practice_id', true), '')::uuid);
GRANT SELECT, INSERT, UPDATE ON ${table} TO taxikine_app;`;

const WISH = (rungs: boolean) =>
  `{"locked": [], "dropped": [], "doses": {}, "order": []${rungs ? ', "rungs": {}' : ''}}`;

/** Drills that a coach made, what there is to load with, and the rungs that drills climb. */
export class LaddersAndOwnDrills1764700000000 implements MigrationInterface {
  name = 'LaddersAndOwnDrills1764700000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
CREATE TABLE own_drill (${OF_PRACTICE},
  name text NOT NULL, family text NOT NULL, patterns jsonb NOT NULL, targets jsonb NOT NULL,
  one_sided boolean NOT NULL, dose jsonb NOT NULL, kit jsonb NOT NULL, position text NOT NULL,
  breath text NOT NULL, how text NOT NULL, feel text NOT NULL, stop_if text NOT NULL,
  easier text NOT NULL, harder text NOT NULL, excluded_by jsonb NOT NULL, poses jsonb NOT NULL,
  removed boolean NOT NULL);
CREATE TABLE room (${OF_PRACTICE}, weights jsonb NOT NULL,
  -- A practice has one room, and its id says whose.
  CHECK (id = practice_id));
ALTER TABLE drill_log ADD COLUMN own jsonb, ADD COLUMN rung jsonb;
ALTER TABLE visit ALTER COLUMN wish SET DEFAULT '${WISH(true)}';
-- The policies would hide every row from this.
ALTER TABLE visit NO FORCE ROW LEVEL SECURITY;
UPDATE visit SET wish = wish || '{"rungs": {}}';
ALTER TABLE visit FORCE ROW LEVEL SECURITY;`);
    for (const table of TABLES) await runner.query(secured(table));
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const table of TABLES) await runner.query(`DROP TABLE ${table}`);
    await runner.query(`
ALTER TABLE drill_log DROP COLUMN own, DROP COLUMN rung;
ALTER TABLE visit ALTER COLUMN wish SET DEFAULT '${WISH(false)}';
ALTER TABLE visit NO FORCE ROW LEVEL SECURITY;
UPDATE visit SET wish = wish - 'rungs';
ALTER TABLE visit FORCE ROW LEVEL SECURITY;`);
  }
}
