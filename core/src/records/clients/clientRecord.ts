import type { ReferId } from '../../knowledge/refer';
import type { Day } from '../../foundation/time/instant';
import type { NotYetId } from '../../knowledge/notYet';
import type { Region } from '../../knowledge/regions';
import type { MaybeSide } from '../../foundation/sides/side';
import type { Segments } from '../../body/segments/body';
import type { FlagId } from '../../knowledge/flags';
import type { HistoryItem, GivenCause } from '../case/caseFile';
import type { Pattern } from '../../body/stance/patterns';
import type { Setup, SHOES } from '../../body/stance/setup';
import type { ApproachId } from '../../knowledge/approaches';
import type { Norms } from '../../knowledge/norms';
import type { Kit } from '../../knowledge/kit';
import type { Weekday } from '../../foundation/time/weekdays';

/** A clinician's word about one positive answer, as the coach recorded it. */
export interface Clearance {
  question: ReferId;
  /** Visit in which the answer was positive. */
  reportedIn: string;
  /** Visit in which the coach recorded that it was cleared. */
  recordedIn: string;
  by: string;
  on: Day;
  scope: string;
  /** What was left out of it: for one place, or for the whole body. */
  without?: {
    not: NotYetId[];
    region?: Region;
    side?: MaybeSide;
  };
}

export interface Consent {
  on: Day;
  wording: string;
  /** Name of the guardian; needed when the client is under age. */
  guardian: string | null;
}

export interface ClientRecord {
  id: string;
  name: string;
  about: string;
  heightM: number;
  massKg: number;
  segments: Segments;
  flags: FlagId[];
  history: HistoryItem[];
  given: GivenCause[];
  consent: Consent | null;
  clearances: Clearance[];
  /** How looks and drills of this client are set up, for each pattern the coach has saved it for. */
  setups: Partial<Record<Pattern, Setup>>;
  goal: string;
  approach: ApproachId;
  /** What is mostly worn; null when nobody asked. */
  footwear: (typeof SHOES)[number] | null;
  home: HomePractice;
  /** Where letters go; null: this client is not written to. */
  contact: Contact | null;
  /** What this coach holds usual for this client, where it is not what the table of checks says. */
  norms: Norms;
}

/** How a client is written to; of somebody under age, how the guardian is. */
export interface Contact {
  email: string;
  /** A letter when a look is due, without the coach's asking. */
  reminders: boolean;
}

/** What a client has at home, and when; minutes are null when nobody asked. */
export interface HomePractice {
  kit: Kit[];
  minutes: number | null;
  days: Weekday[];
}

/** What an older record lacks. */
export const NO_HOME: HomePractice = { kit: [], minutes: null, days: [] };
