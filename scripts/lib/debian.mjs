import { existsSync, mkdirSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { KEPT } from './paths.mjs';
import { isRoot, shown, succeeds, Told } from './run.mjs';

const POSTGRES_HOME = '/usr/lib/postgresql';

/** Folder of the newest PostgreSQL server programs, or null. */
function maybePostgresBin() {
  if (!existsSync(POSTGRES_HOME)) return null;
  const versions = readdirSync(POSTGRES_HOME)
    .filter((name) => existsSync(join(POSTGRES_HOME, name, 'bin', 'initdb')))
    .sort((a, b) => Number(b) - Number(a));
  return versions.length > 0 ? join(POSTGRES_HOME, versions[0], 'bin') : null;
}

/** The same browser without its window: it needs half the processor. */
const SHELL = '/usr/bin/chromium-headless-shell';
const WHOLE = ['/usr/bin/chromium', '/usr/bin/chromium-browser', '/usr/bin/google-chrome'];

const maybeChromium = () => [SHELL, ...WHOLE].find(existsSync) ?? null;

const sudo = () => (isRoot() ? [] : succeeds('sudo', ['-n', 'true']) ? ['sudo', '-n'] : null);

const withPrefix = (prefix, words) => {
  const [first, ...rest] = [...prefix, ...words];
  return [first, rest];
};

/** Installs Debian packages when this user may; otherwise says the exact command. */
async function install(packages, why) {
  const command = `apt-get install -y --no-install-recommends ${packages.join(' ')}`;
  const prefix = sudo();
  if (!prefix || !succeeds('which', ['apt-get']))
    throw new Told(`${why} is missing. Install it with:\n  sudo apt-get update && sudo ${command}`);
  console.log(`Installing ${packages.join(', ')} (${why}) …`);
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
  const run = (line) =>
    shown(...withPrefix(prefix, line.split(' ')), { env, stdio: ['ignore', 'ignore', 'inherit'] });
  await run('apt-get update -q');
  if ((await run(command)) !== 0) throw new Told(`Could not install ${packages.join(', ')}.`);
}

/**
 * The server programs of PostgreSQL, installed if need be. Any cluster that Debian makes is left
 * alone; ours is separate.
 */
export async function needPostgres() {
  if (!maybePostgresBin()) await install(['postgresql'], 'PostgreSQL');
  const bin = maybePostgresBin();
  if (!bin)
    throw new Told('PostgreSQL was installed but its programs are not in /usr/lib/postgresql.');
  return bin;
}

/** Debian's Chromium for the tests: the one without a window where it can be had, else the whole one. */
export async function needChromium() {
  if (existsSync(SHELL)) return SHELL;
  const why = 'Chromium, for the end-to-end tests';
  try {
    await install(['chromium-headless-shell'], why);
  } catch (error) {
    if (!(error instanceof Told)) throw error;
    // Older systems have the whole browser only.
    if (!maybeChromium()) await install(['chromium'], why);
  }
  const path = maybeChromium();
  if (!path) throw new Told(`Chromium was installed but is at none of ${WHOLE.join(', ')}.`);
  return path;
}

const INSTALLED_NGINX = '/usr/sbin/nginx';

/**
 * Debian's nginx, for the tests of what stands in front of servers. Where it is not installed it is unpacked beside the
 * code: the package would begin to serve at port 80.
 */
export async function needNginx() {
  const home = join(KEPT, 'nginx');
  const unpacked = join(home, INSTALLED_NGINX);
  const there = [INSTALLED_NGINX, unpacked].find(existsSync);
  if (there) return there;
  mkdirSync(home, { recursive: true });
  console.log('Unpacking nginx (for the tests of what stands in front) …');
  const download = () => succeeds('apt-get', ['download', '-q', 'nginx'], { cwd: home });
  if (!download()) {
    const prefix = sudo();
    if (prefix) succeeds(...withPrefix(prefix, ['apt-get', 'update', '-q']));
    if (!download())
      throw new Told('nginx is missing. Install it with:\n  sudo apt-get install nginx');
  }
  const file = readdirSync(home).find((name) => name.endsWith('.deb'));
  if (!succeeds('dpkg-deb', ['-x', file, '.'], { cwd: home }) || !existsSync(unpacked))
    throw new Told(`The package ${file} has no nginx in it.`);
  return unpacked;
}

/** For certificates that last as long as a test. */
export async function needOpenssl() {
  if (!succeeds('which', ['openssl'])) await install(['openssl'], 'openssl');
  return 'openssl';
}
