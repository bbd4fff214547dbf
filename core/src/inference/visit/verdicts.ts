import { faultKey } from '../../knowledge/keys';
import { onSide } from '../../foundation/sides/onSide';
import { compareGrades } from '../change/compareGrades';
import { setupDifferences } from '../change/setupDifferences';
import { compareMeasures, type Verdict } from '../change/verdict';
import { oneCheck, type RangeCheck } from '../../knowledge/checks';
import { betterWayOf, oneFault, type FaultLevel } from '../../knowledge/faults';
import type { SeenFault } from '../../records/case/caseFile';
import { fillSide } from '../../foundation/words/fill';
import { withUnit } from '../../foundation/words/units';
import type { CheckRecord } from '../../records/checks/checkRecord';
import type { LookRecord } from '../../records/looks/lookRecord';
import { readWords, valueOf } from '../../records/checks/plainReading';
import { onOneScale } from './onOneScale';
import { ownNorm } from './repeatsIn';
import type { VisitPart } from './visitPart';

/** What two looks are compared by. */
export type ComparedLooks = Pick<VisitPart, 'client' | 'first' | 'again' | 'checks' | 'repeats'>;

export interface VisitVerdict extends Verdict {
  /** `fault:hips-slide@left` or `check:hip-bend@right`. */
  readonly key: string;
  readonly about: 'fault' | 'check';
  readonly sentence: string;
  /** "34 → 11 mm", or "plain → clear". */
  readonly change: string;
  /** What it is held against: "±17 mm is measuring error". */
  readonly against: string;
}

const same = (a: SeenFault) => (b: SeenFault) => faultKey(a) === faultKey(b);

/** The level a fault was given in a look; null when it was not looked for. */
export function levelIn(look: LookRecord | null, fault: SeenFault): FaultLevel | null {
  if (!look) return null;
  const seen = look.faults.find(same(fault));
  if (seen) return seen.grade;
  const gone: readonly string[] = look.clear;
  return gone.includes(fault.fault) || gone.includes(faultKey(fault)) ? 'clear' : null;
}

function byNumber(before: SeenFault, after: SeenFault | undefined): VisitVerdict | null {
  const row = oneFault(before.fault);
  if (!row.unit || before.value === undefined || after?.value === undefined) return null;
  const {
    change: _,
    smallestReal,
    ...verdict
  } = compareMeasures(before.value, after.value, row.eyeSem, betterWayOf(before.fault));
  return {
    ...verdict,
    key: `fault:${faultKey(before)}`,
    about: 'fault',
    sentence: fillSide(row.sentence, before.side),
    change: `${withUnit(before.value, row.unit)} → ${withUnit(after.value, row.unit)}`,
    against: `by eye, a real change is ${withUnit(Math.ceil(smallestReal), row.unit)} or more`,
  };
}

function faultVerdict(before: SeenFault, again: VisitPart['again']): VisitVerdict | null {
  const level = levelIn(again, before);
  if (!again || level === null) return null;
  const numbers = byNumber(before, again.faults.find(same(before)));
  if (numbers) return numbers;
  return {
    ...compareGrades(before.grade, level),
    key: `fault:${faultKey(before)}`,
    about: 'fault',
    sentence: fillSide(oneFault(before.fault).sentence, before.side),
    change: `${before.grade} → ${level}`,
    against: 'one grade by eye can be the eye',
  };
}

/** Which way a range is better: away from what is restricted. */
export const betterOf = ({ norm }: Pick<RangeCheck, 'norm'>): 'more' | 'less' =>
  norm.usual[0] > norm.restricted[0] ? 'more' : 'less';

function rangeVerdict(
  before: CheckRecord,
  after: CheckRecord,
  { client, repeats }: ComparedLooks,
): VisitVerdict | null {
  const row = oneCheck(before.check);
  if (row.type !== 'range') return null;
  const [was, is] = onOneScale([before, after], row, { client, repeats });
  if (!is) return null;
  const { unit, own } = ownNorm(row, client.norms, repeats);
  // Each look has its own error; a difference of two has the root of the sum of their squares.
  const sem = Math.hypot(was.sem, is.sem) / Math.SQRT2;
  const {
    change: _,
    smallestReal,
    ...verdict
  } = compareMeasures(was.value, is.value, sem, betterOf(row));
  const [from, to] = [before, after].map((check) => readWords(valueOf(check)!, unit, check));
  return {
    ...verdict,
    key: `check:${onSide(before.check, before.side)}`,
    about: 'check',
    sentence: before.side ? `${row.name}, ${before.side}` : row.name,
    change: `${from} → ${to}`,
    against: `a real change is ${withUnit(Math.round(smallestReal * 10) / 10, unit)} or more${
      own > 0 ? `, by ${own} own repeat readings` : ''
    }`,
  };
}

const oneOf = <T>(values: (T | null)[]): T[] => values.filter((value) => value !== null);

/** In what the second look was set up otherwise; then its faults are not the same thing seen again. */
export const withheldBecause = ({ first, again }: ComparedLooks): string[] =>
  first && again ? setupDifferences(first.setup, again.setup) : [];

/**
 * Every fault that was graded again and every check measured again, against measuring error. Faults of
 * a look that was set up otherwise are withheld; a check has a set-up of its own.
 */
export function verdictsOf(part: ComparedLooks): VisitVerdict[] {
  const { first, again, checks } = part;
  const seen = withheldBecause(part).length > 0 ? [] : (first?.faults ?? []);
  const faults = oneOf(seen.map((fault) => faultVerdict(fault, again)));
  const befores = checks.filter((one) => one.role === 'first');
  const measured = befores.map((before) => {
    const after = checks.find(
      (one) => one.role === 'again' && one.check === before.check && one.side === before.side,
    );
    return after ? rangeVerdict(before, after, part) : null;
  });
  return [...faults, ...oneOf(measured)];
}
