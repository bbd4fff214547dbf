import type { MigrationInterface, QueryRunner } from 'typeorm';

/** What is known of somebody before their practice is: the table that has it, and the column. */
const KNOWN_BY: Readonly<Record<string, string>> = {
  coach: 'email',
  session: 'token_hash',
  coach_link: 'token_hash',
  client_link: 'token_hash',
  passkey: 'credential_id',
};

/** As the trigger writes a key, whatever the type of its column. */
const keyOf = (row: string, column: string): string => `to_jsonb(${row}) ->> ${column}`;

const directory = `
CREATE TABLE directory (
  kind text NOT NULL,
  key text NOT NULL,
  practice_id uuid NOT NULL REFERENCES practice (id),
  PRIMARY KEY (kind, key));
ALTER TABLE directory ENABLE ROW LEVEL SECURITY;
ALTER TABLE directory FORCE ROW LEVEL SECURITY;
CREATE POLICY behind_doors ON directory TO CURRENT_USER USING (true) WITH CHECK (true);`;

/** No row comes or goes without its line: whoever writes the row need not know of the directory, and cannot touch it. */
const kept = `
CREATE FUNCTION keep_in_directory() RETURNS trigger LANGUAGE plpgsql SECURITY DEFINER
SET bytea_output = hex AS $$
DECLARE
  named text := TG_ARGV[0];
BEGIN
  IF TG_OP <> 'INSERT' THEN
    DELETE FROM directory WHERE kind = TG_TABLE_NAME AND key = ${keyOf('OLD', 'named')};
  END IF;
  IF TG_OP <> 'DELETE' THEN
    INSERT INTO directory (kind, key, practice_id)
      VALUES (TG_TABLE_NAME, ${keyOf('NEW', 'named')}, NEW.practice_id);
  END IF;
  RETURN NULL;
END $$;`;

const follow = ([table, column]: [string, string]): string => `
ALTER TABLE ${table} NO FORCE ROW LEVEL SECURITY;
INSERT INTO directory (kind, key, practice_id)
  SELECT '${table}', ${keyOf('t', `'${column}'`)}, t.practice_id FROM ${table} t;
ALTER TABLE ${table} FORCE ROW LEVEL SECURITY;
CREATE TRIGGER keep_in_directory AFTER INSERT OR DELETE OR UPDATE OF ${column} ON ${table}
  FOR EACH ROW EXECUTE FUNCTION keep_in_directory('${column}');`;

/** Meanwhile the rows of the practice that has it are seen; after it, what was seen before. */
const within = (table: string, key: string, work: string): string => `
LANGUAGE plpgsql SECURITY DEFINER AS $$
DECLARE
  before text := coalesce(current_setting('app.practice_id', true), '');
BEGIN
  PERFORM set_config('app.practice_id', (SELECT d.practice_id::text FROM directory d
    WHERE d.kind = '${table}' AND d.key = ${key}), true);
  RETURN QUERY ${work};
  PERFORM set_config('app.practice_id', before, true);
END $$;`;

const ofHash = `'\\x' || encode(wanted, 'hex')`;

