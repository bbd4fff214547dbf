import type { CheckSeries, SeriesOfSide } from '@taxikine/core/inference/trend/checkSeries';
import type { SideCourse } from '@taxikine/core/reading/trends/clientTrends';
import type { KeptBetween } from '@taxikine/core/inference/trend/keptBetween';
import type { Outlook } from '@taxikine/core/inference/trend/outlook';
import { capital } from '@taxikine/core/foundation/words/fill';
import { withUnit } from '@taxikine/core/foundation/words/units';
import type { TextOf } from '../../words/useText';
import { dayWords, onWords } from './dayWords';

const sideWords = (side: SeriesOfSide['side'], t: TextOf): string =>
  capital(side ? t(side) : t('trend.whole'));

function outlookWords(outlook: Outlook, target: string, t: TextOf): string {
  if (outlook.status === 'due')
    return outlook.to === null
      ? t('trend.outlook.dueOpen', { target, from: outlook.from })
      : t('trend.outlook.due', { target, from: outlook.from, to: outlook.to });
  if (outlook.status === 'not-moving')
    return t('trend.outlook.not-moving', { weeks: outlook.weeks });
  return t(`trend.outlook.${outlook.status}`, { target });
}

const percent = (share: number): number => Math.round(100 * share);

/** An interval wider than all of the gain tells nothing. */
const WIDEST = 1;

const isUnsure = ({ retention }: KeptBetween): boolean =>
  retention.status === 'kept' && retention.interval[1] - retention.interval[0] > WIDEST;

/** How much of each gain was kept; the days of which nothing can be said are told together. */
function keptWords(gains: readonly KeptBetween[], t: TextOf): string[] {
  const told = gains.flatMap((one) => {
    const { from, days, retention } = one;
    if (retention.status !== 'kept' || isUnsure(one)) return [];
    const [low, high] = retention.interval.map(percent);
    return [
      t('trend.kept', { from: onWords(from), share: percent(retention.share), days, low, high }),
    ];
  });
  const together = (key: string, some: readonly KeptBetween[]) =>
    some.length > 0 ? [t(key, { days: some.map(({ from }) => onWords(from)) })] : [];
  return [
    ...told,
    ...together('trend.keptUnsure', gains.filter(isUnsure)),
    ...together(
      'trend.keptNothing',
      gains.filter(({ retention }) => retention.status === 'no-gain'),
    ),
  ];
}

/** A side in sentences: from where to where, what comes, and how much of each gain was kept. */
export function sideSentences(
  series: CheckSeries,
  { side, trend, kept }: SideCourse,
  t: TextOf,
): string[] {
  const { unit } = series.norm;
  const told = (value: number) => withUnit(Math.round(value), unit).replace('-', '−');
  const name = sideWords(side.side, t);
  const cold = side.points.filter(({ when }) => when === 'first');
  if (!trend || cold.length < 2) {
    const [only] = cold.length > 0 ? cold : side.points;
    return [t('trend.one', { side: name, value: told(only.value), on: onWords(only.on) })];
  }
  const [first, last] = [cold[0], cold[cold.length - 1]];
  const end = trend.ahead[trend.ahead.length - 1];
  return [
    t('trend.line', {
      side: name,
      first: told(first.value),
      from: dayWords(first.day),
      last: told(last.value),
      to: dayWords(last.day),
      count: cold.length,
    }),
    outlookWords(trend.outlook, told(series.target), t),
    t('trend.ahead', { low: told(end.low), high: told(end.high) }),
    ...keptWords(kept, t),
  ];
}
