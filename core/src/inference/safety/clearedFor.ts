import { NOT_YET } from '../../knowledge/notYet';
import { placeWords } from '../../knowledge/regions';
import type { Clearance } from '../../records/clients/clientRecord';
import type { Day } from '../../foundation/time/instant';
import { newestWords } from './newestWords';

/** As long as an operation counts as recent; older words hold no longer than what they were about. */
const HOLDS_MS = 84 * 86_400_000;

/** What was left out of a clearance, to be read after it: " Not yet for the right knee: weights, kneeling."; nothing else. */
function leftOutWords({ without }: Clearance): string {
  if (!without) return '';
  const { not, region, side } = without;
  const names = NOT_YET.filter(({ id }) => not.includes(id)).map(({ name }) => name);
  const where = region ? ` for the ${placeWords(region, side)}` : '';
  return ` Not yet${where}: ${names.join(', ')}.`;
}

/**
 * What clinicians cleared, as of a day, and for what. A word that left something out is said until there is a newer
 * one, since it bars as long; any other for as long as an operation counts as recent.
 */
export function clearedFor(clearances: readonly Clearance[], onDay: Day): readonly string[] {
  const holds = ({ on, without }: Clearance) =>
    without !== undefined || Date.parse(onDay) - Date.parse(on) <= HOLDS_MS;
  return newestWords(clearances)
    .filter(holds)
    .map(
      (one) =>
        `Cleared by ${one.by} on ${one.on} for “${one.scope}”: keep to that.${leftOutWords(one)}`,
    );
}
