import { groupBy } from '../../../foundation/numeric/groupBy';
import { AGAINST, LINKS, type FindingId } from '../../../knowledge/links';
import { oneProbe, type ProbeId, type ProbeOutcome } from '../../../knowledge/probes';
import type { MaybeSide } from '../../../foundation/sides/side';
import type { CaseFile, ProbeFinding } from '../../../records/case/caseFile';
import type { Observation } from '../connect';

const OUTCOMES = ['better', 'same', 'worse'] as const;

/** What the tables make something of: that a probe left all as it was mostly says nothing. */
const TELLING: ReadonlySet<string> = new Set([...LINKS, ...AGAINST].map(({ finding }) => finding));

/**
 * A probe counts once however many faults it was judged on: they share one cause more often than
 * not. Better for any fault is better; the same for all is a probe that did not help.
 */
function observed(
  probe: ProbeId,
  outcomes: readonly ProbeFinding[],
  sideOf: (finding: ProbeFinding) => MaybeSide,
): Observation[] {
  const { name, sided } = oneProbe(probe);
  const first =
    outcomes.find(({ outcome }) => outcome === 'better') ??
    outcomes.find(({ outcome }) => outcome === 'worse') ??
    outcomes[0];
  // One that was done on a told side speaks for that side; any other for the one its fault points at.
  const side = sided ? (first.side ?? null) : null;
  const about = side === null ? { fault: first.fault, side: sideOf(first) } : undefined;
  return OUTCOMES.map((outcome): Observation => {
    const seen = hasOutcome(first.outcome, outcome);
    return {
      finding: `probe:${probe}:${outcome}`,
      side,
      about,
      ratio: seen ? Infinity : 0,
      words: `${name}: ${first.outcome}${outcome === 'same' ? ', as deep as without' : ''}`,
    };
  }).filter(({ finding, ratio }) => TELLING.has(finding) && !saysTwice(finding, ratio));
}

/** That a probe helped is said by "better"; that it is therefore not "the same" adds nothing. */
const saysTwice = (finding: FindingId, ratio: number): boolean =>
  finding.endsWith(':same') && ratio === 0;

/** What got worse did not get better: for those it did not help, that is "the same" too. */
const hasOutcome = (was: ProbeOutcome, asked: ProbeOutcome): boolean =>
  was === asked || (was === 'worse' && asked === 'same');

/** The side of the fault that a probe was judged on. */
const faultSide = ({ fault }: ProbeFinding, { faults }: CaseFile['look']): MaybeSide =>
  faults.find((one) => one.fault === fault)?.side ?? null;

/** With the side of its fault, when the probe does not say it itself; that of a sided probe is its own. */
export const withSide = (finding: ProbeFinding, look: CaseFile['look']): ProbeFinding =>
  finding.side !== undefined || oneProbe(finding.probe).sided
    ? finding
    : { ...finding, side: faultSide(finding, look) };

/** One observation for each outcome of a probe that the tables make something of. */
export function observeProbes({ probes, look }: CaseFile): Observation[] {
  const grouped = groupBy(probes, (one) => one.probe);
  const sideOf = (one: ProbeFinding) =>
    oneProbe(one.probe).sided ? faultSide(one, look) : (one.side ?? null);
  return [...grouped].flatMap(([probe, outcomes]) =>
    observed(
      probe,
      outcomes.map((one) => withSide(one, look)),
      sideOf,
    ),
  );
}
