import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { KEPT, ROOT, WEB_DIST } from './paths.mjs';
import { shown, Told } from './run.mjs';

const SOURCES = ['app', 'core/src', 'package-lock.json', 'scripts/lib/webApp.mjs'];
const SKIPPED = new Set(['node_modules', 'dist', '.expo', 'tests']);

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

/**
 * The client's page works without a connection once it was open: a service worker with everything the
 * app is made of. It has the page alone for its scope; the coach's app is served as it is.
 */
async function writeServiceWorker() {
  const { generateSW } = await import('workbox-build');
  await generateSW({
    globDirectory: WEB_DIST,
    globPatterns: ['**/*.{html,js,css,woff2,png,ico}'],
    swDest: join(WEB_DIST, 'sw.js'),
    inlineWorkboxRuntime: true,
    sourcemap: false,
    skipWaiting: true,
    clientsClaim: true,
    cleanupOutdatedCaches: true,
    navigateFallback: '/index.html',
    // Names under here carry a hash of what is in them.
    dontCacheBustURLsMatching: /_expo\/static\//,
    maximumFileSizeToCacheInBytes: 12 * 1024 * 1024,
  });
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
  const env = {
    ...process.env,
    EXPO_OFFLINE: '1',
    EXPO_NO_TELEMETRY: '1',
    CI: '1',
    NODE_ENV: 'production',
  };
  const args = ['expo', 'export', '-p', 'web', '--output-dir', 'dist'];
  const code = await shown('npx', args, {
    cwd: join(ROOT, 'app'),
    env,
    stdio: ['ignore', 'ignore', 'inherit'],
  });
  if (code !== 0) throw new Told('The web app could not be built; see above.');
  await writeServiceWorker();
  mkdirSync(KEPT, { recursive: true });
  writeFileSync(mark, hash);
}
