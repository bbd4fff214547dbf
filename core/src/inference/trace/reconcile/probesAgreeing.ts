import { oneProbe } from '../../../knowledge/probes';
import { groupBy } from '../../../foundation/numeric/groupBy';
import type { ProbeFinding } from '../../../records/case/caseFile';
import { type Kept } from './kept';
import { faultKey } from '../../../knowledge/keys';

/** The same probe judged two ways on the same fault says nothing. */
export function probesAgreeing(probes: readonly ProbeFinding[]): Kept<ProbeFinding> {
  const numbered = probes.map((probe, i) => ({ probe, i }));
  const groups = groupBy(numbered, ({ probe }) => `${probe.probe} ${faultKey(probe)}`);
  const torn = [...groups.values()].filter(
    (group) => new Set(group.map(({ probe }) => probe.outcome)).size > 1,
  );
  const out = new Set(torn.flat().map(({ i }) => i));
  return {
    items: probes.filter((_, i) => !out.has(i)),
    ignored: torn.flat().map(({ probe, i }) => ({
      path: `probes.${i}`,
      words: `${oneProbe(probe.probe).name}: told both ways of ${probe.fault}; neither was used`,
    })),
  };
}
