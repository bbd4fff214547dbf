import { join } from 'node:path';
import { build } from 'esbuild';
import { ROOT } from './lib/paths.mjs';
import { shown } from './lib/run.mjs';

/** Bundles one of core/bench as an app would be and runs it; further arguments are passed on. */
const [name, ...rest] = process.argv.slice(2);
const outfile = join(ROOT, '.taxikine', `bench-${name}.cjs`);
await build({
  entryPoints: [join(ROOT, `core/bench/${name}.ts`)],
  bundle: true,
  platform: 'node',
  format: 'cjs',
  outfile,
  external: ['joi'],
  logLevel: 'warning',
});
process.exitCode = await shown('node', ['--expose-gc', outfile, ...rest], { cwd: ROOT });
