import { format } from 'date-fns/format';

/** "Mon 7 Dec", of a calendar day. */
export const dayWords = (day: string): string => format(new Date(`${day}T12:00:00`), 'EEE d MMM');
