import { courseWeeks, reviewDays } from '@taxikine/core/planning/home/course';
import type { HomePlan } from '@taxikine/core/records/homePlans/homePlan';
import { View } from '@tamagui/core';
import { Title, Words } from '../ui/text';
import { useText } from '../words/useText';
import { dayWords } from './dayWords';

/** The course, a stroke a week: lighter ones low, and where the pattern is looked at again. */
export function CourseStrip({ plan, today }: { plan: HomePlan; today: string }) {
  const t = useText();
  const days = reviewDays(plan);
  return (
    <View gap="$2">
      <Title small aria-level={2}>
        {t('week.course', { count: plan.weeks })}
      </Title>
      <View flexDirection="row" gap="$1" alignItems="flex-end" aria-hidden>
        {courseWeeks(plan).map(({ week, from, deload, review }) => (
          <View key={week} flex={1} gap="$1" alignItems="center">
            <View
              width="100%"
              height={deload ? 14 : 28}
              backgroundColor={from <= today ? '$ink' : '$rule'}
            />
            <Words tiny soft>
              {week + 1}
              {review ? ' ◦' : ''}
            </Words>
          </View>
        ))}
      </View>
      <Words small>
        {t('week.reviews', { days: days.map((day) => dayWords(day)).join(', ') })}
      </Words>
      <Words small soft>
        {t('week.deload')}
      </Words>
    </View>
  );
}
