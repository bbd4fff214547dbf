import type { CheckRecord } from './checkRecord';
import { CHEATS, DEVICES } from '../../knowledge/checkGuides';
import { CHECKS, oneCheck, type CheckMode, type CheckRow } from '../../knowledge/checks';
import { rollOf } from '../../knowledge/roll';
import { id, instant, J, maybeSide, oneOf, objectOf } from '../schemas/joi';

const MODES: readonly CheckMode[] = ['passive', 'active', 'braced'];
/** A mean is kept to a tenth of a unit. */
const HALF_A_STEP = 0.051;

const meanOf = (values: readonly number[]): number =>
  values.reduce((sum, one) => sum + one, 0) / values.length;

interface CheckInput {
  check: string;
  side: string | null;
  passive: number | null;
  active: number | null;
  braced: number | string | null;
  result: string | null;
  felt: string | null;
  repeats?: Partial<Record<CheckMode, number[]>>;
  held?: boolean;
}

/** The first thing a check has that its row of the table does not allow, in words. */
function problem(input: CheckInput, row: CheckRow): string | null {
  if (row.sided && !input.side) return `${row.id} needs a side`;
  if (!row.sided && input.side) return `${row.id} has no side`;
  if (input.held && !rollOf(row.id)) return `held: no pelvis rolls along in ${row.id}`;
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
  for (const mode of MODES) {
    const value = input[mode];
    const readings = input.repeats?.[mode] ?? [];
    if (value === null && readings.length > 0) return `repeats of ${mode} without its mean`;
    if (value === null) continue;
    const wrong = [value, ...readings].some(
      (one) => typeof one !== 'number' || one < least || one > most,
    );
    if (wrong) return `${mode} of ${row.id} must be ${least} to ${most} ${unit}`;
    if (readings.length > 0 && Math.abs(meanOf(readings) - Number(value)) > HALF_A_STEP)
      return `${mode} of ${row.id} is not the mean of its repeats`;
  }
  return null;
}

/** One check on one side, held against its row of the table of checks. */
export const checkSchema = objectOf<CheckRecord>({
  id: id(),
  clientId: id(),
  visitId: id(),
  role: oneOf(['first', 'again', 'between']).required(),
  afterDrill: J.string().uuid().allow(null).default(null),
  check: oneOf(CHECKS.map((row) => row.id)).required(),
  side: maybeSide().required(),
  passive: J.number().allow(null).required(),
  active: J.number().allow(null).required(),
  braced: J.alternatives(J.number(), J.string().max(20)).allow(null).required(),
  result: J.string().max(20).allow(null).required(),
  felt: J.string().max(20).allow(null).required(),
  pinch: J.boolean().allow(null).required(),
  // An app from before these were there wrote checks without them: what it kept is not refused.
  repeats: J.object(
    Object.fromEntries(MODES.map((mode) => [mode, J.array().items(J.number()).max(20)])),
  ).default({}),
  cheats: J.array()
    .items(oneOf(CHEATS.map((row) => row.id)))
    .unique()
    .default([]),
  held: J.boolean().default(false),
  pain: objectOf<NonNullable<CheckRecord['pain']>>({
    score: J.number().integer().min(0).max(10).required().label('pain'),
    on: instant().required(),
  })
    .allow(null)
    .default(null),
  device: oneOf([...DEVICES, null]).default(null),
  doneOn: instant().required(),
  removed: J.boolean().required(),
}).custom((input: CheckInput, helpers) => {
  const words = problem(input, oneCheck(input.check));
  return words ? helpers.message({ custom: words }) : input;
});
