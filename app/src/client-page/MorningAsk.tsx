import { addDays } from '@taxikine/core/foundation/time/calendarDay';
import type { PagePlan } from '@taxikine/core/planning/home/homePage';
import type { HomeEntry } from '@taxikine/core/records/homeEntries/homeEntry';
import { View } from '@tamagui/core';
import { Button } from '../ui/Button';
import { Words } from '../ui/text';
import { useText } from '../words/useText';
import { entryAbout } from './entryAbout';
import type { PageState } from './usePage';

type Open = Extract<PageState, { status: 'open' }>;

/** The question of the morning after; asked once, and only when something was done the day before. */
export function MorningAsk({
  plan,
  entries,
  now,
  say,
}: {
  plan: PagePlan;
  entries: readonly HomeEntry[];
  now: string;
  say: Open['say'];
}) {
  const t = useText();
  const yesterday = addDays(now, -1);
  const done = entries.some(
    (one) => one.kind === 'dose' && one.on === yesterday && one.done !== 'not',
  );
  const asked = entries.some((one) => one.kind === 'morning' && one.on === now);
  if (!done || asked) return null;
  const answer = (worse: boolean) => say({ ...entryAbout(plan, now), kind: 'morning', worse });
  return (
    <View
      gap="$2"
      borderLeftWidth={6}
      borderColor="$sea"
      paddingLeft="$3"
      role="group"
      aria-label={t('page.morning')}
    >
      <Words bold>{t('page.morning')}</Words>
      <View flexDirection="row" gap="$2" flexWrap="wrap">
        <Button tight label={t('page.morningNo')} onPress={() => answer(false)} />
        <Button tight label={t('page.morningYes')} onPress={() => answer(true)} />
      </View>
    </View>
  );
}
