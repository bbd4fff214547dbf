import { execFileSync } from 'node:child_process';
import { mkdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { startCluster } from '../../scripts/lib/cluster.mjs';
import { loadDemo, migrateBack, outside } from '../../scripts/lib/database.mjs';
import { needPostgres } from '../../scripts/lib/debian.mjs';
import { freePort } from '../../scripts/lib/ports.mjs';
import { asPostgres, listeningAt } from '../../scripts/lib/postgresPrograms.mjs';
import { scratchFolder } from '../../scripts/lib/scratch.mjs';
import { startServer } from '../../scripts/lib/serverProcess.mjs';
import { told } from '../operating';
import { expect, ILSE, test } from '../world';

/** A PostgreSQL of somebody's own, set up as the page for operators tells, with the demo practice in it. */
interface Own {
  readonly bin: string;
  readonly home: string;
  readonly port: number;
  readonly admin: string;
  readonly ownerUrl: string;
  readonly appUrl: string;
  readonly end: () => Promise<void>;
}

const ask = (url: string, sql: string) =>
  execFileSync('psql', [url, '-v', 'ON_ERROR_STOP=1', '-Atc', sql], { encoding: 'utf8' }).trim();

const say = (url: string, sql: string, settings: Record<string, string> = {}) =>
  execFileSync(
    'psql',
    [
      url,
      '-v',
      'ON_ERROR_STOP=1',
      ...Object.entries(settings).flatMap(([k, v]) => ['-v', `${k}=${v}`]),
    ],
    { input: sql, encoding: 'utf8' },
  );

function as(admin: string, role: string, secret: string, database: string): string {
  const url = new URL(admin);
  [url.username, url.password, url.pathname] = [role, secret, `/${database}`];
  return url.toString();
}

/** Done as the page says, and as those who work with our commands do. */
function migrated(ownerUrl: string, appUrl: string): { ownerUrl: string; appUrl: string } {
  Object.assign(process.env, { DATABASE_URL: ownerUrl, APP_DATABASE_URL: appUrl });
  try {
    return outside({ fresh: false }) as { ownerUrl: string; appUrl: string };
  } finally {
    delete process.env.DATABASE_URL;
    delete process.env.APP_DATABASE_URL;
  }
}

async function ownPostgres(wantedPort: number): Promise<Own> {
  const [bin, home] = [await needPostgres(), scratchFolder('backup')];
  const cluster = await startCluster({ bin, home, wantedPort });
  const admin = cluster.adminUrl.replace(/\/postgres$/, '');
  const secrets = { owner_secret: 'one-of-two', app_secret: 'two-of-two' };
  say(cluster.adminUrl, told('roles'), secrets);
  const ownerUrl = as(admin, 'taxikine_owner', secrets.owner_secret, 'taxikine');
  const appUrl = as(admin, 'taxikine_app', secrets.app_secret, 'taxikine');
  loadDemo(migrated(ownerUrl, appUrl));
  const end = async () => {
    await cluster.stop();
    rmSync(home, { recursive: true, force: true });
  };
  return { bin, home, port: cluster.port, admin, ownerUrl, appUrl, end };
}

/** How many rows each table has, seen past the policies. */
const counted = (url: string): string =>
  ask(
    url,
    `SELECT string_agg(t || ' ' || n, ', ' ORDER BY t) FROM (
       SELECT table_name AS t, (xpath('/row/c/text()', query_to_xml(
         format('SELECT count(*) AS c FROM public.%I', table_name), false, true, '')))[1]::text AS n
       FROM information_schema.tables WHERE table_schema = 'public' AND table_type = 'BASE TABLE') AS all_of_them`,
  );

/** As whoever follows the page at a shell. */
const follow = (name: string, own: Own, settings: Record<string, string>) =>
  execFileSync('bash', ['-euc', told(name)], {
    env: {
      ...process.env,
      PATH: `${own.bin}:${process.env.PATH}`,
      ADMIN_URL: own.admin,
      ...settings,
    },
  });

const isRoot = process.getuid!() === 0;
/** To PostgreSQL's own user, where we are not it. */
const given = (folder: string) => execFileSync('chown', ['-R', 'postgres:postgres', folder]);

function control({ bin }: Own, data: string, ...how: string[]): void {
  const [command, args] = asPostgres(join(bin, 'pg_ctl'), ['-D', data, '-w', ...how]);
  execFileSync(command as string, args as string[], { cwd: '/' });
}

/** Names of the clients that a coach finds behind the door. */
async function clientsAt(appUrl: string, wantedPort: number): Promise<string[]> {
  const port = await freePort(wantedPort);
  const server = await startServer({ port, appUrl, logLevel: 'silent' });
  const api = `http://127.0.0.1:${port}/api/v1`;
  try {
    const headers = { 'Content-Type': 'application/json', 'X-Taxikine': '1' };
    const body = JSON.stringify(ILSE);
    const door = await fetch(`${api}/session`, { method: 'POST', headers, body });
    const cookie = door.headers.get('set-cookie')!.split(';')[0]!;
    const { clients } = (await (await fetch(`${api}/clients`, { headers: { cookie } })).json()) as {
      clients: { client: { name: string } }[];
    };
    return clients.map(({ client }) => client.name).sort();
  } finally {
    server.kill('SIGKILL');
  }
}

/** One after the other, on one PostgreSQL: making one and filling it is what takes the time. */
test.describe.serial('a PostgreSQL of one’s own', () => {
  let own: Own;
  test.beforeAll(async () => {
    own = await ownPostgres(27_200);
  });
  test.afterAll(() => own.end());

  test('a migration is taken back and comes again without a server', () => {
    const newest = () =>
      ask(`${own.admin}/taxikine`, 'SELECT name FROM migrations ORDER BY id DESC LIMIT 1');
    const name = newest();
    expect(migrateBack({ ownerUrl: own.ownerUrl }, 1)).toBe(name);
    expect(newest()).not.toBe(name);
    migrated(own.ownerUrl, own.appUrl);
    expect(newest()).toBe(name);
  });

  test('a dump that is put back has everything in it, and is served as before', async () => {
    const backup = join(own.home, 'dumps');
    mkdirSync(backup);
    follow('dump', own, { BACKUP: backup });
    follow('restore', own, { BACKUP: backup });
    expect(counted(`${own.admin}/taxikine_restored`)).toBe(counted(`${own.admin}/taxikine`));
    const back = (url: string) => url.replace(/taxikine$/, 'taxikine_restored');
    migrated(back(own.ownerUrl), back(own.appUrl));
    const names = await clientsAt(own.appUrl, 27_220);
    expect(names.length).toBeGreaterThan(5);
    expect(await clientsAt(back(own.appUrl), 27_220)).toEqual(names);
    // Nobody is seen by a server that does not say whose practice it serves.
    expect(ask(back(own.appUrl), 'SELECT count(*) FROM client')).toBe('0');
  });

  test('a practice is put back to the moment before something went wrong', async () => {
    const [archive, backup] = [join(own.home, 'archive'), join(own.home, 'backup')];
    for (const folder of [archive, backup]) mkdirSync(folder);
    if (isRoot) [archive, backup].forEach(given);
    say(`${own.admin}/postgres`, told('archiving').replaceAll(':archive', archive));
    // With a log: without one, whoever asks waits until the server itself ends.
    const log = join(own.home, 'postgres', 'log');
    control(own, join(own.home, 'postgres', 'data'), '-m', 'fast', '-l', log, 'restart');
    follow('base', own, { BACKUP: backup });
    const before = counted(`${own.admin}/taxikine`);
    const moment = ask(`${own.admin}/taxikine`, 'SELECT now()');
    ask(`${own.admin}/taxikine`, 'DELETE FROM look');
    const last = ask(`${own.admin}/taxikine`, 'SELECT pg_walfile_name(pg_switch_wal())');
    const isArchived = `SELECT last_archived_wal >= '${last}' FROM pg_stat_archiver`;
    await expect.poll(() => ask(`${own.admin}/postgres`, isArchived)).toBe('t');

    const data = join(own.home, 'moment');
    follow('moment', own, { BACKUP: backup, ARCHIVE: archive, DATA: data, MOMENT: moment });
    if (isRoot) given(data);
    const port = await freePort(27_250);
    const options = [...listeningAt(port), '-c archive_mode=off'].join(' ');
    control(own, data, '-l', log, '-o', options, 'start');
    try {
      const there = `${own.admin.replace(`:${own.port}`, `:${port}`)}/taxikine`;
      expect(counted(there)).toBe(before);
      expect(ask(`${own.admin}/taxikine`, 'SELECT count(*) FROM look')).toBe('0');
    } finally {
      control(own, data, '-m', 'immediate', 'stop');
    }
  });
});
