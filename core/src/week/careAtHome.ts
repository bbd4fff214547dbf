import type { CareFor } from '../safety/careOf';
import { depthCutOf } from '../safety/depthCutOf';
import { caseFileOf } from '../visit/caseFileOf';
import type { ClientFile, HomePlanRecord } from '../visit/records';
import { painsAtHome } from './painsAtHome';

/** What is looked out for at home: the plan's flags, what hurts, and how deep that leaves the pattern. */
export function careAtHome(
  file: ClientFile,
  plan: Pick<HomePlanRecord, 'visitId' | 'flags' | 'pattern'>,
): CareFor {
  const { pains, visit } = painsAtHome(file, plan);
  const cut = visit && depthCutOf(caseFileOf(visit), pains);
  return { flags: plan.flags, pains, cut };
}
