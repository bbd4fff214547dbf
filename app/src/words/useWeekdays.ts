import type { Weekday } from '@taxikine/core/knowledge/weekdays';
import { weekFrom } from '@taxikine/core/week/calendarDay';
import { useMemo } from 'react';
import { useStore } from '../data/store';
import { ways } from './ways';

/** The days of the week as the practice counts them. */
export function useWeekdays(): readonly Weekday[] {
  const { weekStart } = useStore(ways);
  return useMemo(() => weekFrom(weekStart), [weekStart]);
}
