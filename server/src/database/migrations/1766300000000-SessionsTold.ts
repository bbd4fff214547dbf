import type { MigrationInterface, QueryRunner } from 'typeorm';

/** A session that ends is told by the hash of its token; what is told with every session, as one word. */
const told = `
CREATE FUNCTION tell_session_end() RETURNS trigger LANGUAGE plpgsql SET search_path = public AS $$
BEGIN
  PERFORM pg_notify('sessions', encode(OLD.token_hash, 'hex'));
  RETURN NULL;
END $$;
CREATE TRIGGER tell_session_end AFTER DELETE ON session
  FOR EACH ROW EXECUTE FUNCTION tell_session_end();
CREATE FUNCTION tell_all_sessions() RETURNS trigger LANGUAGE plpgsql SET search_path = public AS $$
BEGIN
  PERFORM pg_notify('sessions', 'all');
  RETURN NULL;
END $$;
CREATE TRIGGER tell_all_sessions AFTER UPDATE OF name, role, ended_on ON coach
  FOR EACH ROW EXECUTE FUNCTION tell_all_sessions();
CREATE TRIGGER tell_all_sessions AFTER UPDATE ON practice
  FOR EACH ROW EXECUTE FUNCTION tell_all_sessions();`;

/** Every process of the server hears at once whose session ended, whichever of them it was ended at. */
export class SessionsTold1766300000000 implements MigrationInterface {
  name = 'SessionsTold1766300000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(told);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`
DROP TRIGGER tell_all_sessions ON practice;
DROP TRIGGER tell_all_sessions ON coach;
DROP TRIGGER tell_session_end ON session;
DROP FUNCTION tell_all_sessions();
DROP FUNCTION tell_session_end();`);
  }
}
