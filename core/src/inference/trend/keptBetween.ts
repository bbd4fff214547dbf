import { retention, type Retention } from '../change/retention';
import type { SeriesOfSide, SeriesPoint } from './checkSeries';

/** How much of one session's gain was there at the next. */
export interface KeptBetween {
  readonly from: string;
  readonly to: string;
  readonly days: number;
  readonly retention: Retention;
}

const measured = ({ value, sem }: SeriesPoint) => ({ value, sem });

/** Visits in which a side was read before and after the work, each with the next cold reading there is. */
export function keptBetween({ points }: SeriesOfSide): KeptBetween[] {
  return points
    .filter(({ when }) => when === 'again')
    .flatMap((after): KeptBetween[] => {
      const before = points.find((one) => one.visitId === after.visitId && one.when === 'first');
      const later = points.find(({ when, day }) => when === 'first' && day > after.day);
      if (!before || !later) return [];
      const [a, b, c] = [before, after, later].map(measured);
      return [
        {
          from: after.on,
          to: later.on,
          days: Math.round(later.day - after.day),
          retention: retention(a, b, c),
        },
      ];
    });
}
