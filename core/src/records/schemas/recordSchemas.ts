import type Joi from 'joi';
import type { RecordKind } from '../records';
import { checkSchema } from './checkSchema';
import { clientSchema } from './clientSchema';
import { homePlanSchema } from './homePlanSchema';
import { lookSchema, probeSchema } from './lookSchemas';
import { messageSchema } from './messageSchema';
import { imageSchema, pictureSchema } from './pictureSchemas';
import { ownDrillRecordSchema } from './ownDrillSchema';
import { roomSchema } from './roomSchema';
import { drillSchema, visitSchema } from './visitSchemas';

/** What the API takes for each kind of record. */
export const RECORD_SCHEMAS: Readonly<Record<RecordKind, Joi.ObjectSchema>> = {
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
