import type { Pattern } from '../../body/stance/patterns';
import type { Setup } from '../../body/stance/setup';
import type { ClientFile } from '../../records/clientFile';
import { usualSetup } from '../../body/solver/usualSetup';

export interface SetupFor {
  readonly setup: Setup;
  /** Whether it comes from this client's own saved set-up or last look at the pattern. */
  readonly remembered: boolean;
}

/**
 * The set-up a look at a pattern begins with: the one saved for this client, else that of the last
 * look at it in another visit, else the usual one.
 */
export function setupFor(file: ClientFile, pattern: Pattern, exceptVisit: string | null): SetupFor {
  const { client, visits, looks } = file;
  const saved = client.setups[pattern];
  const same = new Set(visits.filter((one) => one.pattern === pattern).map(({ id }) => id));
  const last = looks
    .filter((look) => same.has(look.visitId) && look.visitId !== exceptVisit)
    .sort((a, b) => b.startedOn.localeCompare(a.startedOn))
    .at(0);
  const known = saved ?? last?.setup;
  return known
    ? { setup: known, remembered: true }
    : { setup: usualSetup(pattern, client.heightM), remembered: false };
}
