import { createHash } from 'node:crypto';
import { readdirSync, statSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { buildSync, version } from 'esbuild';

/** Every source of core with when it was last changed. */
function sourcesIn(folder) {
  return readdirSync(folder, { recursive: true })
    .filter((name) => name.endsWith('.ts'))
    .sort()
    .map((name) => `${name} ${statSync(join(folder, name)).mtimeMs}`);
}

/**
 * Jest's transformer for core's index: all that it lists, as one file. A test that imports the index would otherwise
 * look up, read and wrap some six hundred modules, which takes two seconds of a processor for every test file.
 */
export default {
  getCacheKey: (_source, path, { transformerConfig }) =>
    createHash('sha256')
      .update([version, JSON.stringify(transformerConfig), ...sourcesIn(dirname(path))].join('\n'))
      .digest('hex'),
  process(_source, path) {
    const { outputFiles } = buildSync({
      entryPoints: [path],
      bundle: true,
      packages: 'external',
      platform: 'node',
      target: 'es2022',
      format: 'cjs',
      sourcemap: 'inline',
      write: false,
      logLevel: 'error',
    });
    return { code: outputFiles[0].text };
  },
};
