import { compareSeries } from '../../inference/change/compareSeries';
import { ownSem } from '../../inference/change/ownSem';
import { parseCase } from './caseSchema';
import { parseSeriesInput, type SeriesInput } from './compareInput';
import type { Parsed } from '../../records/schemas/problems';
import { faultTally, type FaultTally } from '../../inference/visit/faultTally';
import { verdictsOf, withheldBecause, type ComparedLooks } from '../../inference/visit/verdicts';
import { CASE_FORMAT, CASE_VERSION } from './caseDocument';
import { recordsFromCase } from './recordsFromCase';

/** What `taxikine compare` prints of two looks. */
export interface LookComparison {
  verdicts: {
    about: 'fault' | 'check';
    /** `hips-slide@left` */
    of: string;
    word: 'better' | 'same' | 'worse';
    pBetter: number;
    change: string;
    against: string;
  }[];
  /** In what the second look was set up otherwise: its faults are then not compared. */
  withheld: string[];
  faults: FaultTally;
}

type Fields = Record<string, unknown>;

const isFields = (value: unknown): value is Fields =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

const rounded = (value: number, digits = 4): number => Number(value.toFixed(digits));

/** The verdict on two series of one measure. */
function seriesReport({ repeats, before, after, sem: usual, ...about }: SeriesInput) {
  const { sem, own } = ownSem(usual, repeats);
  const { word, pBetter, change, smallestReal, interval, pExact, ...means } = compareSeries(
    before,
    after,
    sem,
    about.betterIs,
  );
  return {
    ...about,
    word,
    pBetter: rounded(pBetter),
    change: rounded(change),
    interval: interval.map((one) => rounded(one)),
    smallestReal: rounded(smallestReal),
    sem: rounded(sem),
    ownRepeats: own,
    pExact: pExact === null ? null : rounded(pExact, 6),
    ...means,
  };
}

/** A look alone is a case of somebody of whom nothing is known. */
const asCase = (input: Fields): Fields => ({
  format: CASE_FORMAT,
  version: CASE_VERSION,
  client: { heightM: 1.75, massKg: 75 },
  ...input,
});

const NOBODY = { name: '', now: '1970-01-01T00:00:00.000Z' };

function recordsOf(input: unknown, at: 'before' | 'after') {
  const read = parseCase(isFields(input) ? asCase(input) : input);
  if (read.status === 'bad')
    return {
      status: 'bad' as const,
      problems: read.problems.map(({ path, message }) => ({
        path: path ? `${at}.${path}` : at,
        message,
      })),
    };
  let made = 0;
  const records = recordsFromCase(read.value, { ...NOBODY, newId: () => `${at}-${made++}` });
  return { status: 'ok' as const, value: records };
}

const unsent = <T extends object>(record: T) => ({ ...record, version: 0 });

function lookReport(input: Fields): Parsed<LookComparison> {
  const [before, after] = [recordsOf(input.before, 'before'), recordsOf(input.after, 'after')];
  const problems = [before, after].flatMap((one) => (one.status === 'bad' ? one.problems : []));
  if (before.status === 'bad' || after.status === 'bad') return { status: 'bad', problems };
  const [was, is] = [before.value, after.value];
  if (was.visit.pattern !== is.visit.pattern) {
    const message = `${is.visit.pattern} cannot be compared with ${was.visit.pattern}`;
    return { status: 'bad', problems: [{ path: 'after.look.pattern', message }] };
  }
  const looks: ComparedLooks = {
    client: unsent(was.client),
    first: unsent(was.look),
    again: unsent({ ...is.look, role: 'again' as const }),
    checks: [
      ...was.checks.map(unsent),
      ...is.checks.map((check) => unsent({ ...check, role: 'again' as const })),
    ],
    repeats: [],
  };
  return {
    status: 'ok',
    value: {
      verdicts: verdictsOf(looks).map(({ about, key, word, pBetter, change, against }) => ({
        about,
        of: key.slice(`${about}:`.length),
        word,
        pBetter: rounded(pBetter),
        change,
        against,
      })),
      withheld: withheldBecause(looks),
      faults: faultTally(looks),
    },
  };
}

/**
 * Two looks (each a case file, or the part of one that was seen: `look` and `checks`), or two series of
 * one measure, against measuring error.
 */
export function compareReport(input: unknown): Parsed<unknown> {
  if (isFields(input) && (isFields(input.before) || isFields(input.after)))
    return lookReport(input);
  const read = parseSeriesInput(input);
  return read.status === 'bad' ? read : { status: 'ok', value: seriesReport(read.value) };
}
