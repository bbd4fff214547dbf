import type { MigrationInterface, QueryRunner } from 'typeorm';

const column =
  'ALTER TABLE practice ADD COLUMN idle_min integer CHECK (idle_min BETWEEN 1 AND 480)';

const session = (extra: { readonly returned: string; readonly read: string }) => `
DROP FUNCTION who_has_session(bytea);
CREATE FUNCTION who_has_session(wanted bytea)
RETURNS TABLE (coach_id uuid, coach_name text, email text, role text, practice_id uuid, practice_name text${extra.returned})
LANGUAGE plpgsql SECURITY DEFINER AS $$
DECLARE found session;
BEGIN
  PERFORM set_config('app.token_hash', encode(wanted, 'hex'), true);
  SELECT * INTO found FROM session s WHERE s.token_hash = wanted AND s.expires_at > now();
  PERFORM set_config('app.token_hash', '', true);
  IF found.coach_id IS NULL THEN RETURN; END IF;
  PERFORM set_config('app.session_coach', found.coach_id::text, true);
  RETURN QUERY SELECT c.id, c.name, c.email, c.role, p.id, p.name${extra.read}
    FROM coach c JOIN practice p ON p.id = c.practice_id
    WHERE c.id = found.coach_id AND c.ended_on IS NULL;
  PERFORM set_config('app.session_coach', '', true);
END $$;
GRANT EXECUTE ON FUNCTION who_has_session(bytea) TO taxikine_app;`;

/** The practice that is worked for, and no other: the serving role has no hand on the table itself. */
const change = `
CREATE FUNCTION change_own_practice(new_name text, new_idle_min integer) RETURNS void
LANGUAGE sql SECURITY DEFINER AS $$
  UPDATE practice SET name = new_name, idle_min = new_idle_min
  WHERE id = nullif(current_setting('app.practice_id', true), '')::uuid
$$;
REVOKE ALL ON FUNCTION change_own_practice(text, integer) FROM PUBLIC;
GRANT EXECUTE ON FUNCTION change_own_practice(text, integer) TO taxikine_app;`;

/** What a practice decides for itself: its name, and when a screen that nobody touches locks. */
export class PracticeSettings1766200000000 implements MigrationInterface {
  name = 'PracticeSettings1766200000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(column);
    await runner.query(session({ returned: ', idle_min integer', read: ', p.idle_min' }));
    await runner.query(change);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP FUNCTION change_own_practice(text, integer)');
    await runner.query(session({ returned: '', read: '' }));
    await runner.query('ALTER TABLE practice DROP COLUMN idle_min');
  }
}
