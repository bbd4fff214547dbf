/**
 * So many random cases: a sample in the ordinary run, all of them in `npm run test:long`. The first ones are the
 * same in both, since seeds are.
 */
export const howMany = (all: number, usual: number): number =>
  process.env.TEST_LONG === '1' ? all : usual;
