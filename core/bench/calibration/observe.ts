import {
  FAULTS,
  GRADES,
  canBeSeen,
  type CaseFile,
  type FaultRow,
  type Grade,
  type MaybeSide,
} from '../../src';
import { normal } from '../../src/foundation/numeric/random';
import { connect, factorsAt } from '../../src/inference/trace/connect';
import type { Finding } from '../../src/inference/trace/inference/network';
import { feltRatio } from '../../src/inference/trace/observe/observeChecks';
import { rangeRatio } from '../../src/inference/trace/rangeRatio';
import { faultRatio } from '../../src/inference/trace/sizeRatio';
import { candidatesOf, type Candidate } from '../../src/planning/asking/candidates';
import { chance, oneOf, type MadeClient, type Random } from './client';

/** Whether a finding shows: a noisy-OR of what is present, rarer where something present speaks against it. */
function shows(random: Random, { leak, arrows, factors }: Finding, present: readonly boolean[]) {
  const stays = arrows
    .filter(({ node }) => present[node])
    .reduce((product, { strength }) => product * (1 - strength), 1 - leak);
  const against = factors
    .filter(({ node }) => present[node])
    .reduce((product, { factor }) => product * factor, 1);
  return chance(random, (1 - stays) * against);
}

/** How often a fault that is there is called by each grade. */
const GRADES_SEEN = { slight: 0.3, plain: 0.45, marked: 0.25 } as const;

/**
 * The grade an eye gives a fault, null where it calls it clear: what is there is seen, and what is not is
 * now and then taken for it, as often as the ratios of the grades say.
 */
function gradeSeen(
  random: Random,
  ratioOf: (grade: Grade) => number,
  there: boolean,
): Grade | null {
  let left = random();
  for (const grade of GRADES) {
    left -= GRADES_SEEN[grade] / (there ? 1 : ratioOf(grade));
    if (left < 0) return grade;
  }
  return null;
}

/** A finding that was looked for: there, or clear. */
const told = (finding: Finding, ratio: number): Finding => ({
  ...finding,
  ratio,
  factors: ratio > 1 ? factorsAt(finding, ratio) : [],
});

export interface SeenFaults {
  readonly findings: readonly Finding[];
  readonly faults: CaseFile['look']['faults'];
}

/** Faults of the pattern, each there or looked for and clear; `decided` ones as they were decided. */
export function seeFaults(
  random: Random,
  { pattern, file, nodes, present }: MadeClient,
  decided: ReadonlyMap<string, boolean> = new Map(),
): SeenFaults {
  const rows = (FAULTS as readonly FaultRow[]).filter((row) =>
    canBeSeen(row, pattern, file.look.setup),
  );
  const seen = rows.flatMap((row) => {
    const { id, sided } = row;
    const sides: readonly MaybeSide[] = sided === 'none' ? [null] : ['left', 'right'];
    return sides.map((side) => {
      const finding = connect(
        { finding: `fault:${id}` as never, side, ratio: Infinity, words: id },
        nodes,
      );
      const ratioOf = (grade: Grade) =>
        faultRatio({ fault: id as never, side, phase: 'bottom', grade }, row, file.look);
      const there = decided.get(`${id}@${side ?? ''}`) ?? shows(random, finding, present);
      const grade = gradeSeen(random, ratioOf, there);
      return {
        fault: { fault: id as never, side },
        grade,
        finding: told(finding, grade ? ratioOf(grade) : 0),
      };
    });
  });
  return {
    findings: seen.map(({ finding }) => finding).filter(({ arrows }) => arrows.length > 0),
    faults: seen.flatMap(({ fault, grade }) =>
      grade ? [{ ...fault, phase: 'bottom' as const, grade }] : [],
    ),
  };
}

/** A joint is at its end where a finding says so, or where it truly is: read with the error of the check. */
function measured(
  random: Random,
  { norm, findings }: Candidate['asked'],
  short: boolean,
  truth: number | undefined,
): Finding {
  const [mean, sd] = short ? norm!.restricted : norm!.usual;
  const value = (truth ?? mean + sd * normal(random)) + norm!.sem * normal(random);
  return { ...findings[0], ratio: rangeRatio(value, norm!), factors: [] };
}

/** `hip-bend@left`, as true ranges are kept. */
const keyOf = (one: Candidate): string =>
  one.kind === 'check' ? `${one.check}@${one.side ?? ''}` : one.probe;

/**
 * What comes of asking. A range is read with its error; where the end is felt is told for a short one
 * only, and one place of those there are; everything else is there or not.
 */
export function answerOf(
  random: Random,
  candidate: Candidate,
  present: readonly boolean[],
  truth: ReadonlyMap<string, number> = new Map(),
): Finding[] {
  const { asked } = candidate;
  const there = asked.findings.map((finding) => shows(random, finding, present));
  const felt = asked.findings.filter(({ id }, i) => id.startsWith('felt:') && there[i]);
  const plain = asked.findings
    .map((finding, i) => ({ finding, there: there[i] }))
    .filter(({ finding }, i) => !finding.id.startsWith('felt:') && !(asked.norm && i === 0));
  const range = asked.norm ? [measured(random, asked, there[0], truth.get(keyOf(candidate)))] : [];
  const feltOf = ([first]: readonly Finding[]) => (first ? feltRatio(first.ratio) : Infinity);
  const isShort = range.every(({ ratio }) => ratio > 1);
  return [
    ...range,
    ...plain.map((one) => told(one.finding, one.there ? Infinity : 0)),
    ...(isShort && felt.length > 0 ? [told(oneOf(random, felt), feltOf(range))] : []),
  ];
}

/** All that could be asked of this client after the look, in the order of the tables, checks first. */
export function askable({ file, nodes }: MadeClient, seen: SeenFaults): Candidate[] {
  const looked = { ...file, look: { ...file.look, faults: seen.faults } };
  const all = candidatesOf(looked, nodes);
  return [
    ...all.filter(({ kind }) => kind === 'check'),
    ...all.filter(({ kind }) => kind === 'probe'),
  ];
}
