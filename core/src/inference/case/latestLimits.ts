import { measuredLimits } from '../trace/measuredLimits';
import type { MeasuredLimits } from '../depth/measuredSem';
import type { CheckRecord } from '../../records/checks/checkRecord';
import type { LookRecord } from '../../records/looks/lookRecord';
import { checkFinding } from './caseFileOf';
import type { ClientFile } from '../../records/clientFile';

function limitsFrom(checks: readonly CheckRecord[]): MeasuredLimits {
  const kept = checks.filter((one) => !one.removed);
  const inOrder = [...kept].sort((a, b) => a.doneOn.localeCompare(b.doneOn));
  return measuredLimits(inOrder.map(checkFinding));
}

/** The newest measure of each range, from all visits: limits of the posture model. */
export const latestLimits = ({ checks }: ClientFile): MeasuredLimits => limitsFrom(checks);

/** The newest measure of each range as it was at a look: before drills at a first one, after them at the second. */
export const lookLimits = ({ checks }: ClientFile, look: LookRecord): MeasuredLimits =>
  limitsFrom(
    checks.filter(({ visitId, role, doneOn }) =>
      visitId === look.visitId
        ? look.role === 'again' || role === 'first'
        : doneOn < look.startedOn,
    ),
  );
