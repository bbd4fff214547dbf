import type { Pose } from './pose';
import { POSES_OF_CARRYING } from './posesOfCarrying';
import { POSES_OF_CHECKS } from './posesOfChecks';
import { POSES_OF_DRILLS } from './posesOfDrills';
import { POSES_OF_MOVES } from './posesOfMoves';

/** Poses that drills and checks are shown in. A new one is one row. */
export const POSES = [
  ...POSES_OF_DRILLS,
  ...POSES_OF_MOVES,
  ...POSES_OF_CARRYING,
  ...POSES_OF_CHECKS,
] as const;

export type PoseId = (typeof POSES)[number]['id'];

const BY_ID: ReadonlyMap<string, Pose> = new Map(POSES.map((pose) => [pose.id, pose]));

/** A pose of the table. @throws RangeError for an unknown id */
export function onePose(id: PoseId): Pose {
  const pose = BY_ID.get(id);
  if (!pose) throw new RangeError(`no pose called ${id}`);
  return pose;
}
