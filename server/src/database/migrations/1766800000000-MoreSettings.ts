import type { MigrationInterface, QueryRunner } from 'typeorm';

/** What a practice has decided beyond its name; what is not there is as usual. */
const column = `ALTER TABLE practice ADD COLUMN settings jsonb NOT NULL DEFAULT '{}'`;

/**
 * What clients are asked to agree to. Added, never changed: what somebody agreed to stays as it was. One that came with
 * an archive is there to be read, and asked for only where there is no other.
 */
const wordings = `
CREATE TABLE consent_wording (
  practice_id uuid NOT NULL REFERENCES practice (id),
  version text NOT NULL,
  text text NOT NULL,
  made_by uuid NOT NULL,
  made_on timestamptz NOT NULL DEFAULT now(),
  restored boolean NOT NULL DEFAULT false,
  PRIMARY KEY (practice_id, version),
  FOREIGN KEY (practice_id, made_by) REFERENCES coach (practice_id, id));
ALTER TABLE consent_wording ENABLE ROW LEVEL SECURITY;
ALTER TABLE consent_wording FORCE ROW LEVEL SECURITY;
CREATE POLICY own_practice ON consent_wording
  USING (practice_id = nullif(current_setting('app.practice_id', true), '')::uuid)
  WITH CHECK (practice_id = nullif(current_setting('app.practice_id', true), '')::uuid);
GRANT SELECT, INSERT ON consent_wording TO taxikine_app;
CREATE TRIGGER tell_all_sessions AFTER INSERT ON consent_wording
  FOR EACH ROW EXECUTE FUNCTION tell_all_sessions();`;

/** A coach says what they are called. */
const ownName = 'GRANT UPDATE (name) ON coach TO taxikine_app';

const OWN = `nullif(current_setting('app.practice_id', true), '')::uuid`;

/** The serving role has no hand on the table itself: it changes, and reads, the practice that is worked for. */
const change = `
DROP FUNCTION change_own_practice(text, integer);
CREATE FUNCTION change_own_practice(new_name text, new_idle_min integer, new_settings jsonb) RETURNS void
LANGUAGE sql SECURITY DEFINER AS $$
  UPDATE practice SET name = new_name, idle_min = new_idle_min, settings = settings || new_settings
  WHERE id = ${OWN}
$$;
GRANT EXECUTE ON FUNCTION change_own_practice(text, integer, jsonb) TO taxikine_app;
DROP FUNCTION own_practice_name();
CREATE FUNCTION own_practice() RETURNS TABLE (name text, idle_min integer, settings jsonb)
LANGUAGE sql STABLE SECURITY DEFINER AS $$ SELECT p.name, p.idle_min, p.settings FROM practice p WHERE p.id = ${OWN} $$;
GRANT EXECUTE ON FUNCTION own_practice() TO taxikine_app;`;

const changeBefore = `
DROP FUNCTION own_practice();
CREATE FUNCTION own_practice_name() RETURNS text
LANGUAGE sql STABLE SECURITY DEFINER AS $$ SELECT name FROM practice WHERE id = ${OWN} $$;
GRANT EXECUTE ON FUNCTION own_practice_name() TO taxikine_app;
DROP FUNCTION change_own_practice(text, integer, jsonb);
CREATE FUNCTION change_own_practice(new_name text, new_idle_min integer) RETURNS void
LANGUAGE sql SECURITY DEFINER AS $$
  UPDATE practice SET name = new_name, idle_min = new_idle_min WHERE id = ${OWN}
$$;
GRANT EXECUTE ON FUNCTION change_own_practice(text, integer) TO taxikine_app;`;

/** Whoever signs in is told with their session what holds for the practice. */
const session = (more: { readonly returned: string; readonly read: string }): string => `
DROP FUNCTION who_has_session(bytea);
CREATE FUNCTION who_has_session(wanted bytea)
RETURNS TABLE (coach_id uuid, coach_name text, email text, role text, practice_id uuid, practice_name text, idle_min integer${more.returned})
LANGUAGE plpgsql SECURITY DEFINER AS $$
DECLARE
  before text := coalesce(current_setting('app.practice_id', true), '');
BEGIN
  PERFORM set_config('app.practice_id', (SELECT d.practice_id::text FROM directory d
    WHERE d.kind = 'session' AND d.key = '\\x' || encode(wanted, 'hex')), true);
  RETURN QUERY SELECT c.id, c.name, c.email, c.role, p.id, p.name, p.idle_min${more.read}
    FROM session s JOIN coach c ON (c.practice_id, c.id) = (s.practice_id, s.coach_id)
    JOIN practice p ON p.id = s.practice_id
    WHERE s.token_hash = wanted AND s.expires_at > now() AND c.ended_on IS NULL;
  PERFORM set_config('app.practice_id', before, true);
END $$;
GRANT EXECUTE ON FUNCTION who_has_session(bytea) TO taxikine_app;`;

const NEWEST_WORDING = `(SELECT jsonb_build_object('version', w.version, 'text', w.text, 'madeOn', w.made_on)
      FROM consent_wording w WHERE w.practice_id = p.id ORDER BY w.restored, w.made_on DESC LIMIT 1)`;

/** Units, time zone, the first day of the week, own norms, what clients agree to, and a coach's own name. */
export class MoreSettings1766800000000 implements MigrationInterface {
  name = 'MoreSettings1766800000000';

  async up(runner: QueryRunner): Promise<void> {
    for (const part of [column, wordings, change, ownName]) await runner.query(part);
    await runner.query(
      session({
        returned: ', settings jsonb, wording jsonb',
        read: `, p.settings, ${NEWEST_WORDING}`,
      }),
    );
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(session({ returned: '', read: '' }));
    await runner.query(changeBefore);
    await runner.query('REVOKE UPDATE (name) ON coach FROM taxikine_app');
    await runner.query('DROP TABLE consent_wording; ALTER TABLE practice DROP COLUMN settings');
  }
}
