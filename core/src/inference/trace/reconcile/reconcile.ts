import type { CaseFile } from '../../../records/case/caseFile';
import { checksAgreeing } from './checksAgreeing';
import { faultsAgainstClears } from './faultsAgainstClears';
import type { Ignored } from './kept';
import { probesAgreeing } from './probesAgreeing';

/**
 * A case without what contradicts itself, and what was left out for that. Readings of the same check
 * that agree become one, with the error of their mean.
 */
export function reconcile(file: CaseFile): { file: CaseFile; ignored: readonly Ignored[] } {
  const { faults, clear } = faultsAgainstClears(file.look);
  const probes = probesAgreeing(file.probes);
  const checks = checksAgreeing(file);
  return {
    file: {
      ...file,
      look: { ...file.look, faults: faults.items, clear: clear.items },
      probes: probes.items,
      checks: checks.items,
    },
    ignored: [...faults.ignored, ...clear.ignored, ...probes.ignored, ...checks.ignored],
  };
}
