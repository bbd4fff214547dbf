import { seeded } from '../../foundation/numeric/random';
import { COCO_JOINTS, JOINTS, type Joint } from '../../records/recordings/joints';
import type { Skeleton } from '../../body/skeleton/skeleton';
import { skeletonOf } from '../../body/skeleton/skeletonOf';
import { embody, type Person, type PresentCause } from '../../inference/person/embody';
import { asItLikes } from '../../inference/depth/usualRanges';
import { capacitiesOf } from '../../body/solver/capacities';
import { limitsOf } from '../../body/solver/limits';
import { problemOf, type PostureProblem } from '../../body/solver/problem';
import { stanceOf } from '../../body/solver/stance';
import { withKnees } from '../../body/solver/start';
import { stateOf } from '../../body/solver/state';
import { X, Y, type Row } from '../../body/solver/variables';
import { bodyPoints } from './bodyPoints';
import type { Escape } from './escape';
import { filmed, sureness } from './film';
import { momentAt, playedRepetitions, playedSeconds, type Played } from './motion';
import { playOnSkeleton, playOnVariables } from './playedFaults';
import { posturePath, type PosturePath } from './posturePath';
import { PLAYED_FAULTS, type InjectedFault, type RecorderInput } from './recorderInput';
import { truthOf } from './truth';

/** A simulated recording as a document: our keypoint JSON, with its truth kept. */
export interface RecordedDocument {
  readonly format: 'taxikine-recording';
  readonly version: 1;
  readonly pattern: RecorderInput['pattern'];
  readonly view: RecorderInput['camera']['view'];
  readonly heightM: number;
  readonly massKg: number;
  readonly setup: RecorderInput['setup'];
  readonly pixelsPerMetre: number;
  readonly joints: readonly Joint[];
  readonly frames: readonly { readonly t: number; readonly keypoints: readonly number[] }[];
  readonly truth: ReturnType<typeof truthOf> & {
    readonly faults: readonly (InjectedFault & { readonly amount: number })[];
    readonly causes: readonly PresentCause[];
    readonly escape: Escape;
    /** How deep this body went: the asked depth, or where its limits stopped it. */
    readonly depthDeg: number;
    readonly camera: RecorderInput['camera'];
    readonly seed: number;
  };
}

export type Recorded =
  | { readonly status: 'recorded'; readonly document: RecordedDocument }
  | { readonly status: 'impossible'; readonly why: string };

function problemIn(input: RecorderInput, { body, limits, strength }: Person): PostureProblem {
  const { pattern, setup } = input;
  const stance = stanceOf(pattern, setup, body.heightM);
  return problemOf(
    body,
    stance,
    limitsOf(asItLikes(limits, pattern)),
    capacitiesOf(body.massKg, strength),
  );
}

/** A squat that is asked to stop short goes no deeper than that. */
function askedDepth({ pattern, depthDeg, faults }: RecorderInput, { shyDeg }: Person): number {
  const short = faults.find(({ fault }) => fault === 'depth-short');
  if (short) return short.amount ?? PLAYED_FAULTS['depth-short'];
  return pattern === 'hinge' ? depthDeg - shyDeg : depthDeg + shyDeg;
}

/** Hips that are slid leave the knees where they were, as far as the legs let them. */
function kneesKept(problem: PostureProblem, before: Readonly<Row>, after: Row): Row {
  if (after[X] === before[X] && after[Y] === before[Y]) return after;
  const { legs } = stateOf(problem, before);
  return withKnees(problem, after, (side) => legs[side].knee);
}

function skeletonAt(
  path: PosturePath,
  played: readonly Played[],
  { faults }: RecorderInput,
): (time: number) => Skeleton {
  return (time) => {
    const moment = momentAt(played, time);
    const { problem, q: posed } = path.at(moment.depth);
    const q = kneesKept(problem, posed, playOnVariables(posed, faults, moment));
    return playOnSkeleton(skeletonOf({ problem, state: stateOf(problem, q) }), faults, moment);
  };
}

const shortened = (value: number): number => Math.round(value * 100) / 100;

function framesOf(
  input: RecorderInput,
  joints: readonly Joint[],
  at: (t: number) => Skeleton,
  seconds: number,
  random: () => number,
) {
  const { camera, framesPerSecond, noise, dropped, body } = input;
  const frames: { t: number; keypoints: number[] }[] = [];
  for (let i = 0; i <= seconds * framesPerSecond; i++) {
    if (i > 0 && random() < dropped) continue;
    const t = i / framesPerSecond;
    const points = bodyPoints(at(t));
    const keypoints = joints.flatMap((joint) => {
      const [x, y] = filmed(camera, points[joint], noise * body.heightM, random);
      return [shortened(x), shortened(y), sureness(camera, joint, random)];
    });
    frames.push({ t: Math.round(t * 1e4) / 1e4, keypoints });
  }
  return frames;
}

/**
 * Plays a pattern by the posture solver through time and films it: the stand-in for a camera. The same
 * input gives the same recording.
 */
export function record(input: RecorderInput): Recorded {
  const random = seeded(input.seed);
  const person = embody(input, input.causes);
  const problem = problemIn(input, person);
  const path = posturePath(problem, askedDepth(input, person), input.escape);
  if (!path)
    return { status: 'impossible', why: 'this body cannot stand in this set-up with these limits' };
  const played = playedRepetitions(input.repetitions, input.secondsDown, input.secondsUp, random);
  const at = skeletonAt(path, played, input);
  const joints = input.feet ? JOINTS : COCO_JOINTS;
  const frames = framesOf(input, joints, at, playedSeconds(played), random);
  const faults = input.faults.map((one) => ({
    ...one,
    amount: one.amount ?? PLAYED_FAULTS[one.fault],
  }));
  const { pattern, setup, camera, seed, causes, escape } = input;
  const { body } = person;
  return {
    status: 'recorded',
    document: {
      format: 'taxikine-recording',
      version: 1,
      pattern,
      view: camera.view,
      heightM: body.heightM,
      massKg: body.massKg,
      setup,
      pixelsPerMetre: camera.pixelsPerMetre,
      joints,
      frames,
      truth: {
        ...truthOf(played, at),
        faults,
        causes,
        escape,
        depthDeg: path.depthDeg,
        camera,
        seed,
      },
    },
  };
}
