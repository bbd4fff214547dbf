import type { Segments } from '../../body/segments/body';
import type { Pattern } from '../../body/stance/patterns';
import type { Setup } from '../../body/stance/setup';
import type { Joint } from './joints';

/** Where the camera stands; sides are the client's own. */
export const RECORDING_VIEWS = ['right', 'left', 'front', 'back'] as const;
export type RecordingView = (typeof RECORDING_VIEWS)[number];

/** One joint over all frames: place in pixels (x right, y down) and confidence; 0: not seen. */
export interface Track {
  readonly x: Float32Array;
  readonly y: Float32Array;
  readonly confidence: Float32Array;
}

/** What a file says of a recording besides its points; what it does not say is worked out or left out. */
export interface RecordingHead {
  readonly pattern?: Pattern;
  readonly view?: RecordingView;
  readonly heightM?: number;
  readonly massKg?: number;
  /** Lengths from a tape, where there are any. */
  readonly segments?: Segments;
  readonly setup?: Partial<Setup>;
  /** How many pixels a metre is, from a known length in the picture. */
  readonly pixelsPerMetre?: number;
  /** How far the camera was rolled clockwise, where a plumb line or the phone told. */
  readonly cameraRollDeg?: number;
}

/** Points of one moving person over time. */
export interface Recording {
  readonly head: RecordingHead;
  /** Seconds, rising; gaps where frames were dropped. */
  readonly times: Float64Array;
  readonly tracks: ReadonlyMap<Joint, Track>;
  /** What was odd about the file but could be dealt with, each once, in words. */
  readonly notes: readonly string[];
}

export const emptyTrack = (frames: number): Track => ({
  x: new Float32Array(frames),
  y: new Float32Array(frames),
  confidence: new Float32Array(frames),
});
