import type { ApproachId } from '../../knowledge/approaches';
import { ASK_ORDER } from '../../knowledge/askOrder';
import type { CheckId } from '../../knowledge/checks';
import { NAMED_PART, PARTS_OF_FAULTS } from '../../knowledge/partsOfFaults';
import type { ProbeId } from '../../knowledge/probes';
import { prepared } from '../../inference/trace/inference/evidence';
import type { Network } from '../../inference/trace/inference/network';
import type { Candidate } from './candidates';
import type { SeenFault } from '../../records/case/caseFile';
import { gains, outcomesOf, type Outcome } from './expectedGain';

/** Causes that can bring about something that was found; all of them before anything was. */
export function inQuestion({ nodes, findings }: Network): boolean[] {
  const found = new Set(
    findings
      .filter(({ id, ratio }) => ratio > 1 && /^(fault|pain|probe):/.test(id))
      .flatMap(({ arrows }) => arrows.map(({ node }) => node)),
  );
  return nodes.map((node, i) => node.prior < 1 && (found.size === 0 || found.has(i)));
}

export const nameOf = (one: Candidate): CheckId | ProbeId =>
  one.kind === 'check' ? one.check : one.probe;

/** Something that could be asked, with what it is expected to be worth. */
export interface Weighed {
  readonly one: Candidate;
  readonly outcomes: readonly Outcome[];
  /** Expected loss of entropy of each cause in question, in bits. */
  readonly each: readonly number[];
  readonly bitsPerMinute: number;
  /** The same, as the approach orders it and the faults point at it. */
  readonly weight: number;
}

/** What the faults that were seen point at. */
const partsOf = (faults: readonly SeenFault[]): ReadonlySet<CheckId | ProbeId> =>
  new Set(faults.flatMap(({ fault }) => PARTS_OF_FAULTS[fault] ?? []));

/**
 * All that could be asked, most worth first.
 *
 * @param before posterior of every cause now
 */
export function weigh(
  network: Network,
  before: readonly number[],
  candidates: readonly Candidate[],
  approach: ApproachId,
  faults: readonly SeenFault[],
): Weighed[] {
  const ready = prepared(network);
  const asked = inQuestion(network);
  const order = ASK_ORDER[approach];
  const parts = partsOf(faults);
  return candidates
    .map((one) => {
      const outcomes = outcomesOf(ready, before, one.asked);
      const each = gains(before, outcomes, asked);
      const bitsPerMinute = each.reduce((sum, gain) => sum + gain, 0) / one.minutes;
      const name = nameOf(one);
      const weight = bitsPerMinute * (order[name] ?? 1) * (parts.has(name) ? NAMED_PART : 1);
      return { one, outcomes, each, bitsPerMinute, weight };
    })
    .sort((a, b) => b.weight - a.weight);
}
