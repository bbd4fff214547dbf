import { caseFileFrom, CHECKS, trace, type RangeCheck } from '../src';
import { LINKS, STRENGTHS } from '../src/knowledge/links';
import { ACCEPTANCE_CASES } from './cases/acceptanceCases';
import { GOLDEN } from './cases/golden';

describe('pinned traces', () => {
  it('are those of all acceptance cases', () =>
    expect(Object.keys(GOLDEN)).toEqual(ACCEPTANCE_CASES.map(({ name }) => name)));

  it.each(ACCEPTANCE_CASES.map(({ name, file }) => [name, file] as const))('%s', (name, file) => {
    const found = trace(caseFileFrom(file)).causes.filter(({ kind }) => kind !== 'given');
    expect(GOLDEN[name]).toHaveLength(3);
    for (const [key, p] of GOLDEN[name])
      expect(Math.abs(found.find((one) => one.key === key)!.p - p)).toBeLessThan(0.02);
    const least = Math.min(...GOLDEN[name].map(([, p]) => p));
    expect(found[3].p).toBeLessThan(least + 0.02);
  });
});

describe('strengths', () => {
  const { S, M, W, is, certain } = STRENGTHS;

  it('are in order, and apart', () => {
    expect([certain > is, is > S, S > M, M > W]).toEqual([true, true, true, true]);
    expect(S - M).toBeGreaterThanOrEqual(0.25);
    expect(M).toBeGreaterThanOrEqual(2 * W);
    expect(W).toBeGreaterThanOrEqual(0.15);
  });

  it.each(['S', 'M', 'W', 'is'] as const)('%s is used by many links', (strength) =>
    expect(LINKS.filter((link) => link.strength === strength).length).toBeGreaterThan(15),
  );
});

/** Of these a larger number is worse; of every other range check it is better. */
const LESS_IS_BETTER: readonly string[] = ['knee-straighten-90'];

it.each(
  (CHECKS as readonly RangeCheck[])
    .filter(({ type }) => type === 'range')
    .map(({ id, norm }) => [id, norm] as const),
)(
  '%s: usual is on its own side of restricted, and apart from it',
  (id, { usual, restricted, sem }) => {
    const better = usual[0] - restricted[0];
    expect(Math.sign(better)).toBe(LESS_IS_BETTER.includes(id) ? -1 : 1);
    expect(Math.abs(better)).toBeGreaterThan(2 * sem);
    expect(Math.min(usual[1], restricted[1])).toBeGreaterThan(0);
  },
);
