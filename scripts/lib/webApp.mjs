import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { exportWeb } from './exportWeb.mjs';
import { KEPT, ROOT, WEB_DIST } from './paths.mjs';

const SOURCES = ['app', 'core', 'package-lock.json', 'scripts/lib/webApp.mjs', 'scripts/lib/parts'];
const SKIPPED = new Set(['node_modules', 'dist', '.expo', 'tests', 'bench']);

function* filesIn(path) {
  if (!statSync(path).isDirectory()) return yield path;
  for (const name of readdirSync(path).sort())
    if (!SKIPPED.has(name)) yield* filesIn(join(path, name));
}

/** One hash over everything the web app is made from. */
function sourceHash() {
  const hash = createHash('sha256');
  for (const source of SOURCES)
    for (const file of filesIn(join(ROOT, source)))
      hash.update(file.slice(ROOT.length)).update(readFileSync(file));
  return hash.digest('hex');
}

/** Which modules are in which file of the build, and which files each part has: tests hold it to its budgets. */
export const BUILD_NOTE = join(KEPT, 'build.json');

/** What comes after Metro: its files cut anew by what people open, service workers, compressed twins. */
async function finish() {
  const { writeParts } = await import('./parts/writeParts.mjs');
  const { writeServiceWorkers } = await import('./parts/serviceWorkers.mjs');
  const { compressed } = await import('./parts/compressed.mjs');
  const build = writeParts(WEB_DIST, join(KEPT, 'modules.json'));
  await writeServiceWorkers(WEB_DIST, build);
  await compressed(WEB_DIST);
  writeFileSync(BUILD_NOTE, JSON.stringify(build));
}

/** Exports the web app when its sources have changed since the last export. */
export async function needWebApp() {
  const mark = join(KEPT, 'web.hash');
  const hash = sourceHash();
  if (
    existsSync(mark) &&
    readFileSync(mark, 'utf8') === hash &&
    existsSync(join(WEB_DIST, 'index.html'))
  )
    return;
  console.log('Building the web app (about two minutes the first time) …');
  mkdirSync(KEPT, { recursive: true });
  await exportWeb(join(ROOT, 'app'), WEB_DIST);
  await finish();
  writeFileSync(mark, hash);
}
