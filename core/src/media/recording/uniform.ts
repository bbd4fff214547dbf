import { isMeasured, type Joint } from '../../records/recordings/joints';
import type { Recording, Track } from '../../records/recordings/recording';
import { frameRate } from './recordingProblems';

/** One joint at even steps of time. Pixels, z up. */
export interface Path {
  readonly x: Float32Array;
  readonly z: Float32Array;
  /** Mean confidence times the share of moments that are not filled in, 0 to 1. */
  readonly confidence: number;
}

/** A recording at even steps of time. */
export interface Uniform {
  /** Steps a second. */
  readonly rate: number;
  /** Time of the first step, in seconds. */
  readonly start: number;
  readonly count: number;
  readonly paths: ReadonlyMap<Joint, Path>;
}

/** Less sure than this, a point is not used. */
const LEAST_CONFIDENCE = 0.2;
/** A joint seen in a smaller share of the frames is left out altogether. */
const LEAST_SEEN = 0.5;

/** Puts all joints on even steps; what lies between is filled in along straight lines. */
export function uniformOf({ times, tracks }: Recording): Uniform {
  const rate = frameRate(times);
  const start = times[0];
  const count = Math.round((times[times.length - 1] - start) * rate) + 1;
  const paths = new Map<Joint, Path>();
  for (const [joint, track] of tracks) {
    if (!isMeasured(joint)) continue;
    const path = evenPath(track, times, rate, count);
    if (path) paths.set(joint, path);
  }
  return { rate, start, count, paths };
}

function evenPath(track: Track, times: Float64Array, rate: number, count: number): Path | null {
  const { x, y, confidence } = track;
  const px = new Float32Array(count);
  const pz = new Float32Array(count);
  const start = times[0];
  let seen = 0;
  let sure = 0;
  let last = -1;
  for (let i = 0; i < times.length; i++) {
    if (confidence[i] < LEAST_CONFIDENCE) continue;
    const at = Math.min(count - 1, Math.round((times[i] - start) * rate));
    px[at] = x[i];
    pz[at] = -y[i];
    if (at > last + 1) fillGap(px, pz, last, at);
    last = at;
    seen += 1;
    sure += confidence[i];
  }
  if (seen < LEAST_SEEN * times.length || last < 0) return null;
  px.fill(px[last], last + 1);
  pz.fill(pz[last], last + 1);
  return { x: px, z: pz, confidence: (sure / seen) * Math.min(1, seen / count) };
}

/** A straight line over steps without a point; before the first, it is taken to have been there. */
function fillGap(x: Float32Array, z: Float32Array, from: number, to: number): void {
  for (let k = from + 1; k < to; k++) {
    const part = from < 0 ? 1 : (k - from) / (to - from);
    x[k] = from < 0 ? x[to] : x[from] + part * (x[to] - x[from]);
    z[k] = from < 0 ? z[to] : z[from] + part * (z[to] - z[from]);
  }
}
