import type { Device } from '@taxikine/core/knowledge/checkGuides';
import type { CheckMode } from '@taxikine/core/knowledge/checks';
import type { CheckRecord } from '@taxikine/core/records/checks/checkRecord';

const meanOf = (values: readonly number[]): number =>
  Math.round((values.reduce((sum, one) => sum + one, 0) / values.length) * 10) / 10;

/** Every reading of a mode there is: the one number, where it was taken once. */
export function readingsOf({ repeats, ...record }: CheckRecord, mode: CheckMode): number[] {
  const value = record[mode];
  return repeats[mode] ?? (typeof value === 'number' ? [value] : []);
}

function withReadings(record: CheckRecord, mode: CheckMode, readings: number[]): CheckRecord {
  const { [mode]: _, ...others } = record.repeats;
  return {
    ...record,
    [mode]: readings.length > 0 ? meanOf(readings) : null,
    repeats: readings.length > 1 ? { ...others, [mode]: readings } : others,
  };
}

/** Once more: the mean stands for all of them, and its error shrinks. */
export const addReading = (
  record: CheckRecord,
  mode: CheckMode,
  value: number,
  device: Device,
): CheckRecord => ({
  ...withReadings(record, mode, [...readingsOf(record, mode), value]),
  device,
});

export const takeReadingBack = (record: CheckRecord, mode: CheckMode): CheckRecord =>
  withReadings(record, mode, readingsOf(record, mode).slice(0, -1));

/** A number set by hand stands alone, whatever was read before. */
export const setReading = (record: CheckRecord, mode: CheckMode, value: number): CheckRecord => ({
  ...withReadings(record, mode, [value]),
  device: 'eye',
});
