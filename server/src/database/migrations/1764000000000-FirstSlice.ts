import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Tables whose rows belong to one practice and are seen by nobody else. */
const PRACTICE_TABLES = [
  'client',
  'visit',
  'look',
  'probe',
  'check_result',
  'drill_log',
  'applied_write',
  'coach',
  'session',
];

const RECORD = `
  id uuid PRIMARY KEY,
  practice_id uuid NOT NULL REFERENCES practice (id),
  version integer NOT NULL CHECK (version > 0),
  UNIQUE (practice_id, id)`;

/** A record points at its client (and visit) inside the same practice, or not at all. */
const OF_CLIENT = `${RECORD},
  client_id uuid NOT NULL,
  FOREIGN KEY (practice_id, client_id) REFERENCES client (practice_id, id)`;

const OF_VISIT = `${OF_CLIENT},
  visit_id uuid NOT NULL,
  FOREIGN KEY (practice_id, visit_id, client_id) REFERENCES visit (practice_id, id, client_id)`;

const tables = `
CREATE TABLE practice (id uuid PRIMARY KEY, name text NOT NULL);
CREATE TABLE coach (
  id uuid PRIMARY KEY,
  practice_id uuid NOT NULL REFERENCES practice (id),
  name text NOT NULL,
  email text NOT NULL UNIQUE CHECK (email = lower(email)),
  password_hash text NOT NULL);
CREATE TABLE session (
  token_hash bytea PRIMARY KEY,
  practice_id uuid NOT NULL REFERENCES practice (id),
  coach_id uuid NOT NULL REFERENCES coach (id) ON DELETE CASCADE,
  expires_at timestamptz NOT NULL);
CREATE TABLE client (${RECORD},
  name text NOT NULL, about text NOT NULL,
  height_m double precision NOT NULL, mass_kg double precision NOT NULL,
  segments jsonb NOT NULL, flags jsonb NOT NULL, history jsonb NOT NULL, given jsonb NOT NULL,
  consent jsonb, clearances jsonb NOT NULL);
CREATE TABLE visit (${OF_CLIENT},
  pattern text NOT NULL, opened_on timestamptz NOT NULL, closed_on timestamptz,
  step text NOT NULL, asks jsonb NOT NULL, minutes double precision NOT NULL, next text NOT NULL,
  UNIQUE (practice_id, id, client_id));
CREATE TABLE look (${OF_VISIT},
  role text NOT NULL CHECK (role IN ('first', 'again')),
  setup jsonb NOT NULL, faults jsonb NOT NULL, clear jsonb NOT NULL, pain jsonb NOT NULL,
  rating text, started_on timestamptz NOT NULL);
CREATE TABLE probe (${OF_VISIT},
  probe text NOT NULL, setup jsonb NOT NULL, outcomes jsonb NOT NULL,
  done_on timestamptz NOT NULL, removed boolean NOT NULL);
CREATE TABLE check_result (${OF_VISIT},
  role text NOT NULL CHECK (role IN ('first', 'again')),
  "check" text NOT NULL, side text,
  passive double precision, active double precision, braced jsonb, result text, felt text,
  pinch boolean, done_on timestamptz NOT NULL, removed boolean NOT NULL);
CREATE TABLE drill_log (${OF_VISIT},
  drill text NOT NULL, side text, targets jsonb NOT NULL, place integer NOT NULL,
  status text NOT NULL, clock jsonb NOT NULL, pain integer, done_on timestamptz,
  removed boolean NOT NULL);
CREATE TABLE applied_write (
  write_id uuid PRIMARY KEY,
  practice_id uuid NOT NULL REFERENCES practice (id),
  kind text NOT NULL, record_id uuid NOT NULL,
  applied_on timestamptz NOT NULL DEFAULT now());
`;

const indexes = ['visit', 'look', 'probe', 'check_result', 'drill_log']
  .map((table) => `CREATE INDEX ON ${table} (practice_id, client_id);`)
  .join('\n');

/** Row-level security under the application's own checks; it binds even the tables' owner. */
const security = PRACTICE_TABLES.map(
  (table) => `
ALTER TABLE ${table} ENABLE ROW LEVEL SECURITY;
ALTER TABLE ${table} FORCE ROW LEVEL SECURITY;
CREATE POLICY own_practice ON ${table}
  USING (practice_id = nullif(current_setting('app.practice_id', true), '')::uuid)
  WITH CHECK (practice_id = nullif(current_setting('app.practice_id', true), '')::uuid);`,
).join('\n');

/**
 * Signing in happens before the practice is known. These functions run as their owner, answer only
 * for one exact e-mail or token, and are the only way round the policies.
 */
const doors = `
CREATE POLICY sign_in ON coach FOR SELECT TO CURRENT_USER
  USING (email = nullif(current_setting('app.sign_in_email', true), ''));
CREATE POLICY by_token ON session TO CURRENT_USER
  USING (token_hash = decode(nullif(current_setting('app.token_hash', true), ''), 'hex'));
CREATE POLICY of_session ON coach FOR SELECT TO CURRENT_USER
  USING (id = nullif(current_setting('app.session_coach', true), '')::uuid);

CREATE FUNCTION coach_for_sign_in(wanted text) RETURNS TABLE (id uuid, practice_id uuid, password_hash text)
LANGUAGE plpgsql SECURITY DEFINER SET search_path = public AS $$
BEGIN
  PERFORM set_config('app.sign_in_email', wanted, true);
  RETURN QUERY SELECT c.id, c.practice_id, c.password_hash FROM coach c WHERE c.email = wanted;
  PERFORM set_config('app.sign_in_email', '', true);
END $$;

CREATE FUNCTION who_has_session(wanted bytea)
RETURNS TABLE (coach_id uuid, coach_name text, email text, practice_id uuid, practice_name text)
LANGUAGE plpgsql SECURITY DEFINER SET search_path = public AS $$
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
`;

const grants = `
REVOKE ALL ON FUNCTION coach_for_sign_in(text), who_has_session(bytea) FROM PUBLIC;
GRANT EXECUTE ON FUNCTION coach_for_sign_in(text), who_has_session(bytea) TO taxikine_app;
GRANT USAGE ON SCHEMA public TO taxikine_app;
GRANT SELECT, INSERT, UPDATE ON client, visit, look, probe, check_result, drill_log TO taxikine_app;
GRANT SELECT, INSERT ON applied_write TO taxikine_app;
GRANT SELECT, INSERT, DELETE ON session TO taxikine_app;
`;

export class FirstSlice1764000000000 implements MigrationInterface {
  name = 'FirstSlice1764000000000';

  async up(runner: QueryRunner): Promise<void> {
    for (const part of [tables, indexes, security, doors, grants]) await runner.query(part);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(
      'DROP FUNCTION who_has_session(bytea); DROP FUNCTION coach_for_sign_in(text);',
    );
    for (const table of [
      'applied_write',
      'drill_log',
      'check_result',
      'probe',
      'look',
      'visit',
      'client',
      'session',
      'coach',
      'practice',
    ])
      await runner.query(`DROP TABLE ${table}`);
  }
}
