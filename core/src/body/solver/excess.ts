import type { Binding } from './binding';
import { RANGE_LIMITS, type Condition } from './condition';
import { descend, type Equality } from './descend';
import { leastExcess } from './goals';
import type { PostureProblem } from './problem';
import type { PostureState } from './state';
import { squareOf, type Row } from './variables';

/** A limit that a posture would have to exceed, and by how much: radians, metres or a share. */
export interface Excess extends Binding {
  readonly by: number;
}

/** Less than this is rounding, not a limit exceeded. */
const WORTH_SAYING = 1e-4;

const isRange = ({ limit }: Condition): boolean => RANGE_LIMITS.includes(limit);

const exceeded = (conditions: readonly Condition[], state: PostureState): Excess[] =>
  conditions
    .map(({ side, limit, slack }) => ({ side, limit, by: -slack(state) }))
    .filter(({ by }) => by > WORTH_SAYING)
    .sort((a, b) => b.by - a.by);

/**
 * Which limits a wanted posture exceeds, and by how much, in the square posture that asks least of
 * them.
 * Ranges may be exceeded; if even that does not help, balance or the length of the legs forbids it.
 */
export function excessAt(
  problem: PostureProblem,
  equalities: readonly Equality[],
  start: Readonly<Row>,
): Excess[] {
  const conditions = problem.conditions;
  const soft = conditions.filter(isRange);
  const descent = descend(
    {
      problem,
      free: squareOf(problem.stance),
      goal: leastExcess(problem, soft),
      equalities,
      conditions: conditions.filter((one) => !isRange(one)),
    },
    start,
  );
  const over = exceeded(conditions, descent.state);
  if (over.length > 0) return over;
  const off = equalities.some(({ value }) => Math.abs(value(descent.state)) > WORTH_SAYING);
  if (!off) return [];
  const missed = equalities.map(({ value }) => Math.abs(value(descent.state)));
  return [{ side: null, limit: 'balance', by: Math.max(...missed) }];
}
