import { fileURLToPath } from 'node:url';
import { PLACES, SUITES } from './suites.mjs';

/** A folder of core, or some files of it: `planning`, `planning/swapsFor`, `trace/observe/*`. */
const of = process.env.MUTANTS_OF;
const [folder, ...path] = of.split('/');
const file = path.join('/') || '**/*';

/** One folder of core at a time, with the tests that it answers to. */
export default {
  plugins: [fileURLToPath(new URL('coreRunner.mjs', import.meta.url))],
  testRunner: 'core',
  suites: SUITES[folder],
  mutate: [`core/src/${PLACES[folder]}/${file}.ts`],
  coverageAnalysis: 'perTest',
  concurrency: Number(process.env.MUTANTS_AT_ONCE ?? 2),
  tempDirName: '.taxikine/mutants',
  ignorePatterns: ['app', 'server', 'e2e', 'demo', 'docs', 'cli', 'scripts', '.taxikine'],
  reporters: ['clear-text', 'progress-append-only', 'json'],
  clearTextReporter: { allowColor: false, logTests: false },
  jsonReporter: { fileName: `.taxikine/mutants-${of.replaceAll('/', '-')}.json` },
  thresholds: { high: 100, low: 90, break: folder === 'safety' ? 100 : 90 },
  disableTypeChecks: true,
  warnings: { slow: false },
};
