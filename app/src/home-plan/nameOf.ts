import type { WeekDrill } from '@taxikine/core/planning/home/weekInput';
import type { TextOf } from '../words/useText';

/** "Point and pull, right" */
export const nameOf = ({ row, side }: Pick<WeekDrill, 'row' | 'side'>, t: TextOf): string =>
  side ? `${row.name}, ${t(side)}` : row.name;
