import { caseFileFrom, trace } from '../src';
import { ACCEPTANCE_CASES } from '../tests/cases/acceptanceCases';

/**
 * Prints the pinned traces of `core/tests/cases/golden.ts`: run it when a number was changed on purpose, and
 * read what moved before it is kept. `npm run -s golden > core/tests/cases/golden.ts`
 */
const rows = ACCEPTANCE_CASES.map(({ name, file }) => {
  const top = trace(caseFileFrom(file))
    .causes.filter(({ kind }) => kind !== 'given')
    .slice(0, 3)
    .map(({ key, p }) => `['${key}', ${p.toFixed(3)}]`);
  return `  ${JSON.stringify(name)}: [${top.join(', ')}],`;
});
console.log(
  [
    '/** The three most probable causes of every acceptance case, and how probable. Made by `npm run golden`. */',
    'export const GOLDEN: Readonly<Record<string, readonly (readonly [key: string, p: number])[]>> = {',
    ...rows,
    '};',
  ].join('\n'),
);
