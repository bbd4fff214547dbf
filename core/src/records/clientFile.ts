import type { Versioned } from './versioned';
import type { ClientRecord } from './clients/clientRecord';
import type { VisitRecord } from './visits/visitRecord';
import type { LookRecord } from './looks/lookRecord';
import type { ProbeRecord } from './probes/probeRecord';
import type { CheckRecord } from './checks/checkRecord';
import type { DrillRecord } from './drills/drillRecord';
import type { PictureRecord } from './pictures/pictureRecord';
import type { HomePlanRecord } from './homePlans/homePlanRecord';
import type { MessageRecord } from './messages/messageRecord';
import type { HomeEntry } from './homeEntries/homeEntry';

/** Everything kept about one client. */
export interface ClientFile {
  client: Versioned<ClientRecord>;
  visits: Versioned<VisitRecord>[];
  looks: Versioned<LookRecord>[];
  probes: Versioned<ProbeRecord>[];
  checks: Versioned<CheckRecord>[];
  drills: Versioned<DrillRecord>[];
  pictures: Versioned<PictureRecord>[];
  homePlans: Versioned<HomePlanRecord>[];
  messages: Versioned<MessageRecord>[];
  /** What the client said from home, oldest first. Written by the client alone. */
  homeEntries: HomeEntry[];
}
