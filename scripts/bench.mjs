import { join } from 'node:path';
import { build } from 'esbuild';
import { ROOT } from './lib/paths.mjs';
import { shown } from './lib/run.mjs';

/** Bundles the benchmark as an app would be and runs it; arguments are passed on. */
const outfile = join(ROOT, '.taxikine', 'bench.cjs');
await build({
  entryPoints: [join(ROOT, 'core/bench/main.ts')],
  bundle: true,
  platform: 'node',
  format: 'cjs',
  outfile,
  external: ['joi'],
  logLevel: 'warning',
});
process.exitCode = await shown('node', [outfile, ...process.argv.slice(2)], { cwd: ROOT });
