import type { CareFor } from '../../inference/safety/careOf';
import { depthCutOf } from '../../inference/safety/depthCutOf';
import { caseFileOf } from '../../inference/case/caseFileOf';
import type { ClientFile } from '../../records/clientFile';
import type { HomePlanRecord } from '../../records/homePlans/homePlanRecord';
import { careButDepth } from './careButDepth';
import { painsAtHome } from './painsAtHome';

/** What is looked out for at home, with how deep what hurts leaves the pattern. */
export function careAtHome(
  file: ClientFile,
  plan: Pick<HomePlanRecord, 'visitId' | 'pattern'>,
): CareFor {
  const found = painsAtHome(file, plan);
  const { pains, visit } = found;
  return { ...careButDepth(file, found), cut: visit && depthCutOf(caseFileOf(visit), pains) };
}