const doors = `
CREATE OR REPLACE FUNCTION coach_for_sign_in(wanted text)
RETURNS TABLE (id uuid, practice_id uuid, password_hash text)${within(
  'coach',
  'wanted',
  `SELECT c.id, c.practice_id, c.password_hash FROM coach c
    WHERE c.email = wanted AND c.ended_on IS NULL AND c.password_hash IS NOT NULL`,
)}
CREATE OR REPLACE FUNCTION who_has_session(wanted bytea)
RETURNS TABLE (coach_id uuid, coach_name text, email text, role text, practice_id uuid, practice_name text, idle_min integer)${within(
  'session',
  ofHash,
  `SELECT c.id, c.name, c.email, c.role, p.id, p.name, p.idle_min
    FROM session s JOIN coach c ON (c.practice_id, c.id) = (s.practice_id, s.coach_id)
    JOIN practice p ON p.id = s.practice_id
    WHERE s.token_hash = wanted AND s.expires_at > now() AND c.ended_on IS NULL`,
)}
CREATE OR REPLACE FUNCTION who_has_coach_link(wanted bytea)
RETURNS TABLE (coach_id uuid, coach_name text, email text, practice_id uuid, practice_name text, purpose text)${within(
  'coach_link',
  ofHash,
  `SELECT c.id, c.name, c.email, p.id, p.name, l.purpose
    FROM coach_link l JOIN coach c ON (c.practice_id, c.id) = (l.practice_id, l.coach_id)
    JOIN practice p ON p.id = l.practice_id
    WHERE l.token_hash = wanted AND l.expires_at > now() AND c.ended_on IS NULL`,
)}
CREATE OR REPLACE FUNCTION who_has_link(wanted bytea, wanted_for text)
RETURNS TABLE (link_id uuid, practice_id uuid, practice_name text, client_id uuid, state text)${within(
  'client_link',
  ofHash,
  `SELECT l.id, l.practice_id, p.name, l.client_id,
    CASE WHEN l.revoked_on IS NOT NULL THEN 'revoked'
         WHEN l.expires_on <= now() THEN 'expired' ELSE 'open' END
    FROM client_link l JOIN practice p ON p.id = l.practice_id
    WHERE l.token_hash = wanted AND l.purpose = wanted_for`,
)}
CREATE OR REPLACE FUNCTION who_has_passkey(wanted text)
RETURNS TABLE (coach_id uuid, practice_id uuid, public_key bytea, counter bigint)${within(
  'passkey',
  'wanted',
  `SELECT c.id, c.practice_id, k.public_key, k.counter
    FROM passkey k JOIN coach c ON (c.practice_id, c.id) = (k.practice_id, k.coach_id)
    WHERE k.credential_id = wanted AND c.ended_on IS NULL`,
)}`;

/** Every door had a way of its own past the policies. */
const waysPast = `
DROP POLICY sign_in ON coach; DROP POLICY of_session ON coach; DROP POLICY by_token ON session;
DROP POLICY by_token ON coach_link; DROP POLICY by_token ON client_link; DROP POLICY by_credential ON passkey;`;

const waysPastBefore = `
CREATE POLICY sign_in ON coach FOR SELECT TO CURRENT_USER
  USING (email = nullif(current_setting('app.sign_in_email', true), ''));
CREATE POLICY of_session ON coach FOR SELECT TO CURRENT_USER
  USING (id = nullif(current_setting('app.session_coach', true), '')::uuid);
CREATE POLICY by_token ON session TO CURRENT_USER
  USING (token_hash = decode(nullif(current_setting('app.token_hash', true), ''), 'hex'));
CREATE POLICY by_token ON coach_link TO CURRENT_USER
  USING (token_hash = decode(nullif(current_setting('app.token_hash', true), ''), 'hex'));
CREATE POLICY by_token ON client_link FOR SELECT TO CURRENT_USER
  USING (token_hash = decode(nullif(current_setting('app.token_hash', true), ''), 'hex'));
CREATE POLICY by_credential ON passkey FOR SELECT TO CURRENT_USER
  USING (credential_id = nullif(current_setting('app.credential_id', true), ''));`;

/** A door as it was: by settings that policies of its own look at. */
const setWhile = (setting: string, value: string, work: string): string => `
  PERFORM set_config('app.${setting}', ${value}, true);${work}
  PERFORM set_config('app.${setting}', '', true);`;

const OF_COACH = `c.id = found.coach_id AND c.ended_on IS NULL;`;

