import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT } from './lib/paths.mjs';
import { shown, Told } from './lib/run.mjs';
import { SUITES } from './mutants/suites.mjs';

const HOME = join(ROOT, 'scripts/mutants');
const STRYKER = join(HOME, 'node_modules/@stryker-mutator/core/bin/stryker.js');

/**
 * Changes one thing at a time in folders of core and sees whether a test turns red: `npm run mutants`, or
 * `npm run mutants -- safety`, or `npm run mutants -- planning/swapsFor`. The tool is installed by its first run, so that nobody else waits for it.
 */
async function main() {
  const folders = process.argv.slice(2);
  const known = Object.keys(SUITES);
  const unknown = folders.find((one) => !known.includes(one.split('/')[0]));
  if (unknown) throw new Told(`there are mutants of ${known.join(', ')}; not of ${unknown}`);
  if (!existsSync(STRYKER) && (await shown('npm', ['ci', '--prefix', HOME], { cwd: ROOT })) !== 0)
    throw new Told('the mutation tool could not be installed');
  const red = [];
  for (const folder of folders.length > 0 ? folders : known) {
    const env = { ...process.env, MUTANTS_OF: folder, TEST_FEW: '1' };
    const config = join(HOME, 'stryker.config.mjs');
    if ((await shown(process.execPath, [STRYKER, 'run', config], { cwd: ROOT, env })) !== 0)
      red.push(folder);
  }
  if (red.length > 0) throw new Told(`too many survive in ${red.join(', ')}`);
}

main().catch((error) => {
  console.error(error instanceof Told ? error.message : error);
  process.exit(1);
});
