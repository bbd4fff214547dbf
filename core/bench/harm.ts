import { parseCase } from '../src/exchange/case/caseSchema';
import { seeded } from '../src/foundation/numeric/random';
import { judge, PROMISES } from './harm/promises';
import { randomCase } from './harm/randomCase';

/**
 * Whether what follows a trace does no harm, over random cases: how many each promise spoke of, and how many
 * it held for. Prints the table of docs/accuracy.md, and the first cases that break one.
 *
 * `npm run bench:harm -- [cases] [seed]`
 */
const [cases = 2000, seed = 1] = process.argv.slice(2).map(Number);
const SHOWN = 3;

const random = seeded(seed);
const tally = new Map(
  PROMISES.map(({ id }) => [id, { spoke: 0, held: 0, broken: [] as string[] }]),
);
let made = 0;
let impossible = 0;
while (made < cases) {
  const input = randomCase(random);
  const read = parseCase(input);
  if (read.status === 'bad') throw new Error(JSON.stringify(read.problems));
  try {
    const judged = judge(read.value, made);
    made++;
    for (const { id, holds } of PROMISES) {
      const one = tally.get(id)!;
      const held = holds(judged);
      if (held === null) continue;
      one.spoke++;
      if (held) one.held++;
      else one.broken.push(JSON.stringify(input));
    }
  } catch (error) {
    // Findings that contradict each other beyond belief are told as such, and nothing is planned.
    if (!(error instanceof RangeError)) throw error;
    impossible++;
  }
}

console.log(`${made} random cases, seed ${seed}; ${impossible} more were impossible together`);
for (const { id, words } of PROMISES) {
  const { spoke, held, broken } = tally.get(id)!;
  console.log(`| ${words} | ${spoke} | ${held} |`);
  for (const one of broken.slice(0, SHOWN)) console.log(`    ${id}: ${one}`);
}
if ([...tally.values()].some(({ spoke, held }) => held < spoke)) process.exitCode = 1;
