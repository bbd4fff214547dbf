import { oneCheck, type CheckId } from '../../knowledge/checks';
import type { MaybeSide } from '../../foundation/sides/side';
import { bringsAbout } from '../../inference/visit/findingsOf';
import { causeOfKey } from '../../knowledge/keys';
import type { DrillRecord } from '../../records/drills/drillRecord';
import { valueOf } from '../../records/checks/plainReading';
import type { VisitPart } from '../../inference/visit/visitPart';

/** Ranges of the first look that a drill aims to move: what is worth taking again right after it. */
export function checksOfDrill(
  { checks }: Pick<VisitPart, 'checks'>,
  { targets }: Pick<DrillRecord, 'targets'>,
): { readonly check: CheckId; readonly side: MaybeSide }[] {
  const causes = targets.map(causeOfKey);
  return checks
    .filter(({ role }) => role === 'first')
    .filter((record) => oneCheck(record.check).type === 'range' && valueOf(record) !== null)
    .filter(({ check, side }) =>
      causes.some((one) => bringsAbout(one.cause, one.side, `range:${check}`, side)),
    )
    .map(({ check, side }) => ({ check, side }));
}
