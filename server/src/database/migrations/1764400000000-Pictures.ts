import type { MigrationInterface, QueryRunner } from 'typeorm';

/** A record of a visit points at it inside the same practice, or not at all. */
const OF_VISIT = `
  id uuid PRIMARY KEY,
  practice_id uuid NOT NULL REFERENCES practice (id),
  version integer NOT NULL CHECK (version > 0),
  UNIQUE (practice_id, id),
  client_id uuid NOT NULL,
  FOREIGN KEY (practice_id, client_id) REFERENCES client (practice_id, id),
  visit_id uuid NOT NULL,
  FOREIGN KEY (practice_id, visit_id, client_id) REFERENCES visit (practice_id, id, client_id)`;

const TABLES = ['picture', 'image'];

const secured = (table: string) => `
CREATE INDEX ON ${table} (practice_id, client_id);
ALTER TABLE ${table} ENABLE ROW LEVEL SECURITY;
ALTER TABLE ${table} FORCE ROW LEVEL SECURITY;
CREATE POLICY own_practice ON ${table}
  USING (practice_id = nullif(current_setting('app.practice_id', true), '')::uuid)
  WITH CHECK (practice_id = nullif(current_setting('app.practice_id', true), '')::uuid);
GRANT SELECT, INSERT, UPDATE ON ${table} TO taxikine_app;`;

/** Marks on still pictures, and the pictures that a coach chose to keep. */
export class Pictures1764400000000 implements MigrationInterface {
  name = 'Pictures1764400000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
CREATE TABLE picture (${OF_VISIT},
  role text NOT NULL CHECK (role IN ('first', 'again')),
  view text NOT NULL, phase text NOT NULL,
  width integer NOT NULL, height integer NOT NULL,
  marks jsonb NOT NULL, plumb jsonb, scale jsonb,
  image_writes integer NOT NULL, kept boolean NOT NULL,
  taken_on timestamptz NOT NULL, removed boolean NOT NULL);
CREATE TABLE image (${OF_VISIT}, jpeg text);`);
    for (const table of TABLES) await runner.query(secured(table));
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const table of [...TABLES].reverse()) await runner.query(`DROP TABLE ${table}`);
  }
}
