/** So many are enough to see that a mutant is one. */
const FEW = 8;

/**
 * So many random cases: a sample in the ordinary run, all of them in `npm run test:long`, a few for each mutant of
 * `npm run mutants`. The first ones are the same in all, since seeds are.
 */
export function howMany(all: number, usual: number): number {
  if (process.env.TEST_LONG === '1') return all;
  return process.env.TEST_FEW === '1' ? Math.min(FEW, usual) : usual;
}
