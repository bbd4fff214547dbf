import type { CareFor } from '../safety/careOf';
import { depthCutOf } from '../safety/depthCutOf';
import { helpedBy } from '../safety/keptHelp';
import { standingOf } from '../safety/standing';
import { caseFileOf } from '../visit/caseFileOf';
import type { ClientFile, HomePlanRecord } from '../visit/records';
import { painsAtHome } from './painsAtHome';

/** What is looked out for at home: what stands about the client, what hurts, how deep that leaves the pattern and what helped. */
export function careAtHome(
  file: ClientFile,
  plan: Pick<HomePlanRecord, 'visitId' | 'pattern'>,
): CareFor {
  const { pains, visit } = painsAtHome(file, plan);
  const known = visit && caseFileOf(visit);
  return {
    ...standingOf(file.client),
    pains,
    cut: known && depthCutOf(known, pains),
    helped: known ? helpedBy(known.probes) : [],
    kit: file.client.home.kit,
  };
}
