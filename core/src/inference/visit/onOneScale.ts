import type { RangeCheck } from '../../knowledge/checks';
import { rollOf } from '../../knowledge/roll';
import type { Norms } from '../../knowledge/norms';
import type { CheckRecord } from '../../records/checks/checkRecord';
import { ownNorm, type CheckRepeats } from './repeatsIn';
import { maybeScaled, timesOf } from '../../records/checks/plainReading';

/** A reading as norms and other readings have it, with its standard error, both in the unit of its check. */
export interface Scaled {
  readonly record: CheckRecord;
  readonly value: number;
  readonly sem: number;
}

interface Of {
  readonly client: { readonly norms: Norms };
  readonly repeats: readonly CheckRepeats[];
}

/**
 * Readings of one check on one side that can be compared, those without a number left out. With the pelvis held
 * in some and not in others, the usual roll is added where it was held, and how much people differ in it counts
 * as error there. Held in all or in none, they differ by nothing but themselves.
 */
export function onOneScale(
  records: readonly CheckRecord[],
  row: RangeCheck,
  { client, repeats }: Of,
): Scaled[] {
  const isMixed = new Set(records.map(({ held }) => held)).size > 1;
  const [, rollSd] = rollOf(row.id) ?? [0, 0];
  return records.flatMap((record) => {
    const value = maybeScaled(record);
    if (value === null) return [];
    const { sem } = ownNorm(row, client.norms, repeats, timesOf(record));
    const unsure = isMixed && record.held ? rollSd : 0;
    return [{ record, value, sem: Math.hypot(sem, unsure) }];
  });
}
