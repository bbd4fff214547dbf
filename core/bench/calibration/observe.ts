import { FAULTS, canBeSeen, type CaseFile, type FaultRow, type MaybeSide } from '../../src';
import { normal } from '../../src/numeric/random';
import { connect } from '../../src/trace/connect';
import type { Finding } from '../../src/trace/inference/network';
import { rangeRatio } from '../../src/trace/rangeRatio';
import { candidatesOf, type Candidate } from '../../src/trace/next/candidates';
import { chance, oneOf, type MadeClient, type Random } from './client';

/** Whether a finding shows: a noisy-OR of what is present, rarer where something present speaks against it. */
export function shows(
  random: Random,
  { leak, arrows, factors }: Finding,
  present: readonly boolean[],
) {
  const stays = arrows
    .filter(({ node }) => present[node])
    .reduce((product, { strength }) => product * (1 - strength), 1 - leak);
  const against = factors
    .filter(({ node }) => present[node])
    .reduce((product, { factor }) => product * factor, 1);
  return chance(random, (1 - stays) * against);
}

/** A finding that was looked for: there, or clear. */
const told = (finding: Finding, there: boolean): Finding =>
  there ? { ...finding, ratio: Infinity } : { ...finding, ratio: 0, factors: [] };

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
  const seen = rows.flatMap(({ id, sided }) => {
    const sides: readonly MaybeSide[] = sided === 'none' ? [null] : ['left', 'right'];
    return sides.map((side) => {
      const finding = connect(
        { finding: `fault:${id}` as never, side, ratio: Infinity, words: id },
        nodes,
      );
      const there = decided.get(`${id}@${side ?? ''}`) ?? shows(random, finding, present);
      return { fault: { fault: id as never, side }, there, finding: told(finding, there) };
    });
  });
  return {
    findings: seen.map(({ finding }) => finding).filter(({ arrows }) => arrows.length > 0),
    faults: seen
      .filter(({ there }) => there)
      .map(({ fault }) => ({ ...fault, phase: 'bottom', grade: 'plain' })),
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
  const isShort = range.every(({ ratio }) => ratio > 1);
  return [
    ...range,
    ...plain.map((one) => told(one.finding, one.there)),
    ...(isShort && felt.length > 0 ? [oneOf(random, felt)] : []),
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
