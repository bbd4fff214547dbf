import { FAULT_LEVELS, type FaultLevel } from '../../knowledge/faults';
import { verdictOf, type Verdict } from './verdict';

/**
 * How often an eye names each level (column) when another is there (row). Our estimate for one
 * coach, same view and set-up: four in five right, the rest one step off. It is a table of chances
 * over ordered words; the words are never counted with.
 */
const SEEN_GIVEN_TRUE: readonly (readonly number[])[] = [
  [0.9, 0.1, 0, 0],
  [0.1, 0.8, 0.1, 0],
  [0, 0.1, 0.8, 0.1],
  [0, 0, 0.1, 0.9],
];

/** Chances of each true level when `seen` was said, all levels equally likely before. */
function trueGiven(seen: FaultLevel): number[] {
  const column = FAULT_LEVELS.indexOf(seen);
  const chances = SEEN_GIVEN_TRUE.map((row) => row[column]);
  const total = chances.reduce((sum, chance) => sum + chance, 0);
  return chances.map((chance) => chance / total);
}

const chanceThat = (before: number[], after: number[], test: (b: number, a: number) => boolean) =>
  before.reduce(
    (sum, pb, b) => sum + after.reduce((inner, pa, a) => inner + (test(b, a) ? pb * pa : 0), 0),
    0,
  );

/** Two grades of one fault against what the eye can tell: exact over all pairs of true levels. */
export function compareGrades(before: FaultLevel, after: FaultLevel): Verdict {
  const [b, a] = [trueGiven(before), trueGiven(after)];
  return verdictOf(
    chanceThat(b, a, (was, is) => is < was),
    chanceThat(b, a, (was, is) => is > was),
  );
}
