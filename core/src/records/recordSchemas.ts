import type Joi from 'joi';
import type { RecordKind } from './recordKinds';
import type { RecordOfKind } from './recordOfKind';
import { checkSchema } from './checks/checkSchema';
import { clientSchema } from './clients/clientSchema';
import { homePlanSchema } from './homePlans/homePlanSchema';
import { lookSchema } from './looks/lookSchema';
import { probeSchema } from './probes/probeSchema';
import { messageSchema } from './messages/messageSchema';
import { imageSchema } from './images/imageSchema';
import { pictureSchema } from './pictures/pictureSchema';
import { ownDrillRecordSchema } from './ownDrills/ownDrillSchema';
import { roomSchema } from './rooms/roomSchema';
import { drillSchema } from './drills/drillSchema';
import { visitSchema } from './visits/visitSchema';

/** What the API takes for each kind of record. */
export const RECORD_SCHEMAS: {
  readonly [K in RecordKind]: Joi.ObjectSchema<RecordOfKind[K]>;
} = {
  clients: clientSchema,
  visits: visitSchema,
  looks: lookSchema,
  probes: probeSchema,
  checks: checkSchema,
  drills: drillSchema,
  pictures: pictureSchema,
  images: imageSchema,
  homePlans: homePlanSchema,
  messages: messageSchema,
  ownDrills: ownDrillRecordSchema,
  rooms: roomSchema,
};
