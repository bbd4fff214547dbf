import type { ApproachId } from '../../knowledge/approaches';
import type { Pattern } from '../../body/stance/patterns';
import type { AgainstLimits } from './reasonAgainst';

/** What a session has to fit. */
export interface SessionLimits extends AgainstLimits {
  /** What was looked at: the session ends with it. */
  readonly pattern: Pattern;
  readonly minutes: number;
  readonly approach: ApproachId;
}
