import type { RecordKind } from '@taxikine/core';
import type { EntityTarget } from 'typeorm';
import type { PracticeRow } from '../database/columns';
import { CheckResult } from '../database/entities/CheckResult';
import { Client } from '../database/entities/Client';
import { DrillLog } from '../database/entities/DrillLog';
import { HomePlanRow } from '../database/entities/HomePlanRow';
import { Image } from '../database/entities/Image';
import { Look } from '../database/entities/Look';
import { Message } from '../database/entities/Message';
import { OwnDrillRow } from '../database/entities/OwnDrillRow';
import { Picture } from '../database/entities/Picture';
import { Probe } from '../database/entities/Probe';
import { Room } from '../database/entities/Room';
import { Visit } from '../database/entities/Visit';

export interface Resource {
  readonly entity: EntityTarget<PracticeRow>;
  /** What the coach calls one of them. */
  readonly word: string;
}

/** Every kind of record that the API reads and writes. A new kind is one line here. */
export const RESOURCES: Readonly<Record<RecordKind, Resource>> = {
  clients: { entity: Client, word: 'client' },
  visits: { entity: Visit, word: 'visit' },
  looks: { entity: Look, word: 'look' },
  probes: { entity: Probe, word: 'probe' },
  checks: { entity: CheckResult, word: 'check' },
  drills: { entity: DrillLog, word: 'drill' },
  pictures: { entity: Picture, word: 'picture' },
  images: { entity: Image, word: 'image' },
  homePlans: { entity: HomePlanRow, word: 'home plan' },
  messages: { entity: Message, word: 'letter' },
  ownDrills: { entity: OwnDrillRow, word: 'own drill' },
  rooms: { entity: Room, word: 'room' },
};
