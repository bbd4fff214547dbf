import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Public halves of keys that devices of a coach hold. Nothing here lets anybody in by itself. */
const passkey = `
CREATE TABLE passkey (
  practice_id uuid NOT NULL REFERENCES practice (id),
  id uuid NOT NULL DEFAULT gen_random_uuid(),
  coach_id uuid NOT NULL REFERENCES coach (id) ON DELETE CASCADE,
  credential_id text NOT NULL UNIQUE,
  public_key bytea NOT NULL,
  counter bigint NOT NULL,
  name text NOT NULL,
  made_on timestamptz NOT NULL DEFAULT now(),
  used_on timestamptz,
  PRIMARY KEY (practice_id, id));
CREATE INDEX ON passkey (practice_id, coach_id);
ALTER TABLE passkey ENABLE ROW LEVEL SECURITY;
ALTER TABLE passkey FORCE ROW LEVEL SECURITY;
CREATE POLICY own_practice ON passkey
  USING (practice_id = nullif(current_setting('app.practice_id', true), '')::uuid)
  WITH CHECK (practice_id = nullif(current_setting('app.practice_id', true), '')::uuid);
CREATE POLICY by_credential ON passkey FOR SELECT TO CURRENT_USER
  USING (credential_id = nullif(current_setting('app.credential_id', true), ''));
GRANT SELECT, INSERT, DELETE, UPDATE (counter, used_on) ON passkey TO taxikine_app;`;

/** What a device is asked to sign: random, of nobody, and good once. */
const challenge = `
CREATE TABLE passkey_challenge (
  challenge text PRIMARY KEY,
  expires_at timestamptz NOT NULL);
GRANT SELECT, INSERT, DELETE ON passkey_challenge TO taxikine_app;`;

/** Before the practice is known, by the id that a device gives with its signature. */
const door = `
CREATE FUNCTION who_has_passkey(wanted text)
RETURNS TABLE (coach_id uuid, practice_id uuid, public_key bytea, counter bigint)
LANGUAGE plpgsql SECURITY DEFINER AS $$
DECLARE found passkey;
BEGIN
  PERFORM set_config('app.credential_id', wanted, true);
  SELECT * INTO found FROM passkey k WHERE k.credential_id = wanted;
  PERFORM set_config('app.credential_id', '', true);
  IF found.coach_id IS NULL THEN RETURN; END IF;
  PERFORM set_config('app.session_coach', found.coach_id::text, true);
  RETURN QUERY SELECT c.id, c.practice_id, found.public_key, found.counter
    FROM coach c WHERE c.id = found.coach_id AND c.ended_on IS NULL;
  PERFORM set_config('app.session_coach', '', true);
END $$;
REVOKE ALL ON FUNCTION who_has_passkey(text) FROM PUBLIC;
GRANT EXECUTE ON FUNCTION who_has_passkey(text) TO taxikine_app;`;

/** Keys that let a coach in without a password. */
export class Passkeys1766400000000 implements MigrationInterface {
  name = 'Passkeys1766400000000';

  async up(runner: QueryRunner): Promise<void> {
    for (const part of [passkey, challenge, door]) await runner.query(part);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(
      'DROP FUNCTION who_has_passkey(text); DROP TABLE passkey_challenge; DROP TABLE passkey',
    );
  }
}
