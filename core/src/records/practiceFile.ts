import type { Versioned } from './versioned';
import type { OwnDrillRecord } from './ownDrills/ownDrillRecord';
import type { RoomRecord } from './rooms/roomRecord';

/** Everything kept of the practice itself. */
export interface PracticeFile {
  ownDrills: Versioned<OwnDrillRecord>[];
  rooms: Versioned<RoomRecord>[];
}
