/**
 * The week at home over random plans of up to six drills: how long it takes, and rules that are broken
 * where nobody put anything by hand (a day without room for the pattern is not counted). Prints a table.
 */
import { planWeek, seeded } from '../src';
import { randomWeek } from '../tests/randomWeek';

const COUNT = Number(process.argv[2] ?? 10_000);
const SEED = 21;

const random = seeded(SEED);
const times: number[] = [];
let broken = 0;
let inexact = 0;
for (let i = 0; i < COUNT; i++) {
  const { input, stage } = randomWeek(random, 6);
  const begun = performance.now();
  const plan = planWeek(input, stage);
  times.push(performance.now() - begun);
  if (plan.status === 'planned' && !plan.exact) inexact += 1;
  if (plan.status === 'planned')
    broken += plan.broken.filter(({ rule }) => rule !== 'pattern-daily').length;
}
times.sort((a, b) => a - b);
const at = (share: number): string => times[Math.floor(share * (COUNT - 1))].toFixed(1);
console.log(`${COUNT} weeks: ${broken} rules broken, ${inexact} searches ended early`);
console.log(`median ${at(0.5)} ms, 90 % ${at(0.9)}, 99 % ${at(0.99)}, longest ${at(1)}`);
