import {
  existsSync,
  mkdirSync,
  readdirSync,
  readFileSync,
  renameSync,
  rmSync,
  statSync,
  utimesSync,
} from 'node:fs';
import { createRequire } from 'node:module';
import { join } from 'node:path';
import { keyOfSources } from './keyOfSources.mjs';
import { ROOT } from './paths.mjs';

/** Every program that Node runs without the browser, by name. */
const PROGRAMS = {
  server: 'server/src/main.ts',
  worker: 'server/src/worker.ts',
  prepare: 'server/src/tools/prepare.ts',
  migrate: 'server/src/tools/migrate.ts',
  makePractice: 'server/src/tools/makePractice.ts',
  founding: 'server/src/tools/founding.ts',
  demo: 'demo/src/main.ts',
};
const HOUSES = ['core', 'server', 'demo'];
/** Beside the packages of the server: what is not taken in is looked up from here. */
const HOME = join(ROOT, 'server', 'dist');
const DAY_MS = 86_400_000;

const at = (...parts) => join(ROOT, ...parts);

/** Packages stay packages; what is ours is taken in. */
function packagesOf(house) {
  const { dependencies } = JSON.parse(readFileSync(at(house, 'package.json'), 'utf8'));
  return Object.keys(dependencies).filter((name) => !name.startsWith('@taxikine/'));
}

function buildInto(folder, { buildSync }) {
  const packages = HOUSES.flatMap(packagesOf);
  buildSync({
    absWorkingDir: ROOT,
    entryPoints: PROGRAMS,
    outdir: folder,
    outExtension: { '.js': '.mjs' },
    bundle: true,
    splitting: true,
    format: 'esm',
    platform: 'node',
    target: 'node20',
    tsconfig: at('server', 'tsconfig.json'),
    external: packages.flatMap((name) => [name, `${name}/*`]),
    // The database goes by names of classes.
    keepNames: true,
    sourcemap: 'linked',
    logLevel: 'error',
  });
}

/** What nobody started for a day is of no use any more. */
function clearOld() {
  for (const name of readdirSync(HOME)) {
    const folder = join(HOME, name);
    if (Date.now() - statSync(folder).mtimeMs > DAY_MS)
      rmSync(folder, { recursive: true, force: true });
  }
}

/** Builds beside and puts in place at once: another command may build the same. */
function putInPlace(folder, esbuild) {
  const beside = `${folder}.${process.pid}`;
  mkdirSync(beside, { recursive: true });
  buildInto(beside, esbuild);
  try {
    renameSync(beside, folder);
  } catch (error) {
    if (!existsSync(folder)) throw error;
    rmSync(beside, { recursive: true, force: true });
  }
  clearOld();
}

/**
 * A program as files that Node reads at once, built when a source changed: reading a thousand TypeScript files takes
 * three times the processor, at every start. Arguments for Node.
 */
export function builtProgram(name) {
  // Not there yet when a command is started in a fresh clone.
  const esbuild = createRequire(import.meta.url)('esbuild');
  const sources = HOUSES.map((house) => at(house, 'src'));
  const folder = join(
    HOME,
    keyOfSources(sources, [esbuild.version, JSON.stringify(PROGRAMS)]).slice(0, 16),
  );
  if (!existsSync(folder)) putInPlace(folder, esbuild);
  else utimesSync(folder, new Date(), new Date());
  return ['--enable-source-maps', join(folder, `${name}.mjs`)];
}
