import type { ReferId } from '../../knowledge/refer';
import type { Day, Instant } from '../../foundation/time/instant';
import type { ClockTime } from '../../foundation/time/clockTime';

/** Why a dose was not done, or not all of it. */
export const WHY_NOT = ['no-time', 'forgot', 'hurt', 'unwell', 'unclear', 'no-kit'] as const;
export type WhyNot = (typeof WHY_NOT)[number];

export const DOSE_DONE = ['done', 'partly', 'not'] as const;
export type DoseDone = (typeof DOSE_DONE)[number];

interface Said {
  id: string;
  planId: string;
  /** Version of the plan that the client was looking at. */
  planVersion: number;
  /** The day it is about, where the client is. */
  on: Day;
  /** When it was said. */
  said: Instant;
}

/** What became of one dose. */
export interface DoseEntry extends Said {
  kind: 'dose';
  key: string;
  at: ClockTime;
  /** As the client read it, so that it can be told when the plan has changed since. */
  name: string;
  done: DoseDone;
  why: WhyNot | null;
  /** The client's own word, 0 to 10; null when nobody asked. */
  pain: number | null;
  /** Sharp, locking, giving way or tingling: stops whatever the number. */
  sharp: boolean;
}

/** How it was the morning after. */
export interface MorningEntry extends Said {
  kind: 'morning';
  worse: boolean;
}

/** The stop-and-refer questions as the client answered them at home; empty when none was true. */
export interface SafetyEntry extends Said {
  kind: 'safety';
  positives: ReferId[];
}

/** What a client says from home. Entries are added, never changed: two devices cannot undo one another. */
export type HomeEntry = DoseEntry | MorningEntry | SafetyEntry;

export const isDose = (entry: HomeEntry): entry is DoseEntry => entry.kind === 'dose';

/** One dose as it stands when all that was said of it is taken together. */
export interface DoseLog {
  /** The last word. */
  readonly done: DoseDone;
  readonly why: WhyNot | null;
  /** The worst that was said. */
  readonly pain: number | null;
  readonly sharp: boolean;
  /** How often it was said: more than once where two devices did. */
  readonly times: number;
}

export interface DoseOnDay {
  readonly on: Day;
  readonly key: string;
  readonly at: ClockTime;
}

/** What was said of one dose; null when nothing was. */
export function maybeDoseLog(entries: readonly HomeEntry[], dose: DoseOnDay): DoseLog | null {
  const about = entries
    .filter(isDose)
    .filter((one) => one.on === dose.on && one.key === dose.key && one.at === dose.at)
    .sort((a, b) => a.said.localeCompare(b.said) || a.id.localeCompare(b.id));
  const last = about.at(-1);
  if (!last) return null;
  const pains = about.flatMap(({ pain }) => (pain === null ? [] : [pain]));
  return {
    done: last.done,
    why: last.why,
    pain: pains.length > 0 ? Math.max(...pains) : null,
    sharp: about.some(({ sharp }) => sharp),
    times: about.length,
  };
}
