import type { Body } from '../../body/segments/body';
import type { FaultId } from '../../knowledge/faults';
import type { Strength } from '../../body/solver/capacities';
import type { PresentCause } from '../../inference/person/embody';
import type { Escape } from './escape';
import type { Pattern } from '../../body/stance/patterns';
import type { Setup } from '../../body/stance/setup';
import type { RecordingView } from '../../records/recordings/recording';
import type { Side } from '../../foundation/sides/side';
import type { LimitsDeg } from '../../body/solver/limits';

/** Faults that the simulated recorder can play; amounts in degrees or millimetres. */
export const PLAYED_FAULTS = {
  'depth-short': 30,
  'trunk-folds': 22,
  'heel-lifts': 35,
  'hips-rise-first': 20,
  'hips-slide': 40,
  'trunk-side-bends': 10,
  'knee-in': 15,
  'foot-turns-out': 18,
} as const satisfies Partial<Record<FaultId, number>>;
export type PlayedFault = keyof typeof PLAYED_FAULTS;

export interface InjectedFault {
  readonly fault: PlayedFault;
  /** Both sides where a fault has sides and none is given; a direction is to the left then. */
  readonly side?: Side;
  /** How much at its most, in the fault's unit; the usual clear amount without it. */
  readonly amount?: number;
}

/** How the camera stands and is held. */
export interface RecorderCamera {
  readonly view: RecordingView;
  /** Rolled clockwise, and pitched down, in degrees. */
  readonly rollDeg: number;
  readonly pitchDeg: number;
  readonly pixelsPerMetre: number;
}

/** What the simulated recorder plays, and how badly it sees. */
export interface RecorderInput {
  readonly pattern: Pattern;
  readonly body: Body;
  readonly setup: Setup;
  readonly limits: LimitsDeg;
  /** Shares of usual strength and hold. */
  readonly strength: Strength;
  /** What is behind how this body moves: its faults follow from them. */
  readonly causes: readonly PresentCause[];
  /** What it does where an ankle ends above the posture that it would take. */
  readonly escape: Escape;
  readonly faults: readonly InjectedFault[];
  /** Depth at the bottom: thigh angle, in a hinge the trunk's lean. */
  readonly depthDeg: number;
  readonly repetitions: number;
  readonly secondsDown: number;
  readonly secondsUp: number;
  readonly camera: RecorderCamera;
  readonly framesPerSecond: number;
  /** Standard deviation of a point as a share of the body's height. */
  readonly noise: number;
  /** Share of frames that are lost. */
  readonly dropped: number;
  /** Whether heels and toes are seen too. */
  readonly feet: boolean;
  readonly seed: number;
}
