import type { dehydrate } from '@tanstack/react-query';
import { SHAPES } from '@taxikine/core/records/shapes';

const WEEK_MS = 7 * 86_400_000;

/** Changes with the shape of what is kept, and with how it is laid down. */
export const SHAPE = ['parts', ...Object.values(SHAPES)].join(' ');

/** One answer of the server, by itself: a tap writes the file it changed and not everything there is. */
export interface Kept {
  readonly shape: string;
  readonly savedAt: number;
  readonly query: ReturnType<typeof dehydrate>['queries'][number];
}

/** Whether this app can still read it; what an older one kept is asked for anew, and so is what is a week old. */
export const isReadable = ({ shape, savedAt }: Omit<Kept, 'query'>, now: number): boolean =>
  shape === SHAPE && now - savedAt < WEEK_MS;
