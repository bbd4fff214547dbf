import { spawn } from 'node:child_process';
import { parseArgs } from 'node:util';
import { ROOT } from './lib/paths.mjs';
import { shown, Told } from './lib/run.mjs';

/** So many loops that do nothing but keep a processor busy. */
const BUSY = 2;

/** A busy loop ends by itself when whoever started it is gone. */
const LOOP = `const began = process.ppid;
  const turn = () => {
    const until = Date.now() + 200;
    while (Date.now() < until);
    if (process.ppid === began) setImmediate(turn);
  };
  turn();`;

/**
 * The end-to-end tests again and again on a machine that is busy with something else. Every failure is a
 * fault of the product or of a test: none is run again until it passes.
 */
async function main() {
  const { values } = parseArgs({ options: { times: { type: 'string', default: '10' } } });
  const times = Number(values.times);
  if (!Number.isInteger(times) || times < 1) throw new Told('npm run test:shake -- --times 10');
  const loops = Array.from({ length: BUSY }, () =>
    spawn(process.execPath, ['-e', LOOP], { stdio: 'ignore' }),
  );
  const red = [];
  try {
    for (let run = 1; run <= times; run++) {
      const code = await shown(process.execPath, ['scripts/test.mjs', 'e2e'], { cwd: ROOT });
      console.log(`shaken ${run} of ${times}: ${code === 0 ? 'no failure' : 'red'}`);
      if (code !== 0) red.push(run);
    }
  } finally {
    loops.forEach((loop) => loop.kill());
  }
  if (red.length > 0) throw new Told(`red in ${red.length} of ${times}: ${red.join(', ')}`);
}

main().catch((error) => {
  console.error(error instanceof Told ? error.message : error);
  process.exit(1);
});
