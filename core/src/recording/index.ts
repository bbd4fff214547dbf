/** Recordings: what a web worker loads to read and measure one. */
export { keptRecording } from './keptRecording';
export { analyse, type Analysed, type Analysis, type RepetitionTimes } from './analyse';
export { type Curve } from './curves';
export { COCO_JOINTS, FOOT_JOINTS, JOINTS, type Joint } from './joints';
export {
  MEASURES,
  measuredOf,
  type Measured,
  type MeasureRow,
  type MeasureId,
  type NotMeasured,
} from './measures';
export { measureLines, type MeasureLine } from './measuresTable';
export { type Proposal } from './proposals';
export { readKeypoints } from './readKeypoints';
export {
  knownColumns,
  POINT_COLUMNS,
  readTable,
  type ColumnMap,
  type PointColumn,
  type TableRow,
} from './readTable';
export {
  RECORDING_VIEWS,
  type Recording,
  type RecordingHead,
  type RecordingView,
} from './recording';
export { MOST_BYTES, tooLarge } from './recordingProblems';
export { middle } from './scene';
export { isSideView, type Upright } from './upright';
export { readRecording, type RecordingRead } from '../contract/readRecording';
export { record, type Recorded, type RecordedDocument } from '../recorder/record';
export { PLAYED_FAULTS, type PlayedFault, type RecorderInput } from '../recorder/recorderInput';
