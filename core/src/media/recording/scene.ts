import { quantile } from '../../foundation/numeric/quantile';
import { SIDES, type Side } from '../../foundation/sides/side';
import { smoothed } from './butterworth';
import type { Joint } from '../../records/recordings/joints';
import type { RecordingView } from '../../records/recordings/recording';
import { residualCutoff } from './residualCutoff';
import type { Path, Uniform } from './uniform';

/** Parts of the body that have a left and a right point. */
export type Part = 'shoulder' | 'wrist' | 'hip' | 'knee' | 'ankle' | 'big_toe' | 'heel';
export const jointOf = (side: Side, part: Part): Joint => `${side}_${part}`;

/** Smoothed points, still in pixels and as the camera was held. */
export interface Scene {
  readonly rate: number;
  readonly count: number;
  readonly cutoffHz: number;
  readonly paths: ReadonlyMap<Joint, Path>;
}

/** Smooths all points that measures are made of by one cut-off, found on the hips and knees. */
export function sceneOf({ rate, count, paths }: Uniform): Scene {
  const telling = SIDES.flatMap((side) => [jointOf(side, 'hip'), jointOf(side, 'knee')]);
  const cutoffs = telling.flatMap((joint) => {
    const path = paths.get(joint);
    return path ? [residualCutoff(path.z, rate)] : [];
  });
  const cutoffHz = cutoffs.length > 0 ? Math.max(...cutoffs) : 4;
  const smooth = new Map<Joint, Path>();
  for (const [joint, path] of paths)
    smooth.set(joint, {
      ...path,
      x: smoothed(path.x, cutoffHz, rate),
      z: smoothed(path.z, cutoffHz, rate),
    });
  return { rate, count, cutoffHz, paths: smooth };
}

function halfway(a: Float32Array, b: Float32Array): Float32Array {
  const between = new Float32Array(a.length);
  for (let i = 0; i < a.length; i++) between[i] = (a[i] + b[i]) / 2;
  return between;
}

/** Mean of both sides' points over time; of one side where the other was not seen. */
export function middle({ paths }: Pick<Scene, 'paths'>, part: Part): Path | null {
  const [left, right] = SIDES.map((side) => paths.get(jointOf(side, part)) ?? null);
  if (!left || !right) return left ?? right;
  return {
    x: halfway(left.x, right.x),
    z: halfway(left.z, right.z),
    confidence: (left.confidence + right.confidence) / 2,
  };
}

/** The middle value of about this many; a whole recording need not be sorted for it. */
const TELLING = 1000;

function typical(values: Float32Array): number {
  const step = Math.max(1, Math.floor(values.length / TELLING));
  return quantile(
    values.filter((_, i) => i % step === 0),
    0.5,
  );
}

/** Shoulders this narrow against the trunk's length are seen from the side. */
const NARROW = 0.45;

/**
 * Where the camera stands, by the person's own look: shoulders wide or narrow, left to the left or to
 * the right, and to which side nose or knees point.
 */
export function seenFrom({ paths }: Uniform): RecordingView | null {
  const at = (joint: Joint) => {
    const path = paths.get(joint);
    return path ? [typical(path.x), typical(path.z)] : null;
  };
  const [left, right] = [at('left_shoulder'), at('right_shoulder')];
  const [hipLeft, hipRight] = [at('left_hip'), at('right_hip')];
  if (!left || !right || !hipLeft || !hipRight) return null;
  const across = left[0] - right[0];
  const trunk = Math.abs((left[1] + right[1] - hipLeft[1] - hipRight[1]) / 2);
  if (Math.abs(across) > NARROW * trunk) return across > 0 ? 'front' : 'back';
  return facing(paths) >= 0 ? 'right' : 'left';
}

/** Positive: the person faces the picture's right. */
function facing(paths: Uniform['paths']): number {
  const ahead = (front: Joint, behind: Joint): number => {
    const [a, b] = [paths.get(front), paths.get(behind)];
    return a && b ? typical(a.x) - typical(b.x) : 0;
  };
  const toes = ahead('left_big_toe', 'left_heel') + ahead('right_big_toe', 'right_heel');
  if (toes !== 0) return toes;
  return ahead('left_knee', 'left_ankle') + ahead('right_knee', 'right_ankle');
}
