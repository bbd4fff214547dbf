import type { CauseId } from './causes';
import type { DrillRow, Position } from './drillRow';
import { DRILLS } from './drills';
import type { Kit } from './kit';
import { doseMinutes } from './doseSeconds';

/** What a drill is looked for by; what is not said does not matter. */
export interface DrillQuery {
  readonly text?: string;
  readonly causes?: readonly CauseId[];
  readonly position?: Position;
  readonly kit?: readonly Kit[];
  /** On one side. */
  readonly minutes?: number;
}

const plain = (text: string): string =>
  text
    .normalize('NFD')
    .replace(/\p{Diacritic}/gu, '')
    .toLowerCase();

const wordsOf = ({ name, family, how, feel }: DrillRow): string =>
  plain([name, family, how, feel].join(' '));

/** Drills that fit all of a query, those with the words in their name first. */
export function searchDrills(
  { text = '', causes, position, kit, minutes }: DrillQuery,
  library: readonly DrillRow[] = DRILLS,
): DrillRow[] {
  const sought = plain(text).split(/\s+/).filter(Boolean);
  const fits = (drill: DrillRow): boolean =>
    sought.every((word) => wordsOf(drill).includes(word)) &&
    (!causes || drill.targets.some(({ cause }) => causes.includes(cause))) &&
    (!position || drill.position === position) &&
    (!kit || drill.kit.every((one) => kit.includes(one))) &&
    (minutes === undefined || doseMinutes(drill.dose) <= minutes);
  const named = ({ name }: DrillRow) => sought.every((word) => plain(name).includes(word));
  const found = library.filter(fits);
  return [...found.filter(named), ...found.filter((drill) => !named(drill))];
}
