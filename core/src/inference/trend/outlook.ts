import { smallestRealChange } from '../change/smallestRealChange';
import type { CheckSeries, SeriesOfSide } from './checkSeries';
import { localTrend, type LocalTrend, type TrendLevel } from './localTrend';
import { mixtureCdf, mixtureQuantile, type Mixture } from './mixture';
import { normalCdf } from '../../foundation/numeric/normal';

/** Where a series is going. */
export type Outlook =
  /** Too few readings, or too close together, to speak of a way. */
  | { readonly status: 'early'; readonly readings: number }
  | { readonly status: 'there' }
  /** Nine in ten that it did not move to speak of; the trace is probably wrong. */
  | { readonly status: 'not-moving'; readonly weeks: number }
  /** The target lies in these weeks with a probability of 80 %; `to` null: it may take longer than is foretold. */
  | { readonly status: 'due'; readonly from: number; readonly to: number | null }
  /** It moves, but the target is not in sight. */
  | { readonly status: 'far' };

/** Plain data: it goes from a worker to the page. */
export interface SideTrend {
  readonly side: SeriesOfSide['side'];
  /** On each day of a cold reading, the oldest first. */
  readonly levels: readonly TrendLevel[];
  readonly outlook: Outlook;
  /** What is read in so many weeks, the middle and an 80 % interval. */
  readonly ahead: readonly {
    readonly weeks: number;
    readonly middle: number;
    readonly low: number;
    readonly high: number;
  }[];
}

const LEAST_READINGS = 3;
const LEAST_DAYS = 14;
const LONGEST_WEEKS = 26;
const SHOWN_WEEKS = [0, 1, 2, 3, 4, 5, 6] as const;
/** Less likely than this to have really changed: it does not move. */
const HARDLY = 0.1;
const [LOW, HIGH] = [0.1, 0.9];

type About = Pick<CheckSeries, 'better' | 'target' | 'norm'>;

/** How likely the level is where it should be. */
const reached = (level: Mixture, { better, target }: About): number =>
  better === 'more' ? 1 - mixtureCdf(level, target) : mixtureCdf(level, target);

/** How likely it is that the level moved the right way, by half of what would be a real change of one reading. */
function movedP({ levels }: LocalTrend, { better, norm }: About): number {
  const [first, last] = [levels[0], levels[levels.length - 1]];
  const gain = (last.level - first.level) * (better === 'more' ? 1 : -1);
  const spread = Math.hypot(first.sd, last.sd);
  return normalCdf((gain - smallestRealChange(norm.sem) / 2) / Math.max(spread, 1e-9));
}

/** The first week in which it is as likely as this; null within what is foretold. */
function weekOf(trend: LocalTrend, about: About, likely: number): number | null {
  for (let week = 1; week <= LONGEST_WEEKS; week++)
    if (reached(trend.levelAhead(7 * week), about) >= likely) return week;
  return null;
}

function outlookOf(trend: LocalTrend, about: About): Outlook {
  const { levels } = trend;
  const days = levels[levels.length - 1].day - levels[0].day;
  if (reached(trend.levelAhead(0), about) >= 0.5) return { status: 'there' };
  if (levels.length < LEAST_READINGS || days < LEAST_DAYS)
    return { status: 'early', readings: levels.length };
  if (movedP(trend, about) < HARDLY) return { status: 'not-moving', weeks: Math.round(days / 7) };
  const from = weekOf(trend, about, LOW);
  return from === null
    ? { status: 'far' }
    : { status: 'due', from, to: weekOf(trend, about, HIGH) };
}

/**
 * The way of one side: its level by all cold readings (what is read right after the work is no level), where
 * that goes in six weeks, and when it is where the usual begins. Null before the first reading.
 */
export function maybeSideTrend({ side, points }: SeriesOfSide, about: About): SideTrend | null {
  const cold = points.filter(({ when }) => when === 'first');
  if (cold.length === 0) return null;
  const trend = localTrend(cold, about.norm.usual[1]);
  const ahead = SHOWN_WEEKS.map((weeks) => {
    const seen = trend.readingAhead(7 * weeks, about.norm.sem);
    return {
      weeks,
      middle: mixtureQuantile(seen, 0.5),
      low: mixtureQuantile(seen, LOW),
      high: mixtureQuantile(seen, HIGH),
    };
  });
  return { side, levels: trend.levels, outlook: outlookOf(trend, about), ahead };
}
