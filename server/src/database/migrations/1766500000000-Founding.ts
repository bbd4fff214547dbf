import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Addresses at which the very first practice of a house is made: told to whoever starts it, and for the owner of the tables alone. */
const table = `
CREATE TABLE founding_link (
  token_hash bytea PRIMARY KEY,
  expires_at timestamptz NOT NULL);`;

/** A house in which there is a practice has no door of this kind any more, whatever links are left. */
const functions = `
CREATE FUNCTION is_founding_link(wanted bytea) RETURNS boolean
LANGUAGE plpgsql SECURITY DEFINER AS $$
BEGIN
  RETURN EXISTS (SELECT FROM founding_link WHERE token_hash = wanted AND expires_at > now())
    AND NOT EXISTS (SELECT FROM practice);
END $$;
CREATE FUNCTION found_practice(wanted bytea, practice_id uuid, practice_name text,
  coach_id uuid, coach_name text, address text, hash text) RETURNS boolean
LANGUAGE plpgsql SECURITY DEFINER AS $$
BEGIN
  -- Of two who do so at once it is one: the other waits for the rows, and finds none.
  DELETE FROM founding_link WHERE token_hash = wanted AND expires_at > now();
  IF NOT FOUND OR EXISTS (SELECT FROM practice) THEN RETURN false; END IF;
  DELETE FROM founding_link;
  PERFORM set_config('app.practice_id', practice_id::text, true);
  INSERT INTO practice (id, name) VALUES (practice_id, practice_name);
  INSERT INTO coach (id, practice_id, name, email, password_hash, role)
    VALUES (coach_id, found_practice.practice_id, coach_name, address, hash, 'owner');
  RETURN true;
END $$;
REVOKE ALL ON FUNCTION is_founding_link(bytea) FROM PUBLIC;
REVOKE ALL ON FUNCTION found_practice(bytea, uuid, text, uuid, text, text, text) FROM PUBLIC;
GRANT EXECUTE ON FUNCTION is_founding_link(bytea) TO taxikine_app;
GRANT EXECUTE ON FUNCTION found_practice(bytea, uuid, text, uuid, text, text, text) TO taxikine_app;`;

/** The first practice is made on a screen. */
export class Founding1766500000000 implements MigrationInterface {
  name = 'Founding1766500000000';

  async up(runner: QueryRunner): Promise<void> {
    for (const part of [table, functions]) await runner.query(part);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(
      `DROP FUNCTION found_practice(bytea, uuid, text, uuid, text, text, text);
       DROP FUNCTION is_founding_link(bytea); DROP TABLE founding_link`,
    );
  }
}
