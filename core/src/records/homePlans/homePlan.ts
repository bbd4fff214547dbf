import type { ApproachId } from '../../knowledge/approaches';
import type { Dose } from '../../knowledge/drillRow';
import type { FlagId } from '../../knowledge/flags';
import type { Kit } from '../../knowledge/kit';
import type { OwnDrill } from '../../knowledge/ownDrill';
import type { Pattern } from '../../body/stance/patterns';
import type { Weekday } from '../../foundation/time/weekdays';
import type { RungTry } from '../drills/rungTry';
import type { MaybeSide } from '../../foundation/sides/side';
import type { ClockTime } from '../../foundation/time/clockTime';

/** A drill that goes home, as it was done in the session. */
export interface HomeDrill {
  drill: string;
  /** A coach's own drill as it was when it was taken home; null for one that ships. */
  own: OwnDrill | null;
  side: MaybeSide;
  /** Keys of the causes it is for (`ankle-joint:right`). */
  targets: string[];
  /** One sitting of it. */
  dose: Dose;
  rung: RungTry | null;
  /** Of what holds the pattern back, what it is expected to take away: 0 to 1. */
  worth: number;
  /** Already done at home before this plan: it needs no introducing. */
  known: boolean;
}

export interface Training {
  day: Weekday;
  at: ClockTime;
  minutes: number;
}

/** One dose in a week: what, on which day, at what time. */
export interface DoseAt {
  key: string;
  day: Weekday;
  at: ClockTime;
}

/** What the coach holds on to in a week; the rest is placed around it. */
export interface WeekWish {
  /** Doses put where they are by hand. */
  pinned: DoseAt[];
  /** Taken away from a day by hand. */
  off: { key: string; day: Weekday }[];
  /** Doses a week, where it is not what is usual for the kind of drill; 0 takes it out. */
  often: Record<string, number>;
}

export const NO_WEEK_WISH: WeekWish = { pinned: [], off: [], often: {} };

/** What a coach did about a report from home. */
export const ANSWERS = ['go-on', 'stay', 'take-out'] as const;
export interface HomeAnswer {
  /** Id of the entry that is answered. */
  entry: string;
  does: (typeof ANSWERS)[number];
  on: string;
}

/** What is done at home between one visit and the look after it. */
export interface HomePlan {
  pattern: Pattern;
  approach: ApproachId;
  /** First day, `yyyy-mm-dd`, where the client is. */
  startsOn: string;
  weeks: number;
  /** IANA name of where the client is (`Europe/Oslo`). */
  timeZone: string;
  /** Minutes a day that there are. */
  minutes: number;
  days: Weekday[];
  /** When in the day there is time, earliest first. */
  moments: ClockTime[];
  trainings: Training[];
  kit: Kit[];
  /** Of the client, when the plan was made. */
  flags: FlagId[];
  drills: HomeDrill[];
  wish: WeekWish;
  /** A word of the coach to the client. */
  note: string;
  answers: HomeAnswer[];
}

/** Shortest and longest course, in weeks. */
export const COURSE_WEEKS = { least: 4, most: 12 } as const;
/** Times in one day at which something is done. */
export const MOST_MOMENTS = 4;
export const USUAL_MOMENTS: readonly ClockTime[] = ['07:30', '20:00'];
