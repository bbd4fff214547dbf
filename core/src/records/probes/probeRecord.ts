import type { ProbeId, ProbeOutcome } from '../../knowledge/probes';
import type { Setup } from '../../body/stance/setup';
import type { FaultId } from '../../knowledge/faults';
import type { MaybeSide } from '../../foundation/sides/side';
import type { Instant } from '../../foundation/time/instant';

export interface ProbeRecord {
  id: string;
  clientId: string;
  visitId: string;
  probe: ProbeId;
  /** Set-up under which the pattern was looked at again. */
  setup: Setup;
  outcomes: { fault: FaultId; side: MaybeSide; outcome: ProbeOutcome }[];
  doneOn: Instant;
  removed: boolean;
}
