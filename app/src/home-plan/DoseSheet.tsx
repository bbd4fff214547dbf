import type { DoseAt, HomePlan } from '@taxikine/core/records/homePlans/homePlan';
import type { WeekDrill } from '@taxikine/core/planning/home/weekInput';
import { View } from '@tamagui/core';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { Sheet } from '../ui/Sheet';
import { Words } from '../ui/text';
import { useText } from '../words/useText';
import { useWeekdays } from '../words/useWeekdays';
import { nameOf } from './nameOf';

export interface DoseSheetProps {
  readonly dose: DoseAt;
  readonly drill: WeekDrill;
  readonly plan: HomePlan;
  readonly onMove: (to: Omit<DoseAt, 'key'>) => void;
  readonly onTakeAway: () => void;
  readonly onClose: () => void;
}

/** One dose: another day, another time, or away. The same as dragging, for a thumb. */
export function DoseSheet({ dose, drill, plan, onMove, onTakeAway, onClose }: DoseSheetProps) {
  const t = useText();
  const weekdays = useWeekdays();
  const { day, at } = dose;
  return (
    <Sheet title={nameOf(drill, t)} open onClose={onClose}>
      <Words soft>{drill.row.how}</Words>
      <Choice
        label={t('week.day')}
        options={weekdays.map((value) => ({ value, label: t(`weekdays.${value}`) }))}
        value={day}
        onChange={(to) => onMove({ day: to, at })}
      />
      {plan.moments.length > 1 ? (
        <Choice
          label={t('week.time')}
          options={plan.moments.map((value) => ({ value, label: value }))}
          value={at}
          onChange={(to) => onMove({ day, at: to })}
        />
      ) : null}
      <View flexDirection="row">
        <Button kind="quiet" tight label={t('week.takeAway')} onPress={onTakeAway} />
      </View>
    </Sheet>
  );
}
