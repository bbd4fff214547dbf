import type { RangeNorm } from '../../knowledge/checks';
import { normalDensity } from '../../foundation/numeric/normal';
import {
  evidenceWith,
  type Evidence,
  type Prepared,
} from '../../inference/trace/inference/evidence';
import type { Finding } from '../../inference/trace/inference/network';
import type { Asked } from './whatItAsks';

/** What can come out: how likely it is, and how likely every cause is then. */
export interface Outcome {
  readonly chance: number;
  readonly p: readonly number[];
}

/** More findings of one check than this are not told apart: their number of outcomes doubles with each. */
const MOST_FINDINGS = 4;

/** Less of an outcome than this is rounding. */
const NEVER = 1e-12;

/** How much a finding can say: the strengths of its arrows, by how open each cause still is. */
const telling = ({ arrows }: Finding, p: readonly number[]): number =>
  arrows.reduce((sum, { node, strength }) => sum + strength * p[node] * (1 - p[node]), 0);

/** The most telling findings; of a range, its own first. */
function chosen({ norm, findings }: Asked, p: readonly number[]): Finding[] {
  const [first, ...rest] = findings;
  const byTelling = (list: readonly Finding[]) =>
    [...list].sort((a, b) => telling(b, p) - telling(a, p));
  return (norm ? [first, ...byTelling(rest)] : byTelling(findings)).slice(0, MOST_FINDINGS);
}

const minus = (a: Evidence, b: Evidence): Evidence => ({
  total: a.total - b.total,
  with: a.with.map((value, i) => value - b.with[i]),
});

/** A finding that is absent also lacks what its leak would have brought about. */
function absentEvidence(ready: Prepared, absent: readonly Finding[]): Evidence {
  const { total, with: sums } = evidenceWith(
    ready,
    absent.map(({ arrows }) => arrows),
  );
  const noLeak = absent.reduce((product, { leak }) => product * (1 - leak), 1);
  return { total: total * noLeak, with: sums.map((sum) => sum * noLeak) };
}

/**
 * Evidence of the network with every combination of findings there (bit set) or not: the evidence
 * with some of them absent is found by quickscore in linear time, that with some present by taking
 * differences (inclusion and exclusion).
 */
function cells(ready: Prepared, findings: readonly Finding[]): Evidence[] {
  const count = 1 << findings.length;
  // Begin with "those without their bit are absent, the others either way".
  const grid = Array.from({ length: count }, (_, there) =>
    absentEvidence(
      ready,
      findings.filter((_one, i) => !(there & (1 << i))),
    ),
  );
  for (let i = 0; i < findings.length; i++)
    for (let there = 0; there < count; there++)
      if (there & (1 << i)) grid[there] = minus(grid[there], grid[there ^ (1 << i)]);
  return grid;
}

/** What a finding that is there does to single causes besides: first order, cause by cause. */
function withFactors(p: readonly number[], there: readonly Finding[]): number[] {
  const next = [...p];
  for (const { factors } of there)
    for (const { node, factor } of factors)
      next[node] = (factor * next[node]) / (factor * next[node] + 1 - next[node]);
  return next;
}

const outcomeOf = ({ total, with: sums }: Evidence, whole: number, there: Finding[]): Outcome => ({
  chance: total / whole,
  p: withFactors(
    sums.map((sum) => Math.min(1, Math.max(0, sum / total))),
    there,
  ),
});

/** A range is read at so many values over both curves, out to three standard deviations. */
const READINGS = 26;

/** The curve of a range among people, widened by the measuring error. */
const curve = ([mean, sd]: readonly [number, number], sem: number) => ({
  mean,
  sd: Math.hypot(sd, sem),
});

/** What a reading would say, for readings over both curves of a norm. */
function readings(short: Outcome, usual: Outcome, norm: RangeNorm): Outcome[] {
  const [a, b] = [curve(norm.restricted, norm.sem), curve(norm.usual, norm.sem)];
  const low = Math.min(a.mean - 3 * a.sd, b.mean - 3 * b.sd);
  const high = Math.max(a.mean + 3 * a.sd, b.mean + 3 * b.sd);
  const step = (high - low) / READINGS;
  const values = Array.from({ length: READINGS }, (_, i) => low + (i + 0.5) * step);
  return values.map((value) => {
    const asShort = short.chance * normalDensity(value, a.mean, a.sd) * step;
    const asUsual = usual.chance * normalDensity(value, b.mean, b.sd) * step;
    const chance = asShort + asUsual;
    return {
      chance,
      p: short.p.map((p, i) =>
        chance > NEVER ? (asShort * p + asUsual * usual.p[i]) / chance : usual.p[i],
      ),
    };
  });
}

const NO_CHANCE = (count: number): Outcome => ({ chance: 0, p: new Array<number>(count).fill(0) });

/**
 * All that a check or probe can find out, each with its chance and what would be known then.
 *
 * @param before posterior of every cause now
 */
export function outcomesOf(ready: Prepared, before: readonly number[], asked: Asked): Outcome[] {
  const findings = chosen(asked, before);
  const grid = cells(ready, findings);
  const whole = evidenceWith(ready).total;
  const outcomes = grid.map((cell, there): Outcome =>
    cell.total > NEVER * whole
      ? outcomeOf(
          cell,
          whole,
          findings.filter((_, i) => there & (1 << i)),
        )
      : NO_CHANCE(before.length),
  );
  if (!asked.norm) return outcomes.filter(({ chance }) => chance > 0);
  // The range itself is the lowest bit: pairs of outcomes that differ in it alone.
  const { norm } = asked;
  const pairs = outcomes
    .filter((_, there) => !(there & 1))
    .map((usual, i) => [outcomes[2 * i + 1], usual]);
  return pairs
    .flatMap(([short, usual]) => readings(short, usual, norm))
    .filter(({ chance }) => chance > NEVER);
}

/** Entropy of one yes or no, in bits. */
const bits = (p: number): number =>
  p <= 0 || p >= 1 ? 0 : -(p * Math.log2(p) + (1 - p) * Math.log2(1 - p));

/**
 * Expected loss of entropy of each cause, in bits; never less than nothing but for the factors, which
 * are not probabilities.
 *
 * @param asked which causes are in question; of the others nothing is gained
 */
export function gains(
  before: readonly number[],
  outcomes: readonly Outcome[],
  asked: readonly boolean[],
): number[] {
  const whole = outcomes.reduce((sum, { chance }) => sum + chance, 0);
  return before.map((p, i) => {
    if (!asked[i]) return 0;
    const after = outcomes.reduce((sum, one) => sum + (one.chance / whole) * bits(one.p[i]), 0);
    return Math.max(0, bits(p) - after);
  });
}
