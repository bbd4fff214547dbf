import type { DataSource } from 'typeorm';

/** What runs as its owner finds nothing but what is its owner's: `pg_temp` last, where anybody could put things. */
const SEARCH_PATH = 'pg_catalog, public, pg_temp';

const AS_OWNER = `
SELECT p.oid::regprocedure::text AS signature FROM pg_proc p
WHERE p.prosecdef AND p.pronamespace = 'public'::regnamespace AND p.proowner = current_user::regrole`;

/**
 * Leaves the serving role no place of its own to put a table or a view in, and functions that run as the owner no
 * place but the owner's to look in. As the owner, after every migration: a copy of a database has not got the first.
 */
export async function closeDoors(owner: DataSource): Promise<void> {
  const [{ name }] = await owner.query('SELECT quote_ident(current_database()) AS name');
  await owner.query(`REVOKE TEMPORARY ON DATABASE ${name} FROM PUBLIC`);
  await owner.query('REVOKE CREATE ON SCHEMA public FROM PUBLIC');
  const functions: { signature: string }[] = await owner.query(AS_OWNER);
  for (const { signature } of functions) {
    await owner.query(`ALTER FUNCTION ${signature} SET search_path = ${SEARCH_PATH}`);
    await owner.query(`REVOKE ALL ON FUNCTION ${signature} FROM PUBLIC`);
  }
}
