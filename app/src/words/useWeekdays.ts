import type { Weekday } from '@taxikine/core/foundation/time/weekdays';
import { weekFrom } from '@taxikine/core/foundation/time/calendarDay';
import { useMemo } from 'react';
import { useStore } from '../device/store';
import { ways } from './ways';

/** The days of the week as the practice counts them. */
export function useWeekdays(): readonly Weekday[] {
  const { weekStart } = useStore(ways);
  return useMemo(() => weekFrom(weekStart), [weekStart]);
}
