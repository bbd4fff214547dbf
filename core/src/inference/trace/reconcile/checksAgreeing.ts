import { onSide } from '../../../foundation/sides/onSide';
import { oneCheck } from '../../../knowledge/checks';
import { normFor } from '../../../knowledge/norms';
import { heldBack } from '../../../knowledge/roll';
import { LINKS } from '../../../knowledge/links';
import { groupBy } from '../../../foundation/numeric/groupBy';
import type { CaseFile, CheckFinding } from '../../../records/case/caseFile';
import { bestOf, maybeReadWords } from '../observe/observeChecks';
import { rangeRatio } from '../rangeRatio';
import type { Ignored, Kept } from './kept';

interface Reading {
  readonly check: CheckFinding;
  readonly i: number;
}

const nameOf = ({ check, side }: CheckFinding): string =>
  `${oneCheck(check).name}${side ? `, ${side}` : ''}`;

/** Whether a range speaks for a restriction; undefined when it has no number. */
function isShort({ check }: Reading, { norms }: CaseFile): boolean | undefined {
  const row = oneCheck(check.check);
  const value = bestOf(check);
  if (row.type !== 'range' || value === undefined) return undefined;
  return rangeRatio(value, normFor(row, norms)) > 1;
}

/** Checks that a given joint makes short for certain. */
const certainlyShort = (cause: string): string[] =>
  LINKS.filter((link) => link.cause === cause && link.strength === 'certain').map(({ finding }) =>
    finding.slice('range:'.length),
  );

/** A joint that is given as fixed cannot move as usual: what was measured there is not it. */
const againstGiven = (reading: Reading, file: CaseFile): boolean =>
  isShort(reading, file) === false &&
  file.client.given.some(
    ({ cause, side }) =>
      side === reading.check.side && certainlyShort(cause).includes(reading.check.check),
  );

/** Whether readings of one check say different things: usual and restricted, or two results. */
function disagree(readings: readonly Reading[], file: CaseFile): boolean {
  const said = readings.flatMap((reading) => [isShort(reading, file), reading.check.result]);
  const of = (type: string) => new Set(said.filter((one) => typeof one === type)).size;
  return of('boolean') > 1 || of('string') > 1;
}

const mean = (values: readonly (number | undefined)[]): number | undefined => {
  const told = values.filter((value) => value !== undefined);
  if (told.length === 0) return undefined;
  return told.reduce((sum, value) => sum + value, 0) / told.length;
};

/** Where a pelvis was held in some and not in others, each as if in none. */
function onOneScale(checks: readonly CheckFinding[]): readonly CheckFinding[] {
  if (checks.every(({ held }) => Boolean(held) === Boolean(checks[0].held))) return checks;
  return checks.map((check) => {
    const more = heldBack(check);
    const as = (deg: number | undefined) => (deg === undefined ? undefined : deg + more);
    const braced = typeof check.braced === 'number' ? as(check.braced) : check.braced;
    const [passive, active] = [as(check.passive), as(check.active)];
    return { ...check, passive, active, braced, held: undefined };
  });
}

/** Readings that agree are one check taken several times: their mean, with its smaller error. */
function joined(readings: readonly Reading[]): CheckFinding {
  const checks = onOneScale(readings.map(({ check }) => check));
  if (checks.length === 1) return checks[0];
  const whole: CheckFinding = Object.assign({}, ...checks);
  if (oneCheck(whole.check).type === 'result') return whole;
  const times = (mode: 'passive' | 'active') =>
    checks.reduce((sum, one) => sum + (one[mode] === undefined ? 0 : (one.times?.[mode] ?? 1)), 0);
  return {
    ...whole,
    passive: mean(checks.map(({ passive }) => passive)),
    active: mean(checks.map(({ active }) => active)),
    times: { ...whole.times, passive: times('passive') || 1, active: times('active') || 1 },
  };
}

const readingWords = ({ check }: Reading): string => maybeReadWords(check) ?? String(check.result);

const ignored = (readings: readonly Reading[], why: string): Ignored[] =>
  readings.map(({ check, i }) => ({ path: `checks.${i}`, words: `${nameOf(check)}: ${why}` }));

/** Checks that contradict neither each other nor what is given; readings that agree are joined. */
export function checksAgreeing(file: CaseFile): Kept<CheckFinding> {
  const readings = file.checks.map((check, i): Reading => ({ check, i }));
  const impossible = readings.filter((reading) => againstGiven(reading, file));
  const groups = [
    ...groupBy(
      readings.filter((reading) => !impossible.includes(reading)),
      ({ check }) => onSide(check.check, check.side),
    ).values(),
  ];
  const torn = groups.filter((group) => group.length > 1 && disagree(group, file));
  return {
    items: groups.filter((group) => !torn.includes(group)).map(joined),
    ignored: [
      ...ignored(impossible, 'usual, though the joint is given as fixed; not used'),
      ...torn.flatMap((group) =>
        ignored(
          group,
          `${group.map(readingWords).join(' and ')} contradict each other; none was used, measure again`,
        ),
      ),
    ],
  };
}
