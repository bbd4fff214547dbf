import type { DrillRow } from '../../knowledge/drillRow';
import { loadOf } from '../../knowledge/loadOf';

/** Whether a drill is the pattern itself, or a part of it that goes as deep. */
export const goesDeep = (drill: DrillRow): boolean =>
  ['pattern', 'fit', 'ladder'].includes(drill.family) && loadOf(drill).on === 'feet';