const doorsBefore = `
CREATE OR REPLACE FUNCTION coach_for_sign_in(wanted text)
RETURNS TABLE (id uuid, practice_id uuid, password_hash text)
LANGUAGE plpgsql SECURITY DEFINER AS $$
BEGIN${setWhile(
  'sign_in_email',
  'wanted',
  `
  RETURN QUERY SELECT c.id, c.practice_id, c.password_hash FROM coach c
    WHERE c.email = wanted AND c.ended_on IS NULL AND c.password_hash IS NOT NULL;`,
)}
END $$;
CREATE OR REPLACE FUNCTION who_has_session(wanted bytea)
RETURNS TABLE (coach_id uuid, coach_name text, email text, role text, practice_id uuid, practice_name text, idle_min integer)
LANGUAGE plpgsql SECURITY DEFINER AS $$
DECLARE found session;
BEGIN${setWhile(
  'token_hash',
  `encode(wanted, 'hex')`,
  `
  SELECT * INTO found FROM session s WHERE s.token_hash = wanted AND s.expires_at > now();`,
)}
  IF found.coach_id IS NULL THEN RETURN; END IF;${setWhile(
    'session_coach',
    'found.coach_id::text',
    `
  RETURN QUERY SELECT c.id, c.name, c.email, c.role, p.id, p.name, p.idle_min
    FROM coach c JOIN practice p ON p.id = c.practice_id WHERE ${OF_COACH}`,
  )}
END $$;
CREATE OR REPLACE FUNCTION who_has_coach_link(wanted bytea)
RETURNS TABLE (coach_id uuid, coach_name text, email text, practice_id uuid, practice_name text, purpose text)
LANGUAGE plpgsql SECURITY DEFINER AS $$
DECLARE found coach_link;
BEGIN${setWhile(
  'token_hash',
  `encode(wanted, 'hex')`,
  `
  SELECT * INTO found FROM coach_link l WHERE l.token_hash = wanted AND l.expires_at > now();`,
)}
  IF found.coach_id IS NULL THEN RETURN; END IF;${setWhile(
    'session_coach',
    'found.coach_id::text',
    `
  RETURN QUERY SELECT c.id, c.name, c.email, p.id, p.name, found.purpose
    FROM coach c JOIN practice p ON p.id = c.practice_id WHERE ${OF_COACH}`,
  )}
END $$;
CREATE OR REPLACE FUNCTION who_has_link(wanted bytea, wanted_for text)
RETURNS TABLE (link_id uuid, practice_id uuid, practice_name text, client_id uuid, state text)
LANGUAGE plpgsql SECURITY DEFINER AS $$
BEGIN${setWhile(
  'token_hash',
  `encode(wanted, 'hex')`,
  `
  RETURN QUERY SELECT l.id, l.practice_id, p.name, l.client_id,
    CASE WHEN l.revoked_on IS NOT NULL THEN 'revoked'
         WHEN l.expires_on <= now() THEN 'expired' ELSE 'open' END
    FROM client_link l JOIN practice p ON p.id = l.practice_id
    WHERE l.token_hash = wanted AND l.purpose = wanted_for;`,
)}
END $$;
CREATE OR REPLACE FUNCTION who_has_passkey(wanted text)
RETURNS TABLE (coach_id uuid, practice_id uuid, public_key bytea, counter bigint)
LANGUAGE plpgsql SECURITY DEFINER AS $$
DECLARE found passkey;
BEGIN${setWhile(
  'credential_id',
  'wanted',
  `
  SELECT * INTO found FROM passkey k WHERE k.credential_id = wanted;`,
)}
  IF found.coach_id IS NULL THEN RETURN; END IF;${setWhile(
    'session_coach',
    'found.coach_id::text',
    `
  RETURN QUERY SELECT c.id, c.practice_id, found.public_key, found.counter
    FROM coach c WHERE ${OF_COACH}`,
  )}
END $$;`;

/**
 * The one table that is not a practice's: which practice has a token, an address or a passkey, for those who have not
 * said so. What is one of its kind in all the house is so by its key; and no key of a practice's table has to be.
 */
export class Directory1766600000000 implements MigrationInterface {
  name = 'Directory1766600000000';

  async up(runner: QueryRunner): Promise<void> {
    for (const part of [directory, kept, ...Object.entries(KNOWN_BY).map(follow), doors, waysPast])
      await runner.query(part);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(waysPastBefore);
    await runner.query(doorsBefore);
    for (const table of Object.keys(KNOWN_BY))
      await runner.query(`DROP TRIGGER keep_in_directory ON ${table}`);
    await runner.query('DROP FUNCTION keep_in_directory(); DROP TABLE directory');
  }
}
