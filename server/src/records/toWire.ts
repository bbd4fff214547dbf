import type { PracticeRow } from '../database/columns';

/** A row as the wire shows it: everything but the practice, which goes without saying. */
export function toWire<T>(row: PracticeRow): T & { version: number } {
  const { practiceId: _, ...rest } = row;
  return rest as unknown as T & { version: number };
}
