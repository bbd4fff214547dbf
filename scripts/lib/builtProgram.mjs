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
/** Beside the packages of the server: what stays one is looked up from here. */
const HOME = join(ROOT, 'server', 'dist');
const DAY_MS = 86_400_000;

const at = (...parts) => join(ROOT, ...parts);

/** Stay packages: made for this machine, or with files beside them that they read. All others are taken in. */
const STAY = ['@node-rs/argon2', 'pdfkit', 'fontkit'];
/** Drivers and helpers that the database's packages can go by, and do not here. */
const NOT_HERE = [
  '@google-cloud/spanner',
  '@sap/hana-client',
  '@sap/hana-client/extension/Stream',
  'better-sqlite3',
  'expo-sqlite',
  'hdb-pool',
  'ioredis',
  'mongodb',
  'mssql',
  'mysql',
  'mysql2',
  'oracledb',
  'pg-native',
  'pg-query-stream',
  'react-native-sqlite-storage',
  'redis',
  'sql.js',
  'sqlite3',
  'typeorm-aurora-data-api-driver',
];

/** What packages of the other kind of module look for, under names that nothing else has. */
const BEFORE_ALL = `import $module from 'node:module';
import $path from 'node:path';
import $url from 'node:url';
const require = $module.createRequire(import.meta.url);
const __filename = $url.fileURLToPath(import.meta.url);
const __dirname = $path.dirname(__filename);`;

function buildInto(folder, { buildSync }) {
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
    external: [...STAY, ...NOT_HERE],
    banner: { js: BEFORE_ALL },
    // The database goes by names of classes.
    keepNames: true,
    // Read at every start: where things are, and not the text of it.
    sourcemap: 'linked',
    sourcesContent: false,
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
 * A program as files that Node reads at once, built when a source or a package changed: reading a thousand files takes
 * three times the processor, at every start. Arguments for Node.
 */
export function builtProgram(name) {
  // Not there yet when a command is started in a fresh clone.
  const esbuild = createRequire(import.meta.url)('esbuild');
  const sources = HOUSES.map((house) => at(house, 'src'));
  const folder = join(
    HOME,
    keyOfSources(sources, [
      esbuild.version,
      JSON.stringify([PROGRAMS, STAY, NOT_HERE, BEFORE_ALL]),
      readFileSync(at('package-lock.json'), 'utf8'),
    ]).slice(0, 16),
  );
  if (!existsSync(folder)) putInPlace(folder, esbuild);
  else utimesSync(folder, new Date(), new Date());
  return ['--enable-source-maps', join(folder, `${name}.mjs`)];
}
