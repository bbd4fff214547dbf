import { builtProgram } from './builtProgram.mjs';
import { ROOT } from './paths.mjs';
import { output, Told } from './run.mjs';

const tool = (name, env) =>
  output(process.execPath, builtProgram(name), { cwd: ROOT, env: { ...process.env, ...env } });

/** Roles, database and migrations in our own cluster; returns the two addresses. */
export const prepared = (cluster, { name, fresh }) =>
  JSON.parse(
    tool('prepare', {
      ADMIN_URL: cluster.adminUrl,
      DATABASE_NAME: name,
      FRESH: fresh ? '1' : '',
    }),
  );

/** Somebody else's database: migrated as its owner, served as the role that owns nothing. */
export function outside({ fresh }) {
  const { DATABASE_URL: ownerUrl, APP_DATABASE_URL: appUrl } = process.env;
  if (!appUrl)
    throw new Told(
      'With DATABASE_URL, APP_DATABASE_URL is needed too: the same database as the role taxikine_app, which owns nothing.',
    );
  if (fresh)
    throw new Told('--fresh does not touch a database that is not ours. Drop it yourself.');
  tool('migrate', { OWNER_URL: ownerUrl });
  return { ownerUrl, appUrl };
}

/** Takes the newest migrations back; their names. */
export const migrateBack = ({ ownerUrl }, count) =>
  tool('migrate', { OWNER_URL: ownerUrl, BACK: String(count) });

/** Loads the demo practice when there is no practice yet. Prints what it did. */
export const loadDemo = ({ ownerUrl, appUrl }) =>
  tool('demo', { OWNER_URL: ownerUrl, APP_DATABASE_URL: appUrl });

/** Whether the demo's coach can sign in, with a password that everybody knows. */
export const isDemoThere = ({ appUrl }) =>
  tool('demo', { APP_DATABASE_URL: appUrl, ONLY_ASK: '1' }) === 'there';

/** A token for whoever makes the first practice on a screen; empty where there is one. */
export const foundingToken = ({ ownerUrl }) => tool('founding', { OWNER_URL: ownerUrl });

/** Makes a practice with its coaches, from the command line. */
export const makePractice = ({ ownerUrl }, practice) =>
  tool('makePractice', {
    OWNER_URL: ownerUrl,
    PRACTICE: JSON.stringify(practice),
  });
