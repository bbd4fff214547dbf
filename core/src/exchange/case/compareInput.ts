import { CHECKS, oneCheck, type CheckRow } from '../../knowledge/checks';
import { betterWayOf, FAULTS, oneFault, type FaultRow } from '../../knowledge/faults';
import { J, oneOf } from '../../records/schemas/joi';
import { parse, type Parsed } from '../../records/schemas/problems';

/** Two series of one measure, with the error of one reading and which way is better. */
export interface SeriesInput {
  readonly measure: string;
  readonly unit: string | null;
  readonly sem: number;
  readonly betterIs: 'more' | 'less';
  readonly before: readonly number[];
  readonly after: readonly number[];
  /** What was read several times with nothing done between: it tells how steady the readings are. */
  readonly repeats: readonly (readonly number[])[];
}

const numbers = () => J.array().items(J.number()).min(1).max(500);
const series = () => J.alternatives().try(J.number(), numbers()).required();

const RANGES = (CHECKS as readonly CheckRow[]).filter(({ type }) => type === 'range');
const MEASURED = (FAULTS as readonly FaultRow[]).filter(({ unit }) => unit);

const seriesSchema = J.object({
  check: oneOf(RANGES.map(({ id }) => id)),
  fault: oneOf(MEASURED.map(({ id }) => id)),
  sem: J.number().greater(0).max(1000),
  betterIs: oneOf(['more', 'less']),
  before: series(),
  after: series(),
  repeats: J.array().items(numbers()).max(200).default([]),
})
  .oxor('check', 'fault')
  .custom((input: Read, helpers) =>
    input.check || input.fault || (input.sem && input.betterIs)
      ? input
      : helpers.message({
          custom: 'name a check or a fault, or give sem and betterIs',
        }),
  );

interface Read {
  check?: string;
  fault?: string;
  sem?: number;
  betterIs?: 'more' | 'less';
  before: number | number[];
  after: number | number[];
  repeats: number[][];
}

type About = Pick<SeriesInput, 'measure' | 'unit' | 'sem' | 'betterIs'>;

/** Error and direction by the tables, where they are not given. */
function aboutOf({ check, fault, sem, betterIs }: Read): About {
  if (check) {
    const row = oneCheck(check);
    if (row.type !== 'range') throw new RangeError(`${check} is no range`);
    const { usual, restricted, unit, sem: usualSem } = row.norm;
    const way = usual[0] > restricted[0] ? 'more' : 'less';
    return { measure: check, unit, sem: sem ?? usualSem, betterIs: betterIs ?? way };
  }
  if (fault) {
    const row = oneFault(fault);
    return {
      measure: fault,
      unit: row.unit ?? null,
      sem: sem ?? row.eyeSem,
      betterIs: betterIs ?? betterWayOf(fault),
    };
  }
  return { measure: 'measure', unit: null, sem: sem!, betterIs: betterIs! };
}

const listed = (value: number | number[]): number[] => (Array.isArray(value) ? value : [value]);

/** Reads two series of one measure; every problem with its path. */
export function parseSeriesInput(input: unknown): Parsed<SeriesInput> {
  const read = parse<Read>(seriesSchema, input);
  if (read.status === 'bad') return read;
  const { before, after, repeats } = read.value;
  return {
    status: 'ok',
    value: { ...aboutOf(read.value), before: listed(before), after: listed(after), repeats },
  };
}
