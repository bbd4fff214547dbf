import type { Active, Announcements, Over } from '@dnd-kit/core';
import type { DoseAt } from '@taxikine/core/records/homePlans/homePlan';
import { useText } from '../words/useText';
import { placeOfCell } from './cells';
import { nameOf } from './nameOf';
import type { PlannedWeek } from './WeekBoard';

/** What a screen reader hears while a dose is moved about the week. */
export function useDragWords({ drills }: PlannedWeek): {
  announcements: Announcements;
  screenReaderInstructions: { draggable: string };
} {
  const t = useText();
  const drillOf = ({ data }: Active): string => {
    const drill = drills.find(({ key }) => key === (data.current as DoseAt | undefined)?.key);
    return drill ? nameOf(drill, t) : '';
  };
  const placeOf = ({ id }: Over): string => {
    const { day, at } = placeOfCell(String(id));
    return `${t(`weekdaysLong.${day}`)} ${at}`;
  };
  return {
    screenReaderInstructions: { draggable: t('week.drag.how') },
    announcements: {
      onDragStart: ({ active }) => t('week.drag.held', { drill: drillOf(active) }),
      onDragOver: ({ active, over }) =>
        over ? t('week.drag.over', { drill: drillOf(active), place: placeOf(over) }) : undefined,
      onDragEnd: ({ active, over }) =>
        over
          ? t('week.drag.down', { drill: drillOf(active), place: placeOf(over) })
          : t('week.drag.back', { drill: drillOf(active) }),
      onDragCancel: ({ active }) => t('week.drag.back', { drill: drillOf(active) }),
    },
  };
}
