import { CHEATS } from '../../knowledge/checkGuides';
import { normFor, type Norms } from '../../knowledge/norms';
import {
  FELT_WORDS,
  oneCheck,
  type CheckId,
  type CheckRow,
  type RangeCheck,
  type RangeNorm,
  type ResultCheck,
} from '../../knowledge/checks';
import { smallestRealChange } from '../../change/smallestRealChange';
import { withUnit } from '../../words/units';
import type { CaseFile, CheckFinding } from '../caseFile';
import type { Observation } from '../connect';
import { rangeRatio } from '../rangeRatio';

type Part = Omit<Observation, 'side' | 'words'> & { words: string };

/** The name of a check in the middle of a sentence. */
const said = ({ name }: Pick<CheckRow, 'name'>): string => name.toLowerCase();

const numberOf = (value: number | string | undefined): number | undefined =>
  typeof value === 'number' ? value : undefined;

/** Of a range more is better, of a shortfall less. */
const bestIn = ({ usual, restricted }: RangeNorm, values: readonly number[]): number =>
  usual[0] > restricted[0] ? Math.max(...values) : Math.min(...values);

/** What a range is worth as a range: without the brake of a loose trunk, if that was tried. */
export function bestOf(check: CheckFinding): number | undefined {
  const row = oneCheck(check.check);
  const values = [check.passive ?? check.active, numberOf(check.braced)].filter(
    (v) => v !== undefined,
  );
  return row.type === 'range' && values.length > 0 ? bestIn(row.norm, values) : undefined;
}

/** The plain measure: moved by the coach, or by the client where that was not taken. */
const plainOf = ({ passive, active }: CheckFinding): number | undefined => passive ?? active;

/** How many readings stand behind the plain measure. */
const timesOf = ({ passive, times }: CheckFinding): number =>
  (passive === undefined ? times?.active : times?.passive) ?? 1;

function rangePart(check: CheckFinding, row: RangeCheck): Part[] {
  const value = bestOf(check);
  if (value === undefined) return [];
  const ratio = rangeRatio(value, row.norm);
  const cheats = CHEATS.filter(({ id }) => check.cheats?.includes(id)).map(({ name }) => name);
  const words = [`${said(row)} ${withUnit(value, row.norm.unit)}`, ...cheats];
  return [
    {
      finding: `range:${check.check}`,
      // Cheating adds range: what is short all the same is short, what looks usual need not be.
      ratio: cheats.length > 0 ? Math.max(1, ratio) : ratio,
      words: words.join(', '),
    },
  ];
}

/** Bracing that adds more than the measuring error says the trunk was the brake. */
function bracePart(check: CheckFinding, row: RangeCheck): Part[] {
  const braced = numberOf(check.braced);
  const plain = plainOf(check);
  if (braced === undefined || plain === undefined) return [];
  const gain = row.norm.usual[0] > row.norm.restricted[0] ? braced - plain : plain - braced;
  const frees = gain >= smallestRealChange(row.norm.sem);
  return [
    {
      finding: `brace-frees:${check.check}`,
      ratio: frees ? Infinity : 0,
      words: `${said(row)}, braced: ${frees ? `${withUnit(gain, row.norm.unit)} more` : 'no more'}`,
    },
  ];
}

/** Range that is there and cannot be used. */
function gapPart(check: CheckFinding, row: RangeCheck): Part[] {
  if (check.passive === undefined || check.active === undefined) return [];
  const { usual, restricted } = row.norm;
  const gap = (check.passive - check.active) * Math.sign(usual[0] - restricted[0]);
  if (gap < 2 * smallestRealChange(row.norm.sem)) return [];
  return [
    {
      finding: `gap:${check.check}`,
      ratio: Infinity,
      words: `${said(row)}: ${withUnit(gap, row.norm.unit)} more passive than active`,
    },
  ];
}

/** Of results from best to worst the first is none, the last a full sign, one between half of one. */
const signOf = (row: ResultCheck, at: number): number =>
  at === 0 ? 0 : at === row.results.length - 1 ? Infinity : 3;

/** Each named result is a finding of its own; the others are then looked for and not there. */
const namedPart = (row: ResultCheck, at: number): Part[] =>
  row.results.slice(1).map((result, i) => ({
    finding: `result:${row.id as CheckId}:${result}`,
    ratio: i + 1 === at ? Infinity : 0,
    words: `${said(row)}: ${row.resultWords[at]}`,
  }));

/** The middle result is half a sign: it weighs as much as its odds, not as a yes. */
function resultPart(check: CheckFinding, row: ResultCheck): Part[] {
  const at = row.results.indexOf(check.result ?? '');
  if (at < 0) return [];
  if (row.named) return namedPart(row, at);
  const words = `${said(row)}: ${row.resultWords[at]}`;
  const parts: Part[] = [{ finding: `result:${check.check}`, ratio: signOf(row, at), words }];
  const braced = row.results.indexOf(String(check.braced ?? ''));
  if (braced < 0 || at === 0) return parts;
  const frees = braced < at;
  return [
    ...parts,
    {
      finding: `brace-frees:${check.check}`,
      ratio: frees ? Infinity : 0,
      words: `${said(row)}, braced: ${frees ? 'better' : 'no better'}`,
    },
  ];
}

function feltPart(check: CheckFinding, row: CheckRow): Part[] {
  const parts: Part[] = [];
  if (check.felt && check.felt !== 'nowhere' && isShort(check, row))
    parts.push({
      finding: `felt:${check.check}:${check.felt}`,
      ratio: Infinity,
      words: `${said(row)}, felt ${FELT_WORDS[check.felt]}`,
    });
  if (check.pinch !== undefined)
    parts.push({
      finding: `pinch:${check.check}`,
      ratio: check.pinch ? Infinity : 0,
      words: `${said(row)}: ${check.pinch ? 'pinch at the end' : 'no pinch'}`,
    });
  return parts;
}

/** Where a usual range is felt says nothing; where a short one is felt does. */
function isShort(check: CheckFinding, row: CheckRow): boolean {
  if (row.type !== 'range') return true;
  const value = bestOf(check);
  return value !== undefined && rangeRatio(value, row.norm) > 1;
}

function partsOf(check: CheckFinding, norms: Norms | undefined): Part[] {
  const known = oneCheck(check.check);
  if (known.type === 'result') return resultPart(check, known);
  const row = { ...known, norm: normFor(known, norms, timesOf(check)) };
  return [
    ...rangePart(check, row),
    ...bracePart(check, row),
    ...gapPart(check, row),
    ...feltPart(check, row),
  ];
}

/** All that the checks say: ranges as likelihood ratios, the rest as findings. */
export const observeChecks = ({ checks, norms }: CaseFile): Observation[] =>
  checks.flatMap((check) => {
    const side = check.side ?? null;
    return partsOf(check, norms).map((part) => ({
      ...part,
      side,
      words: side ? `${side}: ${part.words}` : part.words,
    }));
  });
