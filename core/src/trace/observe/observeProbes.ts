import { groupBy } from '../../numeric/groupBy';
import { oneProbe, type ProbeId } from '../../knowledge/probes';
import type { CaseFile, ProbeFinding } from '../caseFile';
import type { Observation } from '../connect';

/**
 * A probe counts once however many faults it was judged on: they share one cause more often than
 * not. Better for any fault is better; the same for all is a probe that did not help.
 */
function observed(probe: ProbeId, outcomes: readonly ProbeFinding[]): Observation[] {
  const { name } = oneProbe(probe);
  const better = outcomes.find((one) => one.outcome === 'better');
  const first = better ?? outcomes[0];
  const about = { fault: first.fault, side: first.side ?? null };
  if (better)
    return [
      {
        finding: `probe:${probe}:better`,
        side: null,
        about,
        ratio: Infinity,
        words: `${name}: better`,
      },
    ];
  return [
    {
      finding: `probe:${probe}:better`,
      side: null,
      about,
      ratio: 0,
      words: `${name}: ${first.outcome}`,
    },
    {
      finding: `probe:${probe}:same`,
      side: null,
      about,
      ratio: Infinity,
      words: `${name}: ${first.outcome}, as deep as without`,
    },
  ];
}

/** The side of the fault that a probe was judged on, when the probe does not say it itself. */
const withSide = (finding: ProbeFinding, { faults }: CaseFile['look']): ProbeFinding =>
  finding.side !== undefined
    ? finding
    : { ...finding, side: faults.find((fault) => fault.fault === finding.fault)?.side ?? null };

/** One observation per probe, or two where "no better" says something of its own. */
export function observeProbes({ probes, look }: CaseFile): Observation[] {
  const grouped = groupBy(probes, (one) => one.probe);
  return [...grouped]
    .flatMap(([probe, outcomes]) =>
      observed(
        probe,
        outcomes.map((one) => withSide(one, look)),
      ),
    )
    .filter((one) => !one.finding.endsWith(':same') || one.finding === 'probe:post:same');
}
