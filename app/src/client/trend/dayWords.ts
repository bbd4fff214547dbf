import { format } from 'date-fns/format';

const DAY_MS = 86_400_000;

/** A day since 1970 as "3 Nov". */
export const dayWords = (day: number): string => format(new Date(day * DAY_MS), 'd MMM');

/** An instant as "3 Nov". */
export const onWords = (instant: string): string => format(new Date(instant), 'd MMM');
