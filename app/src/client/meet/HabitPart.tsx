import { HABITS } from '@taxikine/core/knowledge/habits';
import { SIDES } from '@taxikine/core/foundation/sides/side';
import type { HistoryItem } from '@taxikine/core/records/case/caseFile';
import { View } from '@tamagui/core';
import { Button } from '../../ui/Button';
import { Title, Words } from '../../ui/text';
import { useText } from '../../words/useText';

export interface HabitPartProps {
  readonly history: HistoryItem[];
  readonly onHistory: (items: HistoryItem[]) => void;
}

/** What loads one side every day, and whether the day is spent sitting. */
export function HabitPart({ history, onHistory }: HabitPartProps) {
  const t = useText();
  const toggle = (item: HistoryItem, isIt: (one: HistoryItem) => boolean) =>
    onHistory(history.some(isIt) ? history.filter((one) => !isIt(one)) : [...history, item]);
  const sits = (one: HistoryItem) => one.what === 'sitting';
  return (
    <View gap="$2" role="group" aria-label={t('meet.habits')}>
      <Title small aria-level={2}>
        {t('meet.habits')}
      </Title>
      {HABITS.map(({ id, words }) => (
        <View key={id} flexDirection="row" alignItems="center" gap="$2">
          <Words flex={1}>{words}</Words>
          {SIDES.map((side) => {
            const isIt = (one: HistoryItem) => one.note === words && one.side === side;
            return (
              <Button
                key={side}
                tight
                small
                label={t(side)}
                says={`${words}, ${t(side)}`}
                chosen={history.some(isIt)}
                onPress={() => toggle({ what: 'one-sided-habit', side, note: words }, isIt)}
              />
            );
          })}
        </View>
      ))}
      <View flexDirection="row">
        <Button
          tight
          small
          label={t('meet.sits')}
          chosen={history.some(sits)}
          onPress={() => toggle({ what: 'sitting' }, sits)}
        />
      </View>
    </View>
  );
}
