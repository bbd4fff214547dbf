import type { MigrationInterface, QueryRunner } from 'typeorm';

/** A row a client for the list of clients; filled by `needSummaries`, since it takes more than SQL. */
export class ClientSummaries1764900000000 implements MigrationInterface {
  name = 'ClientSummaries1764900000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
CREATE TABLE client_summary (
  client_id uuid PRIMARY KEY,
  practice_id uuid NOT NULL REFERENCES practice (id),
  FOREIGN KEY (practice_id, client_id) REFERENCES client (practice_id, id),
  shape integer NOT NULL, name text NOT NULL, words text NOT NULL,
  rank integer NOT NULL, due_on text NOT NULL, last_visit_on text NOT NULL, summary jsonb NOT NULL);
CREATE INDEX ON client_summary (practice_id, rank, due_on, name, client_id);
CREATE INDEX ON client_summary (practice_id, name, client_id);
CREATE INDEX ON client_summary (practice_id, last_visit_on DESC, name, client_id);
ALTER TABLE client_summary ENABLE ROW LEVEL SECURITY;
ALTER TABLE client_summary FORCE ROW LEVEL SECURITY;
CREATE POLICY own_practice ON client_summary
  USING (practice_id = nullif(current_setting('app.practice_id', true), '')::uuid)
  WITH CHECK (practice_id = nullif(current_setting('app.practice_id', true), '')::uuid);
GRANT SELECT, INSERT, UPDATE ON client_summary TO taxikine_app;`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE client_summary');
  }
}
