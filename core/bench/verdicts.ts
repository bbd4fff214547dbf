import {
  compareGrades,
  compareMeasures,
  compareSeries,
  FAULT_LEVELS,
  normal,
  ownSem,
  seeded,
  smallestRealChange,
} from '../src';

/** How often "better" is said, of nothing and of something. Prints a table of docs/accuracy.md. */
const PAIRS = 10_000;

const percent = (share: number): string => `${(100 * share).toFixed(1)} %`;
const shareOf = (said: () => string): number =>
  Array.from({ length: PAIRS }, said).filter((word) => word === 'better').length / PAIRS;

function byNumber(truth: number): number {
  const random = seeded(3);
  return shareOf(() => compareMeasures(normal(random), truth + normal(random), 1, 'more').word);
}

/** What the eye names of one true level: four in five right, else one step off. */
function byEye(steps: number): number {
  const random = seeded(2);
  const seen = (level: number) => {
    const u = random();
    const off = u < 0.8 ? 0 : u < 0.9 ? -1 : 1;
    return FAULT_LEVELS[Math.min(3, Math.max(0, level + off))];
  };
  return shareOf(() => {
    const level = steps + Math.floor((4 - steps) * random());
    return compareGrades(seen(level), seen(level - steps)).word;
  });
}

/** A client half as steady again as the books say, whose error is learnt from repeats. */
function learnt(sets: number): number {
  const random = seeded(4);
  const reading = () => 1.5 * normal(random);
  return shareOf(() => {
    const known = Array.from({ length: sets }, () => [reading(), reading(), reading()]);
    return compareSeries([reading()], [reading()], ownSem(1, known).sem, 'more').word;
  });
}

console.log(`${PAIRS} pairs each; smallest real change ${smallestRealChange(1).toFixed(2)} errors`);
console.log('\ntrue gain in errors: "better" is said');
for (const gain of [0, 1, 2, 2.77, 4, 6]) console.log(`  ${gain}: ${percent(byNumber(gain))}`);
console.log('\ntrue steps down by eye: "better" is said');
for (const steps of [0, 1, 2, 3]) console.log(`  ${steps}: ${percent(byEye(steps))}`);
console.log(
  '\nnothing changed, readings half as unsteady again; sets of three repeats known: "better"',
);
for (const sets of [0, 2, 6, 12]) console.log(`  ${sets}: ${percent(learnt(sets))}`);
