import { drillOf } from '../../records/drills/drillOf';
import type { ClientFile } from '../../records/clientFile';
import { dayOf } from './dayOf';

/** A session on the axis of a trend. */
export interface SessionMark {
  readonly on: string;
  readonly day: number;
  readonly visitId: string;
  /** Names of the drills that were done. */
  readonly drills: readonly string[];
}

/** What was done when: sessions in which at least one drill was done, oldest first. */
export const doneBetween = ({ visits, drills }: ClientFile): SessionMark[] =>
  visits
    .map(({ id, openedOn }) => ({
      on: openedOn,
      day: dayOf(openedOn),
      visitId: id,
      drills: drills
        .filter((one) => one.visitId === id && one.status === 'done' && !one.removed)
        .map((one) => (one.side ? `${drillOf(one).name}, ${one.side}` : drillOf(one).name)),
    }))
    .filter((one) => one.drills.length > 0)
    .sort((a, b) => a.day - b.day);
