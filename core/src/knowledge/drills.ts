import type { DrillRow } from './drillRow';
import { DRILLS_OF_CALM } from './drillsOfCalm';
import { DRILLS_OF_CARRYING } from './drillsOfCarrying';
import { DRILLS_OF_CONTROL } from './drillsOfControl';
import { DRILLS_OF_OWN_RANGE } from './drillsOfOwnRange';
import { DRILLS_OF_PATTERN } from './drillsOfPattern';
import { DRILLS_OF_RANGE } from './drillsOfRange';

/** The library that ships: every family, and at least one drill for every cause. */
export const DRILLS = [
  ...DRILLS_OF_RANGE,
  ...DRILLS_OF_CALM,
  ...DRILLS_OF_CONTROL,
  ...DRILLS_OF_OWN_RANGE,
  ...DRILLS_OF_CARRYING,
  ...DRILLS_OF_PATTERN,
] as const;

export type DrillId = (typeof DRILLS)[number]['id'];

const byId = new Map<string, DrillRow>(DRILLS.map((row) => [row.id, row]));

/** Whether a drill ships with the library; a coach's own does not. */
export const isShipped = (id: string): boolean => byId.has(id);

/** The row of a drill. Throws on an id that is not in the table. */
export function oneDrill(id: string): DrillRow {
  const row = byId.get(id);
  if (!row) throw new RangeError(`unknown drill ${id}`);
  return row;
}
