import type { Pose } from '../body/skeleton/pose';
import { onePose } from '../body/skeleton/poses';
import { DRILL_POSES } from './drillPoses';
import type { DrillRow } from './drillRow';
import type { DrillId } from './drills';

/** Start and end of a drill, left side worked. */
export function posesOfDrill({ id, poses }: DrillRow): readonly [start: Pose, end: Pose] {
  if (poses) return poses;
  const [start, end] = DRILL_POSES[id as DrillId];
  return [onePose(start), onePose(end)];
}
