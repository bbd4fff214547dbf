import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { builtProgram } from './builtProgram.mjs';
import { ROOT, WEB_DIST } from './paths.mjs';
import { Told } from './run.mjs';

/** What goes wrong is said, and no more unless somebody wants to hear more. */
const LOG_LEVEL = process.env.LOG_LEVEL ?? 'warn';

/** Starts one of the server's processes; resolves once it says that it is ready. */
function startProcess(what, settings) {
  const child = spawn(process.execPath, builtProgram(what), {
    cwd: join(ROOT, 'server'),
    env: { ...process.env, ...settings },
    stdio: ['ignore', 'inherit', 'inherit', 'ipc'],
  });
  return new Promise((resolve, reject) => {
    child.once('message', () => resolve(child));
    child.once('exit', (code) => reject(new Told(`The ${what} stopped with code ${code}.`)));
  });
}

/** The Express process. `behind`: what it is told of a proxy in front, as in `docs/operating.md`. */
export const startServer = ({ port, appUrl, dist = WEB_DIST, logLevel = LOG_LEVEL, behind = {} }) =>
  startProcess('server', {
    PORT: String(port),
    APP_DATABASE_URL: appUrl,
    WEB_DIST: dist,
    LOG_LEVEL: logLevel,
    ...behind,
  });

/** The process that makes papers, sends letters and rolls up. Letters of the simulated outbox go into a folder. */
export const startWorker = ({ appUrl, publicUrl, outbox, logLevel = LOG_LEVEL }) =>
  startProcess('worker', {
    APP_DATABASE_URL: appUrl,
    PUBLIC_URL: publicUrl,
    OUTBOX: outbox,
    LOG_LEVEL: logLevel,
  });
