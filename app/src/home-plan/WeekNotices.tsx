import { oneCause } from '@taxikine/core/knowledge/causes';
import { drillOf } from '@taxikine/core/records/drills/drillOf';
import { causeOfKey, drillKey } from '@taxikine/core/knowledge/keys';
import type { HomePlan } from '@taxikine/core/records/homePlans/homePlan';
import { fillSide } from '@taxikine/core/foundation/words/fill';
import { View } from '@tamagui/core';
import { Words } from '../ui/text';
import { useText } from '../words/useText';
import { nameOf } from './nameOf';
import type { PlannedWeek } from './WeekBoard';

/** What a week does not keep, what did not fit, and what is missing: each with its reason. */
export function WeekNotices({ plan, week }: { plan: HomePlan; week: PlannedWeek }) {
  const t = useText();
  const named = (key: string) => {
    const one = plan.drills.find((drill) => drillKey(drill) === key)!;
    return nameOf({ row: drillOf(one), side: one.side }, t);
  };
  const most = week.full.reduce((a, b) => (b.asked > a ? b.asked : a), 0);
  const short = week.time.filter(({ enough }) => !enough);
  return (
    <View gap="$1" role="status" aria-label={t('week.said')}>
      {week.broken.map(({ rule, day, key, says }) => (
        <Words key={`${rule} ${day} ${key}`} accent bold>
          {t('week.broken', { day: t(`weekdaysLong.${day}`), says })}
        </Words>
      ))}
      {week.full.length > 0 ? (
        <Words bold>
          {t('week.full', { asked: Math.ceil(most), there: plan.minutes, count: week.full.length })}
        </Words>
      ) : null}
      {week.dropped.map(({ key, asked, placed, says }) => (
        <Words key={key} small>
          {t(placed === 0 ? 'week.left' : 'week.fewer', { drill: named(key), asked, placed, says })}
        </Words>
      ))}
      {week.missing.map((part) => (
        <Words key={part} bold>
          {t(`week.missing.${part}`)}
        </Words>
      ))}
      {short.map(({ target, minutes }) => {
        const { cause, side } = causeOfKey(target);
        return (
          <Words key={target} small soft>
            {t('week.inPosition', {
              cause: fillSide(oneCause(cause).sentence, side),
              minutes: minutes.toFixed(1),
            })}
          </Words>
        );
      })}
      {week.broken.length + week.full.length + week.dropped.length + week.missing.length === 0 ? (
        <Words soft>{t('week.allFits')}</Words>
      ) : null}
      {week.exact ? null : (
        <Words small soft>
          {t('week.crowded')}
        </Words>
      )}
    </View>
  );
}
