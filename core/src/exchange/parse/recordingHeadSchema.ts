import { PATTERNS } from '../../body/stance/patterns';
import { ARMS, HANDS, LOAD_PLACES } from '../../body/stance/setup';
import { RECORDING_VIEWS, type RecordingHead } from '../../records/recordings/recording';
import { J, oneOf, side } from '../../records/schemas/joi';
import { both, segmentsSchema } from './postureInput';
import { parse, type Problem } from '../../records/schemas/problems';

const between = (least: number, most: number) => J.number().min(least).max(most);

/** A set-up of which a file may say any part. */
const partOfSetup = J.object({
  stanceCm: between(0, 200),
  toeOutDeg: both(between(-20, 60)),
  heelLiftMm: between(0, 120),
  frontFootLiftMm: between(0, 500),
  front: side(),
  stepCm: between(1, 200),
  oneLeg: side(),
  oneHeelUp: side(),
  arms: oneOf(ARMS),
  hands: oneOf(HANDS),
  load: J.object({ at: oneOf(LOAD_PLACES).required(), kg: between(0, 400).required() }),
  depthAimDeg: between(-60, 90),
}).unknown(true);

/** What a recording may say of itself. */
const headSchema = J.object({
  pattern: oneOf(PATTERNS),
  view: oneOf(RECORDING_VIEWS),
  heightM: between(0.9, 2.4),
  massKg: between(20, 350),
  segments: segmentsSchema,
  setup: partOfSetup,
  pixelsPerMetre: J.number().greater(0).max(100_000),
  cameraRollDeg: between(-90, 90),
});

/** What is wrong with what a recording says of itself; empty when nothing is. */
export function headProblems(head: RecordingHead): readonly Problem[] {
  const read = parse(headSchema, head);
  return read.status === 'bad' ? read.problems : [];
}
