import { KIT } from '@taxikine/core/knowledge/kit';
import { SHOES } from '@taxikine/core/body/stance/setup';
import type { HomePractice } from '@taxikine/core/records/clients/clientRecord';
import { View } from '@tamagui/core';
import { Choice } from '../../ui/Choice';
import { Many, toggled } from '../../ui/Many';
import { Title } from '../../ui/text';
import { useText } from '../../words/useText';
import { useWeekdays } from '../../words/useWeekdays';
import type { ClientForm } from './clientForm';

/** Minutes a day that people say; anything else can be changed later. */
const MINUTES = [5, 8, 12, 15, 20, 30] as const;

export interface HomePartProps {
  readonly home: HomePractice;
  readonly footwear: ClientForm['footwear'];
  readonly onHome: (home: HomePractice) => void;
  readonly onFootwear: (footwear: ClientForm['footwear']) => void;
}

/** What is worn, what is at home, how long and when. */
export function HomePart({ home, footwear, onHome, onFootwear }: HomePartProps) {
  const t = useText();
  const weekdays = useWeekdays();
  const minutes = [...new Set([...MINUTES, ...(home.minutes ? [home.minutes] : [])])];
  return (
    <View gap="$3" role="group" aria-label={t('meet.home')}>
      <Title small aria-level={2}>
        {t('meet.home')}
      </Title>
      <Choice
        label={t('meet.footwear')}
        options={SHOES.map((value) => ({ value, label: t(`setup.shoesWords.${value}`) }))}
        value={footwear ?? undefined}
        onChange={(value) => onFootwear(value === footwear ? null : value)}
      />
      <Many
        label={t('meet.kit')}
        options={KIT.map(({ id, name }) => ({ value: id, label: name }))}
        values={home.kit}
        onToggle={(one) => onHome({ ...home, kit: toggled(home.kit, one) })}
      />
      <Choice
        label={t('meet.minutes')}
        options={minutes
          .sort((a, b) => a - b)
          .map((value) => ({ value: value as number, label: t('work.minutes', { count: value }) }))}
        value={home.minutes ?? undefined}
        onChange={(value) => onHome({ ...home, minutes: value === home.minutes ? null : value })}
      />
      <Many
        label={t('meet.days')}
        options={weekdays.map((value) => ({ value, label: t(`weekdays.${value}`) }))}
        values={home.days}
        onToggle={(one) => onHome({ ...home, days: toggled(home.days, one) })}
      />
    </View>
  );
}
