import { createHash } from 'node:crypto';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT } from './paths.mjs';
import { shown, Told } from './run.mjs';

const MARK = join(ROOT, 'node_modules', '.taxikine-lock');

const wanted = () =>
  createHash('sha256')
    .update(readFileSync(join(ROOT, 'package-lock.json')))
    .update(process.version)
    .digest('hex');

/** Locked npm packages, installed when they are not there or the lock has changed. */
export async function needDependencies() {
  const lock = wanted();
  if (existsSync(MARK) && readFileSync(MARK, 'utf8') === lock) return;
  console.log('Installing npm packages (a minute or two) …');
  const code = await shown('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error'], {
    cwd: ROOT,
  });
  if (code !== 0) throw new Told('npm ci failed; see above.');
  writeFileSync(MARK, lock);
}
