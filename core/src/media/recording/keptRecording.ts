import type { KeptRecording } from '../../records/looks/lookRecord';
import type { Analysis } from './analyse';

/** Six digits say more than any camera. */
const rounded = (value: number): number => Number(value.toPrecision(6));

/** What of an analysis is kept with its look. */
export const keptRecording = (
  { view, repetitions, measures }: Pick<Analysis, 'view' | 'repetitions' | 'measures'>,
  { id, on }: Pick<KeptRecording, 'id' | 'on'>,
): KeptRecording => ({
  id,
  on,
  view,
  repetitions: repetitions.length,
  measures: measures.map(({ measure, side, unit, mean, sd }) => ({
    measure,
    side,
    unit,
    mean: rounded(mean),
    sd: sd === null ? null : rounded(sd),
  })),
});
