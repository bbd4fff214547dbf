import { measuredLimits } from '../trace/measuredLimits';
import type { LimitsDeg } from '../../body/solver/limits';
import { checkFinding } from './caseFileOf';
import type { ClientFile } from '../../records/clientFile';

/** The newest measure of each range, from all visits: limits of the posture model. */
export function latestLimits({ checks }: ClientFile): LimitsDeg {
  const kept = checks.filter((one) => !one.removed);
  const inOrder = [...kept].sort((a, b) => a.doneOn.localeCompare(b.doneOn));
  return measuredLimits(inOrder.map(checkFinding));
}
