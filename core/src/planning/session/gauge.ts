import { Z_95 } from '../../foundation/numeric/normal';
import { oneCheck, type CheckId } from '../../knowledge/checks';
import type { Norms } from '../../knowledge/norms';
import { clamp } from '../../foundation/numeric/safety';
import type { Side } from '../../foundation/sides/side';
import type { CheckRecord } from '../../records/checks/checkRecord';
import type { ClientFile } from '../../records/clientFile';
import type { VisitRecord } from '../../records/visits/visitRecord';
import { ownNorm, repeatsIn } from '../../inference/visit/repeatsIn';
import { timesOf, valueOf } from '../../records/checks/plainReading';
import type { Dose } from '../../knowledge/drillRow';
import { doseDrill } from './wish';
import type { SessionWish } from '../../records/visits/sessionWish';

/** What is read before training: how far each knee goes in the floor sit before the pelvis turns. */
export const GAUGE_CHECK = 'floor-sit-turn' satisfies CheckId;

/** Readings before one can speak of a normal, and how many of the latest make it. */
const LEAST_READINGS = 3;
const MOST_READINGS = 8;
/** Older than this says nothing of now. */
const WEEKS = 10;
const WEEK_MS = 7 * 86_400_000;
/** How much a hip differs from one day to another in somebody who did nothing unusual, degrees. Ours. */
const DAY_TO_DAY_DEG = 2.5;

/** Minutes of warming up on any day, one more for so many degrees short, and never more than the last. */
const WARM_UP = { usual: 1, degPerMinute: 3, most: 4 } as const;

export type GaugeReading =
  /** Not read today. */
  | { readonly status: 'unread'; readonly earlier: number }
  /** Read too few times to know what is normal for this client. */
  | {
      readonly status: 'learning';
      readonly today: number;
      readonly earlier: number;
      readonly minutes: number;
    }
  | {
      readonly status: 'read';
      readonly today: number;
      readonly normal: number;
      /** Degrees below the normal that are no more than reading and ordinary days, at 95 %. */
      readonly ordinary: number;
      /** Readings the normal is made of. */
      readonly earlier: number;
      readonly minutes: number;
    };

const meanOf = (values: readonly number[]): number =>
  values.reduce((sum, one) => sum + one, 0) / values.length;

type GaugeFile = Pick<ClientFile, 'checks' | 'visits'> & {
  readonly client: { readonly norms: Norms };
};

/** First-look readings of one side, oldest first, with the day of their visit. */
function readingsOf({ checks, visits }: GaugeFile, side: Side) {
  const opened = new Map(visits.map(({ id, openedOn }) => [id, openedOn]));
  return checks
    .filter(
      (one) =>
        !one.removed && one.check === GAUGE_CHECK && one.side === side && one.role === 'first',
    )
    .flatMap((record: CheckRecord) => {
      const value = valueOf(record);
      const on = opened.get(record.visitId);
      return value === null || !on ? [] : [{ value, on, visitId: record.visitId, record }];
    })
    .sort((a, b) => a.on.localeCompare(b.on));
}

/**
 * One side of the gauge in a visit: today against this client's own rolling normal, and the minutes of
 * warming up that follow. Within reading error and ordinary days nothing is added; beyond, a minute for
 * every three degrees, up to four.
 */
export function gaugeOf(file: GaugeFile, visit: VisitRecord, side: Side): GaugeReading {
  const all = readingsOf(file, side);
  const now = all.find(({ visitId }) => visitId === visit.id);
  const since = new Date(Date.parse(visit.openedOn) - WEEKS * WEEK_MS).toISOString();
  const before = all
    .filter(({ visitId, on }) => visitId !== visit.id && on < visit.openedOn && on >= since)
    .slice(-MOST_READINGS);
  const earlier = before.length;
  if (!now) return { status: 'unread', earlier };
  const today = now.value;
  if (earlier < LEAST_READINGS)
    return { status: 'learning', today, earlier, minutes: WARM_UP.usual };
  const row = oneCheck(GAUGE_CHECK);
  if (row.type !== 'range') throw new RangeError(`${GAUGE_CHECK} is no range`);
  const normal = meanOf(before.map(({ value }) => value));
  const { sem } = ownNorm(row, file.client.norms, repeatsIn(file.checks), timesOf(now.record));
  const ordinary = Z_95 * Math.hypot(sem, DAY_TO_DAY_DEG) * Math.sqrt(1 + 1 / earlier);
  const short = normal - today;
  const extra = short > ordinary ? Math.ceil(short / WARM_UP.degPerMinute) : 0;
  return {
    status: 'read',
    today,
    normal,
    ordinary,
    earlier,
    minutes: clamp(WARM_UP.usual + extra, WARM_UP.usual, WARM_UP.most),
  };
}

/** The drill that warms a hip up, and what is done of it for so many minutes. */
const WARMS = 'seated-leg-turns';
const WARM_DOSES: Readonly<Record<number, Dose>> = {
  1: { by: 'reps', reps: 10, sets: 1, secondsEach: 6 },
  2: { by: 'reps', reps: 8, sets: 2, secondsEach: 6 },
  3: { by: 'reps', reps: 8, sets: 3, secondsEach: 6 },
  4: { by: 'reps', reps: 10, sets: 3, secondsEach: 6 },
};

/** The wish with the minutes of each side put in, instead of what a gauge put in before. */
export const withWarmUp = (
  wish: SessionWish,
  minutes: Readonly<Partial<Record<Side, number>>>,
): SessionWish =>
  (Object.entries(minutes) as [Side, number][]).reduce(
    (latest, [side, count]) =>
      doseDrill(latest, { drill: WARMS, side }, WARM_DOSES[count] ?? WARM_DOSES[WARM_UP.most]),
    wish,
  );
