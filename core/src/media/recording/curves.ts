import { type MeasureId, type MeasureUnit, unitOf } from '../../records/recordings/measures';
import type { MaybeSide } from '../../foundation/sides/side';
import type { Reading, Unread } from './readings';
import type { Repetition } from './repetitions';

/** A measure through every repetition, from standing (0) over the bottom (½) to standing (1). */
export interface Curve {
  readonly measure: MeasureId;
  readonly side: MaybeSide;
  readonly unit: MeasureUnit;
  /** For each repetition its values at even shares of the way. */
  readonly repetitions: readonly (readonly number[])[];
}

/** Values on each half of the way, and the bottom between them. */
const HALF = 20;

function through(series: (step: number) => number, { start, bottom, end }: Repetition): number[] {
  const at = (part: number) =>
    part <= 1 ? start + part * (bottom - start) : bottom + (part - 1) * (end - bottom);
  return Array.from({ length: 2 * HALF + 1 }, (_, k) => series(Math.round(at(k / HALF))));
}

/** Curves of all measures that have a value at every step; bottoms lie over each other. */
export const curvesOf = (
  readings: readonly (Reading | Unread)[],
  repetitions: readonly Repetition[],
): Curve[] =>
  repetitions.length === 0
    ? []
    : readings.flatMap((reading) => {
        if ('why' in reading || !reading.series) return [];
        const { series, measure, side } = reading;
        const all = repetitions.map((one) => through(series, one));
        return [{ measure, side, unit: unitOf(measure), repetitions: all }];
      });
