import type { Reason } from './reasons';

/** Less than this is rounding. */
const NOTHING = 0.005;

const sumOf = (reasons: readonly Reason[]): number =>
  reasons.reduce((sum, { decibans }) => sum + decibans, 0);

/** The strongest one by one, and the sum of all others as the last. */
export function foldRest(
  all: readonly Reason[],
  isTold: (one: Reason, at: number) => boolean,
): Reason[] {
  const sorted = [...all].sort((a, b) => Math.abs(b.decibans) - Math.abs(a.decibans));
  const rest = sumOf(sorted.filter((one, at) => !isTold(one, at)));
  return [
    ...sorted.filter(isTold),
    ...(Math.abs(rest) >= NOTHING
      ? [{ finding: 'rest', words: 'everything else found', decibans: rest }]
      : []),
  ];
}
