import { dirname } from 'node:path';
import { buildSync, version } from 'esbuild';
import { keyOfSources } from '../lib/keyOfSources.mjs';

/**
 * Jest's transformer for core's index: all that it lists, as one file. A test that imports the index would otherwise
 * look up, read and wrap some six hundred modules, which takes two seconds of a processor for every test file.
 */
export default {
  getCacheKey: (_source, path, { transformerConfig }) =>
    keyOfSources([dirname(path)], [version, JSON.stringify(transformerConfig)]),
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
