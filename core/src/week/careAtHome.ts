import type { CareFor } from '../safety/careOf';
import { depthCutOf } from '../safety/depthCutOf';
import { standingOf } from '../safety/standing';
import { caseFileOf } from '../visit/caseFileOf';
import type { ClientFile, HomePlanRecord } from '../visit/records';
import { painsAtHome } from './painsAtHome';

/** What is looked out for at home: what stands about the client, what hurts, and how deep that leaves the pattern. */
export function careAtHome(
  file: ClientFile,
  plan: Pick<HomePlanRecord, 'visitId' | 'pattern'>,
): CareFor {
  const { pains, visit } = painsAtHome(file, plan);
  const cut = visit && depthCutOf(caseFileOf(visit), pains);
  return { ...standingOf(file.client), pains, cut };
}
