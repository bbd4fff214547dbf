import type { MigrationInterface, QueryRunner } from 'typeorm';

/** @param ends when it is over: by whose clock */
const door = (asked: string, ends: string): string => `
CREATE FUNCTION who_has_link(${asked})
RETURNS TABLE (link_id uuid, practice_id uuid, practice_name text, client_id uuid, state text)
LANGUAGE plpgsql SECURITY DEFINER AS $$
DECLARE
  before text := coalesce(current_setting('app.practice_id', true), '');
BEGIN
  PERFORM set_config('app.practice_id', (SELECT d.practice_id::text FROM directory d
    WHERE d.kind = 'client_link' AND d.key = '\\x' || encode(wanted, 'hex')), true);
  RETURN QUERY SELECT l.id, l.practice_id, p.name, l.client_id,
    CASE WHEN l.revoked_on IS NOT NULL THEN 'revoked'
         WHEN l.expires_on <= ${ends} THEN 'expired' ELSE 'open' END
    FROM client_link l JOIN practice p ON p.id = l.practice_id
    WHERE l.token_hash = wanted AND l.purpose = wanted_for;
  PERFORM set_config('app.practice_id', before, true);
END $$;`;

const BEFORE = 'wanted bytea, wanted_for text';
const SINCE = `${BEFORE}, at timestamptz`;

const replaced = (old: string, asked: string, ends: string): string => `
DROP FUNCTION who_has_link(${old});${door(asked, ends)}
GRANT EXECUTE ON FUNCTION who_has_link(${asked}) TO taxikine_app;`;

/**
 * A link was made by the clock of whoever serves and ended by the database's: where the two differ, it was open for
 * longer or shorter than the coach had said. Whoever asks says when.
 */
export class LinksByOneClock1767000000000 implements MigrationInterface {
  name = 'LinksByOneClock1767000000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(replaced(BEFORE, SINCE, 'at'));
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(replaced(SINCE, BEFORE, 'now()'));
  }
}
