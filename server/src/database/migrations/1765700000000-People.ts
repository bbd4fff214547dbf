import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Whoever is there was made with the practice, and owns it. Who has no password yet was invited. */
const people = `
ALTER TABLE coach
  ADD COLUMN role text NOT NULL DEFAULT 'owner' CHECK (role IN ('owner', 'coach')),
  ADD COLUMN ended_on timestamptz,
  ALTER COLUMN password_hash DROP NOT NULL,
  ADD COLUMN joined boolean GENERATED ALWAYS AS (password_hash IS NOT NULL) STORED;
ALTER TABLE coach ALTER COLUMN role DROP DEFAULT;
GRANT SELECT (role, ended_on, joined), INSERT (id, practice_id, name, email, role),
  UPDATE (role, ended_on) ON coach TO taxikine_app;`;

/** A link by which a password is chosen: the first one, or another. It opens once. */
const links = `
CREATE TABLE coach_link (
  token_hash bytea PRIMARY KEY,
  practice_id uuid NOT NULL REFERENCES practice (id),
  coach_id uuid NOT NULL REFERENCES coach (id) ON DELETE CASCADE,
  purpose text NOT NULL CHECK (purpose IN ('invite', 'reset')),
  expires_at timestamptz NOT NULL);
CREATE INDEX ON coach_link (practice_id, coach_id);
ALTER TABLE coach_link ENABLE ROW LEVEL SECURITY;
ALTER TABLE coach_link FORCE ROW LEVEL SECURITY;
CREATE POLICY own_practice ON coach_link
  USING (practice_id = nullif(current_setting('app.practice_id', true), '')::uuid)
  WITH CHECK (practice_id = nullif(current_setting('app.practice_id', true), '')::uuid);
CREATE POLICY by_token ON coach_link TO CURRENT_USER
  USING (token_hash = decode(nullif(current_setting('app.token_hash', true), ''), 'hex'));
GRANT SELECT, INSERT, DELETE ON coach_link TO taxikine_app;`;

/** Before the practice is known: nobody who was ended, or has no password, is found. */
const doors = `
CREATE OR REPLACE FUNCTION coach_for_sign_in(wanted text)
RETURNS TABLE (id uuid, practice_id uuid, password_hash text)
LANGUAGE plpgsql SECURITY DEFINER AS $$
BEGIN
  PERFORM set_config('app.sign_in_email', wanted, true);
  RETURN QUERY SELECT c.id, c.practice_id, c.password_hash FROM coach c
    WHERE c.email = wanted AND c.ended_on IS NULL AND c.password_hash IS NOT NULL;
  PERFORM set_config('app.sign_in_email', '', true);
END $$;
DROP FUNCTION who_has_session(bytea);
CREATE FUNCTION who_has_session(wanted bytea)
RETURNS TABLE (coach_id uuid, coach_name text, email text, role text, practice_id uuid, practice_name text)
LANGUAGE plpgsql SECURITY DEFINER AS $$
DECLARE found session;
BEGIN
  PERFORM set_config('app.token_hash', encode(wanted, 'hex'), true);
  SELECT * INTO found FROM session s WHERE s.token_hash = wanted AND s.expires_at > now();
  PERFORM set_config('app.token_hash', '', true);
  IF found.coach_id IS NULL THEN RETURN; END IF;
  PERFORM set_config('app.session_coach', found.coach_id::text, true);
  RETURN QUERY SELECT c.id, c.name, c.email, c.role, p.id, p.name
    FROM coach c JOIN practice p ON p.id = c.practice_id
    WHERE c.id = found.coach_id AND c.ended_on IS NULL;
  PERFORM set_config('app.session_coach', '', true);
END $$;
CREATE FUNCTION who_has_coach_link(wanted bytea)
RETURNS TABLE (coach_id uuid, coach_name text, email text, practice_id uuid, practice_name text, purpose text)
LANGUAGE plpgsql SECURITY DEFINER AS $$
DECLARE found coach_link;
BEGIN
  PERFORM set_config('app.token_hash', encode(wanted, 'hex'), true);
  SELECT * INTO found FROM coach_link l WHERE l.token_hash = wanted AND l.expires_at > now();
  PERFORM set_config('app.token_hash', '', true);
  IF found.coach_id IS NULL THEN RETURN; END IF;
  PERFORM set_config('app.session_coach', found.coach_id::text, true);
  RETURN QUERY SELECT c.id, c.name, c.email, p.id, p.name, found.purpose
    FROM coach c JOIN practice p ON p.id = c.practice_id
    WHERE c.id = found.coach_id AND c.ended_on IS NULL;
  PERFORM set_config('app.session_coach', '', true);
END $$;
GRANT EXECUTE ON FUNCTION who_has_session(bytea), who_has_coach_link(bytea) TO taxikine_app;`;

const doorsBefore = `
DROP FUNCTION who_has_coach_link(bytea);
DROP FUNCTION who_has_session(bytea);
CREATE FUNCTION who_has_session(wanted bytea)
RETURNS TABLE (coach_id uuid, coach_name text, email text, practice_id uuid, practice_name text)
LANGUAGE plpgsql SECURITY DEFINER AS $$
DECLARE found session;
BEGIN
  PERFORM set_config('app.token_hash', encode(wanted, 'hex'), true);
  SELECT * INTO found FROM session s WHERE s.token_hash = wanted AND s.expires_at > now();
  PERFORM set_config('app.token_hash', '', true);
  IF found.coach_id IS NULL THEN RETURN; END IF;
  PERFORM set_config('app.session_coach', found.coach_id::text, true);
  RETURN QUERY SELECT c.id, c.name, c.email, p.id, p.name
    FROM coach c JOIN practice p ON p.id = c.practice_id WHERE c.id = found.coach_id;
  PERFORM set_config('app.session_coach', '', true);
END $$;
CREATE OR REPLACE FUNCTION coach_for_sign_in(wanted text)
RETURNS TABLE (id uuid, practice_id uuid, password_hash text)
LANGUAGE plpgsql SECURITY DEFINER AS $$
BEGIN
  PERFORM set_config('app.sign_in_email', wanted, true);
  RETURN QUERY SELECT c.id, c.practice_id, c.password_hash FROM coach c WHERE c.email = wanted;
  PERFORM set_config('app.sign_in_email', '', true);
END $$;
GRANT EXECUTE ON FUNCTION who_has_session(bytea) TO taxikine_app;`;

/**
 * Back, everybody who signs in may everything. Who was invited only is forgotten; who was ended stays, for what they
 * wrote is theirs, under an address that nobody signs in with.
 */
const peopleBefore = `
REVOKE INSERT (id, practice_id, name, email, role) ON coach FROM taxikine_app;
ALTER TABLE coach NO FORCE ROW LEVEL SECURITY;
DELETE FROM coach WHERE password_hash IS NULL;
UPDATE coach SET email = gen_random_uuid() || '@ended.invalid' WHERE ended_on IS NOT NULL;
ALTER TABLE coach FORCE ROW LEVEL SECURITY;
ALTER TABLE coach DROP COLUMN joined, DROP COLUMN role, DROP COLUMN ended_on,
  ALTER COLUMN password_hash SET NOT NULL;`;

/** A practice of people: owners and coaches, invited by a link, and let in no more when they leave. */
export class People1765700000000 implements MigrationInterface {
  name = 'People1765700000000';

  async up(runner: QueryRunner): Promise<void> {
    for (const part of [people, links, doors]) await runner.query(part);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(doorsBefore);
    await runner.query('DROP TABLE coach_link');
    await runner.query(peopleBefore);
  }
}
