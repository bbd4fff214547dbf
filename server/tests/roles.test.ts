import { Client } from 'pg';
import { prepareDatabase, type Databases } from '../src';

const adminUrl = process.env.TEST_ADMIN_URL!;
const NAME = `test_roles_${process.pid}`;

let databases: Databases;
let app: Client;
beforeAll(async () => {
  databases = await prepareDatabase(adminUrl, { name: NAME, fresh: true });
  app = new Client({ connectionString: databases.appUrl });
  await app.connect();
});
afterAll(async () => {
  await app.end();
  const admin = new Client({ connectionString: adminUrl });
  await admin.connect();
  await admin.query(`DROP DATABASE ${NAME} WITH (FORCE)`);
  await admin.end();
});

const secretOf = (url: string) => new URL(url).password;

it('three roles have three secrets', () => {
  const secrets = [adminUrl, databases.ownerUrl, databases.appUrl].map(secretOf);
  expect(new Set(secrets).size).toBe(3);
});

it.each([
  ['the owner', () => new URL(databases.ownerUrl).username],
  ['the administrator', () => new URL(adminUrl).username],
])('with the serving role’s secret nobody is %s', async (_name, user) => {
  const url = new URL(databases.appUrl);
  url.username = user();
  const client = new Client({ connectionString: url.toString() });
  await expect(client.connect()).rejects.toThrow(/password authentication failed/);
});

it.each([
  ['be the owner', 'SET ROLE taxikine_owner'],
  ['put a table in its way', 'CREATE TEMPORARY TABLE coach (id uuid)'],
  ['put a view in its way', 'CREATE TEMPORARY VIEW session AS SELECT 1'],
  ['put a table beside ours', 'CREATE TABLE public.mine (id uuid)'],
  ['make a schema', 'CREATE SCHEMA mine'],
  ['make a function', 'CREATE FUNCTION mine() RETURNS int LANGUAGE sql AS $$ SELECT 1 $$'],
  ['make a role', 'CREATE ROLE mine'],
  ['read the directory', 'SELECT * FROM directory'],
  ['write in the directory', 'DELETE FROM directory'],
  ['lift a policy', 'ALTER TABLE client NO FORCE ROW LEVEL SECURITY'],
  ['read the table of coaches past its policies', 'SET row_security = off; SELECT * FROM coach'],
  ['read files of the machine', `SELECT pg_read_file('/etc/hostname')`],
  ['run programs', `COPY (SELECT 1) TO PROGRAM 'true'`],
])('the serving role cannot %s', async (_name, sql) => {
  await expect(app.query(sql)).rejects.toThrow(
    /permission denied|must be (owner|superuser)|row-level security/,
  );
});

interface Door {
  readonly name: string;
  readonly path: string[] | null;
  readonly open: boolean;
}

it('every function that runs as its owner looks in the owner’s places, and is open to who needs it alone', async () => {
  const { rows } = await app.query<Door>(`
    SELECT p.proname AS name, p.proconfig AS path,
      EXISTS (SELECT 1 FROM aclexplode(p.proacl) WHERE grantee = 0) OR p.proacl IS NULL AS open
    FROM pg_proc p WHERE p.prosecdef AND p.pronamespace = 'public'::regnamespace`);
  expect(rows.map(({ name }) => name).sort()).toEqual([
    'change_own_practice',
    'coach_for_sign_in',
    'found_practice',
    'is_founding_link',
    'keep_in_directory',
    'own_practice',
    'practices_to_tend',
    'who_has_coach_link',
    'who_has_link',
    'who_has_passkey',
    'who_has_session',
  ]);
  for (const { path, open } of rows) {
    expect(path).toContain('search_path=pg_catalog, public, pg_temp');
    expect(open).toBe(false);
  }
});
