import { CHECKS, type CheckId } from '../../knowledge/checks';
import { LINKS, STRENGTHS, type LinkRow } from '../../knowledge/links';
import { PROBES, type ProbeId } from '../../knowledge/probes';
import type { Pain, SeenFault } from '../../records/case/caseFile';
import { observePain } from '../../inference/trace/observe/observePain';

/** What a look found, as far as it points at causes. */
export interface LookedAt {
  readonly faults: readonly Pick<SeenFault, 'fault' | 'side'>[];
  readonly pain: readonly Pain[];
}

const strengthOf = ({ strength }: LinkRow): number => STRENGTHS[strength];

/** How strongly what was seen points at each cause: the strongest link counts. */
function suspects(look: LookedAt): Map<string, number> {
  const found = new Set([
    ...look.faults.map(({ fault }) => `fault:${fault}`),
    ...observePain(look).map(({ finding }) => finding),
  ]);
  const causes = new Map<string, number>();
  for (const link of LINKS)
    if (found.has(link.finding))
      causes.set(link.cause, Math.max(causes.get(link.cause) ?? 0, strengthOf(link)));
  return causes;
}

/** What a finding is of: the fault, probe or check in its id. */
const subjectOf = ({ finding }: LinkRow): string => finding.split(':')[1];

/**
 * How much each check and probe can tell of what was seen: how strongly the fault points at a cause
 * times how strongly that cause shows in it, for the cause for which that is most.
 */
function tellingOf(look: LookedAt): ReadonlyMap<string, number> {
  const causes = suspects(look);
  const telling = new Map<string, number>();
  for (const link of LINKS) {
    const weight = (causes.get(link.cause) ?? 0) * strengthOf(link);
    telling.set(subjectOf(link), Math.max(telling.get(subjectOf(link)) ?? 0, weight));
  }
  return telling;
}

function byTelling<Id extends string>(rows: readonly { id: Id }[], look: LookedAt): Id[] {
  const telling = tellingOf(look);
  const weight = (id: Id): number => telling.get(id) ?? 0;
  return rows
    .map(({ id }) => id)
    .filter((id) => weight(id) > 0)
    .sort((a, b) => weight(b) - weight(a));
}

/**
 * The checks that can find a cause of what was seen, most telling first. Which one says most *now* is
 * the trace's to tell; this only leaves out what has nothing to do with the look.
 */
export const suspectChecks = (look: LookedAt): CheckId[] => byTelling(CHECKS, look);

/** The probes that can tell causes of what was seen apart, most telling first. */
export const suspectProbes = (look: LookedAt): ProbeId[] => byTelling(PROBES, look);
