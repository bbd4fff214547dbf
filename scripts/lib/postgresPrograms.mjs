import { createHash } from 'node:crypto';
import { chmodSync, mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { isRoot, output, succeeds } from './run.mjs';

/** PostgreSQL refuses to run as root: then its programs run as Debian's postgres user. */
export const asPostgres = (command, args) =>
  isRoot() ? ['runuser', ['-u', 'postgres', '--', command, ...args]] : [command, args];

/** Runs one of its programs to its end; what it printed. */
export const run = (command, args) => output(...asPostgres(command, args), { cwd: '/' });
export const runs = (command, args) => succeeds(...asPostgres(command, args), { cwd: '/' });

/** A folder that the server's user can enter; outside the project when its parents are closed. */
export function homeFor(wanted) {
  mkdirSync(wanted, { recursive: true });
  if (!isRoot()) return wanted;
  chmodSync(wanted, 0o755);
  if (runs('test', ['-x', wanted])) {
    output('chown', ['postgres:postgres', wanted]);
    return wanted;
  }
  const outside = join(
    '/var/lib/postgresql',
    `taxikine-${createHash('sha256').update(wanted).digest('hex').slice(0, 16)}`,
  );
  mkdirSync(outside, { recursive: true });
  output('chown', ['postgres:postgres', outside]);
  console.log(
    `The project's folder is closed to the postgres user; the database is kept in ${outside}`,
  );
  return outside;
}

/** Who administers a cluster of ours. */
export const ADMIN = 'taxikine_admin';

/** A cluster that nobody enters without the password, from this machine either. */
export function initialise(bin, data, password) {
  const file = join(mkdtempSync(join(tmpdir(), 'taxikine-')), 'pw');
  writeFileSync(file, password);
  if (isRoot()) output('chown', ['-R', 'postgres:postgres', join(file, '..')]);
  run(join(bin, 'initdb'), [
    '-D',
    data,
    '-U',
    ADMIN,
    '-A',
    'scram-sha-256',
    '--pwfile',
    file,
    '-E',
    'UTF8',
    '--locale=C.UTF-8',
  ]);
  rmSync(join(file, '..'), { recursive: true });
}

/** Options of a server that is reached at a loopback port, and beside it through a socket in a folder of its own. */
export function listeningAt(port) {
  const sockets = mkdtempSync(join(tmpdir(), 'txk-'));
  if (isRoot()) output('chown', ['postgres:postgres', sockets]);
  return [`-p ${port}`, `-k ${sockets}`, '-c listen_addresses=127.0.0.1'];
}
