import { MEASURES, type Measured } from '../../records/recordings/measures';

/** One line of a table of measures: a repetition of one measure. */
export interface MeasureLine {
  readonly measure: string;
  readonly side: string;
  readonly unit: string;
  readonly repetition: number;
  readonly value: number;
}

/** All measures as lines for a table: one for each repetition, rounded to what it means. */
export const measureLines = (measures: readonly Measured[]): MeasureLine[] =>
  measures.flatMap(({ measure, side, unit, perRepetition }) => {
    const { decimals } = MEASURES.find(({ id }) => id === measure)!;
    return perRepetition.map((value, i) => ({
      measure,
      side: side ?? '',
      unit,
      repetition: i + 1,
      value: Number(value.toFixed(decimals + 1)),
    }));
  });
