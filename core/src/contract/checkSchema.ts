import { CHECKS, oneCheck, type CheckRow } from '../knowledge/checks';
import { id, instant, J, maybeSide, oneOf } from './joi';

interface CheckInput {
  check: string;
  side: string | null;
  passive: number | null;
  active: number | null;
  braced: number | string | null;
  result: string | null;
  felt: string | null;
}

/** The first thing a check has that its row of the table does not allow, in words. */
function problem(input: CheckInput, row: CheckRow): string | null {
  if (row.sided && !input.side) return `${row.id} needs a side`;
  if (!row.sided && input.side) return `${row.id} has no side`;
  if (input.felt && !(row.felt as readonly string[]).includes(input.felt))
    return `felt: ${input.felt} is not asked in ${row.id}`;
  return row.type === 'result'
    ? resultProblem(input, row.results, row.id)
    : rangeProblem(input, row);
}

function resultProblem(
  { result, braced }: CheckInput,
  results: readonly string[],
  check: string,
): string | null {
  const wrong = [result, braced].find((one) => one !== null && !results.includes(String(one)));
  return wrong === undefined ? null : `result of ${check} is one of ${results.join(', ')}`;
}

function rangeProblem(input: CheckInput, row: Extract<CheckRow, { type: 'range' }>): string | null {
  const { least, most, unit } = row.norm;
  for (const mode of ['passive', 'active', 'braced'] as const) {
    const value = input[mode];
    if (value === null) continue;
    if (typeof value !== 'number' || value < least || value > most)
      return `${mode} of ${row.id} must be ${least} to ${most} ${unit}`;
  }
  return null;
}

/** One check on one side, held against its row of the table of checks. */
export const checkSchema = J.object({
  id: id(),
  clientId: id(),
  visitId: id(),
  role: oneOf(['first', 'again']).required(),
  check: oneOf(CHECKS.map((row) => row.id)).required(),
  side: maybeSide().required(),
  passive: J.number().allow(null).required(),
  active: J.number().allow(null).required(),
  braced: J.alternatives(J.number(), J.string().max(20)).allow(null).required(),
  result: J.string().max(20).allow(null).required(),
  felt: J.string().max(20).allow(null).required(),
  pinch: J.boolean().allow(null).required(),
  doneOn: instant().required(),
  removed: J.boolean().required(),
}).custom((input: CheckInput, helpers) => {
  const words = problem(input, oneCheck(input.check));
  return words ? helpers.message({ custom: words }) : input;
});
