import { CHEATS } from '../../../knowledge/checkGuides';
import { normFor, type Norms } from '../../../knowledge/norms';
import {
  FELT_WORDS,
  oneCheck,
  type CheckId,
  type CheckRow,
  type RangeCheck,
  type RangeNorm,
  type ResultCheck,
} from '../../../knowledge/checks';
import { HELD_WORDS, heldBack } from '../../../knowledge/roll';
import { clamp } from '../../../foundation/numeric/safety';
import { normalDensity } from '../../../foundation/numeric/normal';
import { smallestRealChange } from '../../change/smallestRealChange';
import { withUnit } from '../../../foundation/words/units';
import type { CaseFile, CheckFinding } from '../../../records/case/caseFile';
import type { Observation } from '../connect';
import { rangeRatio } from '../rangeRatio';
import { decibansOfSize, ratioOfDecibans } from '../sizeRatio';

type Part = Omit<Observation, 'side' | 'words'> & { words: string };

/** The name of a check in the middle of a sentence. */
const said = ({ name }: Pick<CheckRow, 'name'>): string => name.toLowerCase();

const numberOf = (value: number | string | undefined): number | undefined =>
  typeof value === 'number' ? value : undefined;

/** Of a range more is better, of a shortfall less. */
const bestIn = ({ usual, restricted }: RangeNorm, values: readonly number[]): number =>
  usual[0] > restricted[0] ? Math.max(...values) : Math.min(...values);

/**
 * What a range is worth as a range: without the brake of a loose trunk, if that was tried, and with the
 * roll that a pelvis that was held would have had, as norms have it.
 */
export function bestOf(check: CheckFinding): number | undefined {
  const row = oneCheck(check.check);
  const values = [check.passive ?? check.active, numberOf(check.braced)].filter(
    (v) => v !== undefined,
  );
  if (row.type !== 'range' || values.length === 0) return undefined;
  return bestIn(row.norm, values) + heldBack(check);
}

/** The same as it was read: "105°, pelvis held". */
export function maybeReadWords(check: CheckFinding): string | undefined {
  const row = oneCheck(check.check);
  const value = bestOf(check);
  if (row.type !== 'range' || value === undefined) return undefined;
  const read = withUnit(value - heldBack(check), row.norm.unit);
  return check.held ? `${read}, ${HELD_WORDS}` : read;
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
  const words = [`${said(row)} ${maybeReadWords(check)}`, ...cheats];
  return [
    {
      finding: `range:${check.check}`,
      // Cheating adds range: what is short all the same is short, what looks usual need not be.
      ratio: cheats.length > 0 ? Math.max(1, ratio) : ratio,
      words: words.join(', '),
    },
  ];
}

/** Gains by the brace, in smallest real changes: of a body that was held by its trunk, and of any other. */
const FREED = { mean: 2, sd: 1 } as const;
const NOT_FREED = { mean: 0, sd: 0.6 } as const;

/** How much more a brace gave, as likely in a trunk that was the brake against one that was not. */
function braceRatio(realChanges: number): number {
  const at = clamp(realChanges, -1, 3);
  const of = ({ mean, sd }: { mean: number; sd: number }) => normalDensity(at, mean, sd);
  return of(FREED) / of(NOT_FREED);
}

/** Bracing that adds more than the measuring error says the trunk was the brake. */
function bracePart(check: CheckFinding, row: RangeCheck): Part[] {
  const braced = numberOf(check.braced);
  const plain = plainOf(check);
  if (braced === undefined || plain === undefined) return [];
  const gain = row.norm.usual[0] > row.norm.restricted[0] ? braced - plain : plain - braced;
  const realChanges = gain / smallestRealChange(row.norm.sem);
  return [
    {
      finding: `brace-frees:${check.check}`,
      ratio: braceRatio(realChanges),
      words: `${said(row)}, braced: ${realChanges >= 1 ? `${withUnit(gain, row.norm.unit)} more` : 'no more'}`,
    },
  ];
}

/** Range that is there and cannot be used. */
function gapPart(check: CheckFinding, row: RangeCheck): Part[] {
  if (check.passive === undefined || check.active === undefined) return [];
  const { usual, restricted } = row.norm;
  const gap = (check.passive - check.active) * Math.sign(usual[0] - restricted[0]);
  // The active range is a little less in everybody: what is beyond one real change says something.
  const ratio = ratioOfDecibans(decibansOfSize(gap / smallestRealChange(row.norm.sem) - 1));
  if (ratio === 1) return [];
  return [
    {
      finding: `gap:${check.check}`,
      ratio,
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

/** How often a range that is short is felt at one given place, or pinches, whatever stops it. Ours. */
const FELT_THERE = 0.5;

/**
 * Where a usual range is felt says nothing; where a short one is felt does: by how likely it is short,
 * so that no degree of range turns it on. The mixture of "short, and felt there" and "not short".
 */
export const feltRatio = (rangeRatio: number): number => 1 + rangeRatio / FELT_THERE;

function feltRatioOf(check: CheckFinding, row: CheckRow): number {
  if (row.type !== 'range') return Infinity;
  const value = bestOf(check);
  return value === undefined ? 1 : feltRatio(rangeRatio(value, row.norm));
}

function feltPart(check: CheckFinding, row: CheckRow): Part[] {
  const parts: Part[] = [];
  const ratio = feltRatioOf(check, row);
  if (check.felt && check.felt !== 'nowhere' && ratio > 1)
    parts.push({
      finding: `felt:${check.check}:${check.felt}`,
      ratio,
      words: `${said(row)}, felt ${FELT_WORDS[check.felt]}`,
    });
  if (check.pinch !== undefined)
    parts.push({
      finding: `pinch:${check.check}`,
      ratio: check.pinch ? pinchRatio(ratio) : 0,
      words: `${said(row)}: ${check.pinch ? 'pinch at the end' : 'no pinch'}`,
    });
  return parts;
}

/** A pinch is no usual end of a range, even of a long one: it never says less than this. */
const LEAST_OF_PINCH = 6;
const pinchRatio = (felt: number): number => LEAST_OF_PINCH - 1 + felt;

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
