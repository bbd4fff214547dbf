import { join } from 'node:path';
import { ROOT } from './paths.mjs';
import { output, Told } from './run.mjs';

const tool = (name, args, env) =>
  output(process.execPath, ['--import', 'tsx', join(ROOT, name), ...args], {
    cwd: ROOT,
    env: { ...process.env, TSX_TSCONFIG_PATH: join(ROOT, 'server', 'tsconfig.json'), ...env },
  });

/** Roles, database and migrations in our own cluster; returns the two addresses. */
export const prepared = (cluster, { name, fresh }) =>
  JSON.parse(
    tool('server/src/tools/prepare.ts', [], {
      ADMIN_URL: cluster.adminUrl,
      DATABASE_NAME: name,
      DATABASE_PASSWORD: cluster.password,
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
  tool('server/src/tools/migrate.ts', [], { OWNER_URL: ownerUrl });
  return { ownerUrl, appUrl };
}

/** Loads the demo practice when there is no practice yet. Prints what it did. */
export const loadDemo = ({ ownerUrl, appUrl }) =>
  tool('demo/src/main.ts', [], { OWNER_URL: ownerUrl, APP_DATABASE_URL: appUrl });

/** Makes a practice with its coaches; the only way in besides the demo. */
export const makePractice = ({ ownerUrl }, practice) =>
  tool('server/src/tools/makePractice.ts', [], {
    OWNER_URL: ownerUrl,
    PRACTICE: JSON.stringify(practice),
  });
