import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { ROOT, WEB_DIST } from './paths.mjs';
import { Told } from './run.mjs';

/** Starts the Express process; resolves once it listens. */
export function startServer({ port, appUrl, logLevel = 'warn' }) {
  const env = {
    ...process.env,
    PORT: String(port),
    APP_DATABASE_URL: appUrl,
    WEB_DIST,
    LOG_LEVEL: logLevel,
  };
  const args = ['--import', 'tsx', join(ROOT, 'server', 'src', 'main.ts')];
  const child = spawn(process.execPath, args, {
    cwd: join(ROOT, 'server'),
    env,
    stdio: ['ignore', 'inherit', 'inherit', 'ipc'],
  });
  return new Promise((resolve, reject) => {
    child.once('message', () => resolve(child));
    child.once('exit', (code) => reject(new Told(`The server stopped with code ${code}.`)));
  });
}
