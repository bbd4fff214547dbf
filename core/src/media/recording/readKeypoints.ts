import type { Parsed, Problem } from '../../records/schemas/problems';
import { COCO_JOINTS, isJoint, type Joint } from '../../records/recordings/joints';
import {
  emptyTrack,
  type Recording,
  type RecordingHead,
  type Track,
} from '../../records/recordings/recording';
import { timeProblems } from './recordingProblems';

/** A frame as it stands in a file: x, y, confidence for each joint, in order. */
interface RawFrame {
  readonly t?: unknown;
  readonly image_id?: unknown;
  readonly keypoints?: unknown;
}

const bad = (path: string, message: string): Parsed<never> => ({
  status: 'bad',
  problems: [{ path, message }],
});

interface Frames {
  readonly list: readonly RawFrame[];
  readonly path: string;
}

/** Frames of our own document, of a COCO document, or of a COCO list of results. */
function framesOf(input: unknown): Frames | null {
  if (Array.isArray(input)) return { list: input as RawFrame[], path: '' };
  if (typeof input !== 'object' || input === null) return null;
  for (const path of ['frames', 'annotations'] as const) {
    const list = (input as Record<string, unknown>)[path];
    if (Array.isArray(list)) return { list: list as RawFrame[], path };
  }
  return null;
}

function jointsOf(input: unknown): Parsed<readonly Joint[]> {
  const named = (input as { joints?: unknown }).joints;
  if (named === undefined) return { status: 'ok', value: COCO_JOINTS };
  if (!Array.isArray(named)) return bad('joints', 'is not a list of joint names');
  const unknown = named.findIndex((name) => !isJoint(name));
  if (unknown >= 0) return bad(`joints.${unknown}`, `"${String(named[unknown])}" is not a joint`);
  return { status: 'ok', value: named as Joint[] };
}

/** Time of a frame: said, or counted from the frame's number where a rate is given. */
function timeOf(frame: RawFrame, index: number, fps: number | undefined): number {
  if (typeof frame.t === 'number') return frame.t;
  if (frame.t !== undefined || fps === undefined) return NaN;
  return (typeof frame.image_id === 'number' ? frame.image_id : index) / fps;
}

const placeOf = (path: string, frame: number): string => (path ? `${path}.${frame}` : `${frame}`);

interface Filled {
  readonly tracks: Map<Joint, Track>;
  readonly times: Float64Array;
  /** Coordinates that are no numbers. */
  readonly broken: number;
}

function filled(
  { list, path }: Frames,
  joints: readonly Joint[],
  fps: number | undefined,
): Filled | Problem {
  const times = new Float64Array(list.length);
  const tracks = joints.map(() => emptyTrack(list.length));
  const width = joints.length * 3;
  let broken = 0;
  for (let i = 0; i < list.length; i++) {
    const at = [path, i].filter((part) => part !== '').join('.');
    const frame = list[i];
    if (typeof frame !== 'object' || frame === null) return { path: at, message: 'is not a frame' };
    times[i] = timeOf(frame, i, fps);
    const points = frame.keypoints;
    if (!Array.isArray(points))
      return { path: `${placeOf(path, i)}.keypoints`, message: 'is missing' };
    if (points.length !== width)
      return {
        path: `${placeOf(path, i)}.keypoints`,
        message: `has ${points.length} numbers; ${joints.length} joints take ${width}`,
      };
    for (let j = 0; j < joints.length; j++)
      if (!place(tracks[j], i, points as unknown[], 3 * j)) broken += 1;
  }
  return { tracks: new Map(joints.map((joint, j) => [joint, tracks[j]])), times, broken };
}

/** Takes one point over; false when it is no point. A confidence of 0 says that it was not seen. */
function place({ x, y, confidence }: Track, frame: number, points: unknown[], at: number): boolean {
  const px = points[at] as number;
  const py = points[at + 1] as number;
  const pc = points[at + 2] as number;
  if (typeof px !== 'number' || typeof py !== 'number' || typeof pc !== 'number') return false;
  if (!Number.isFinite(px + py + pc)) return false;
  x[frame] = px;
  y[frame] = py;
  // COCO's own marks of 1 (hidden) and 2 (seen) come out as certain.
  confidence[frame] = pc < 0 ? 0 : pc > 1 ? 1 : pc;
  return true;
}

const HEAD_FIELDS = [
  'pattern',
  'view',
  'heightM',
  'massKg',
  'segments',
  'setup',
  'pixelsPerMetre',
  'cameraRollDeg',
] as const;

const headOf = (input: unknown): RecordingHead =>
  Object.fromEntries(
    HEAD_FIELDS.flatMap((name) => {
      const value = (input as Record<string, unknown>)[name];
      return value === undefined ? [] : [[name, value]];
    }),
  );

/**
 * Reads keypoints per frame: our own document, or COCO annotations (a list, or under
 * `annotations`), for which `fps` says how fast the frames follow.
 *
 * @returns the recording, or what is wrong with the path to it; points that are no numbers count as
 *   not seen, and a note says how many there were
 */
export function readKeypoints(input: unknown): Parsed<Recording> {
  const frames = framesOf(input);
  if (!frames) return bad('frames', 'there is no list of frames');
  const joints = jointsOf(input);
  if (joints.status === 'bad') return joints;
  const fps = (input as { fps?: unknown }).fps;
  if (fps !== undefined && !(typeof fps === 'number' && fps > 0 && fps <= 1000))
    return bad('fps', `"${String(fps)}" is not a number of frames a second`);
  const all = filled(frames, joints.value, fps);
  if ('message' in all) return { status: 'bad', problems: [all] };
  const prefix = frames.path ? `${frames.path}.` : '';
  const problems = timeProblems(all.times, (frame) => `${prefix}${frame}.t`);
  if (problems.length > 0) return { status: 'bad', problems };
  const notes = all.broken > 0 ? [`${all.broken} points are no numbers and count as not seen`] : [];
  return {
    status: 'ok',
    value: { head: headOf(input), times: all.times, tracks: all.tracks, notes },
  };
}
