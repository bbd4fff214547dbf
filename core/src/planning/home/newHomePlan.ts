import { WEEKDAYS } from '../../foundation/time/weekdays';
import type { ClientFile } from '../../records/clientFile';
import type { HomePlanRecord } from '../../records/homePlans/homePlanRecord';
import type { VisitPart } from '../../inference/visit/visitPart';
import { homeDrillsOf } from './homeDrills';
import { NO_WEEK_WISH, USUAL_MOMENTS } from '../../records/homePlans/homePlan';

/** What nobody has said of a client's day. */
const USUAL_MINUTES = 10;
const USUAL_WEEKS = 6;

/** Made now, here. */
export interface Here {
  readonly id: string;
  /** `yyyy-mm-dd` */
  readonly today: string;
  readonly now: string;
  readonly timeZone: string;
}

/** A plan for home from what a session kept, in the time and with the things there are at home. */
export function newHomePlan(
  file: ClientFile,
  part: VisitPart,
  { id, today, now, timeZone }: Here,
): HomePlanRecord {
  const { client, visit } = part;
  const { home } = client;
  return {
    id,
    clientId: client.id,
    visitId: visit.id,
    pattern: visit.pattern,
    approach: client.approach,
    startsOn: today,
    weeks: USUAL_WEEKS,
    timeZone,
    minutes: home.minutes ?? USUAL_MINUTES,
    days: home.days.length > 0 ? home.days : [...WEEKDAYS],
    moments: [...USUAL_MOMENTS],
    trainings: [],
    kit: home.kit.length > 0 ? home.kit : visit.kit,
    flags: client.flags,
    drills: homeDrillsOf(part, file),
    wish: NO_WEEK_WISH,
    note: '',
    answers: [],
    madeOn: now,
    endedOn: null,
  };
}
