import { measuredLimits } from '../trace/measuredLimits';
import type { LimitsDeg } from '../../body/solver/limits';
import type { CheckRecord } from '../../records/checks/checkRecord';
import type { LookRecord } from '../../records/looks/lookRecord';
import { checkFinding } from './caseFileOf';
import type { ClientFile } from '../../records/clientFile';

function limitsFrom(checks: readonly CheckRecord[]): LimitsDeg {
  const kept = checks.filter((one) => !one.removed);
  const inOrder = [...kept].sort((a, b) => a.doneOn.localeCompare(b.doneOn));
  return measuredLimits(inOrder.map(checkFinding));
}

/** The newest measure of each range, from all visits: limits of the posture model. */
export const latestLimits = ({ checks }: ClientFile): LimitsDeg => limitsFrom(checks);

/** The newest measure of each range as it was at a look: before drills at a first one, after them at the second. */
export const lookLimits = ({ checks }: ClientFile, look: LookRecord): LimitsDeg =>
  limitsFrom(
    checks.filter(({ visitId, role, doneOn }) =>
      visitId === look.visitId
        ? look.role === 'again' || role === 'first'
        : doneOn < look.startedOn,
    ),
  );
