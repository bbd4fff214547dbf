/**
 * Coverage of the forecast's 80 % intervals on simulated courses that the model was not told of: gains that
 * level off, straight lines, nothing at all, and a loss half-way; readings missing. Prints a table.
 */
import { seeded } from '../src';
import { COURSES, held } from './courses';

const EACH = 10_000;
const SEED = 4;

let all = 0;
for (const [name, make] of Object.entries(COURSES)) {
  const random = seeded(SEED);
  let inside = 0;
  for (let i = 0; i < EACH; i++) if (held(make, random)) inside++;
  all += inside;
  console.log(`${name.padEnd(24)} ${((100 * inside) / EACH).toFixed(1)} %`);
}
console.log(
  `${'all'.padEnd(24)} ${((100 * all) / EACH / Object.keys(COURSES).length).toFixed(1)} %`,
);
