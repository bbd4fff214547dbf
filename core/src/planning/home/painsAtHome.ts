import type { Pain } from '../../records/case/caseFile';
import { painsOf } from '../../inference/visit/painsOf';
import type { ClientFile } from '../../records/clientFile';
import type { HomePlanRecord } from '../../records/homePlans/homePlanRecord';
import { maybeVisitFile, type VisitFile } from '../../inference/case/visitFile';

/** What was last told to hurt, and the visit in which the plan's pattern was then looked at, if it was. */
export interface PainsAtHome {
  readonly pains: readonly Pain[];
  readonly visit: VisitFile | null;
}

/** The newest visit with a look counts, from the one that the plan was made in on: it tells what hurts now. */
export function painsAtHome(
  file: ClientFile,
  { visitId, pattern }: Pick<HomePlanRecord, 'visitId' | 'pattern'>,
): PainsAtHome {
  const since = file.visits.find(({ id }) => id === visitId)?.openedOn ?? '';
  const looked = new Set(file.looks.map((look) => look.visitId));
  const [newest] = file.visits
    .filter(({ id, openedOn }) => openedOn >= since && looked.has(id))
    .sort((a, b) => b.openedOn.localeCompare(a.openedOn));
  const visit = newest ? maybeVisitFile(file, newest.id) : null;
  if (!visit) return { pains: [], visit: null };
  const pains = painsOf([visit.first, visit.again]);
  return { pains, visit: visit.visit.pattern === pattern ? visit : null };
}
