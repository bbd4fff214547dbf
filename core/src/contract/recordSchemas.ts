import type Joi from 'joi';
import type { RecordKind } from '../visit/records';
import { checkSchema } from './checkSchema';
import { clientSchema } from './clientSchema';
import { lookSchema, probeSchema } from './lookSchemas';
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
  ownDrills: ownDrillRecordSchema,
  rooms: roomSchema,
};
