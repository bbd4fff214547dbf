import type { ClientRecord } from './clients/clientRecord';
import type { VisitRecord } from './visits/visitRecord';
import type { LookRecord } from './looks/lookRecord';
import type { ProbeRecord } from './probes/probeRecord';
import type { CheckRecord } from './checks/checkRecord';
import type { DrillRecord } from './drills/drillRecord';
import type { PictureRecord } from './pictures/pictureRecord';
import type { ImageRecord } from './images/imageRecord';
import type { HomePlanRecord } from './homePlans/homePlanRecord';
import type { MessageRecord } from './messages/messageRecord';
import type { OwnDrillRecord } from './ownDrills/ownDrillRecord';
import type { RoomRecord } from './rooms/roomRecord';

/** Records by kind, as they are named in the API. */
export interface RecordOfKind {
  clients: ClientRecord;
  visits: VisitRecord;
  looks: LookRecord;
  probes: ProbeRecord;
  checks: CheckRecord;
  drills: DrillRecord;
  pictures: PictureRecord;
  images: ImageRecord;
  homePlans: HomePlanRecord;
  messages: MessageRecord;
  ownDrills: OwnDrillRecord;
  rooms: RoomRecord;
}
