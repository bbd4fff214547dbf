import { bodyOf } from '@taxikine/core/body/segments/body';
import type { Pattern } from '@taxikine/core/body/stance/patterns';
import { lookLimits } from '@taxikine/core/inference/case/latestLimits';
import type { ClientFile } from '@taxikine/core/records/clientFile';
import type { LookRecord } from '@taxikine/core/records/looks/lookRecord';
import type { RecorderInput } from '@taxikine/core/media/recorder/recorderInput';
import type { RecordingView } from '@taxikine/core/records/recordings/recording';
import type { Plays } from './plays';

/** How deep each pattern is asked to go: thigh angle, in a hinge the trunk's lean. */
const DEPTH: Readonly<Record<Pattern, number>> = { squat: 0, hinge: 60, lunge: 8, split: 4 };

/** Nobody holds a camera quite level. */
const HELD = { rollDeg: 3, pitchDeg: 2, pixelsPerMetre: 380 } as const;

/**
 * What the stand-in camera films: this client's body in the look's set-up with the ranges that it had
 * then, and what else is to be played.
 */
export function playedBody(
  file: ClientFile,
  look: LookRecord,
  pattern: Pattern,
  view: RecordingView,
  { fault, cause, escape }: Plays,
  seed: number,
): RecorderInput {
  const { heightM, massKg, segments } = file.client;
  return {
    pattern,
    body: bodyOf(heightM, massKg, segments),
    setup: look.setup,
    limits: lookLimits(file, look),
    strength: {},
    causes: cause ? [causeOf(cause)] : [],
    escape,
    faults: fault ? [{ fault, ...sideOf(fault, look) }] : [],
    depthDeg: DEPTH[pattern],
    repetitions: 5,
    secondsDown: 1.8,
    secondsUp: 1.4,
    camera: { view, ...HELD },
    framesPerSecond: 30,
    noise: 0.008,
    dropped: 0.03,
    feet: true,
    seed,
  };
}

/** On the side on which the look saw it, if it did. */
function sideOf(fault: NonNullable<Plays['fault']>, { faults }: LookRecord) {
  const side = faults.find((one) => one.fault === fault)?.side;
  return side ? { side } : {};
}

const causeOf = ({ cause, side }: NonNullable<Plays['cause']>) => ({
  cause,
  ...(side ? { side } : {}),
});
