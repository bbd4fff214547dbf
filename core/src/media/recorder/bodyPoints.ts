import { add, scale, type Vec3 } from '../../foundation/numeric/vector';
import { signOf } from '../../foundation/sides/side';
import type { Joint } from '../../records/recordings/joints';
import type { Skeleton } from '../../body/skeleton/skeleton';

/** Places on the head, as shares of its height: ahead, to a side, and up from the neck. */
const ON_HEAD = {
  nose: [0.42, 0, 0.55],
  eye: [0.36, 0.13, 0.66],
  ear: [0.02, 0.3, 0.6],
} as const;

/** Every keypoint of a body in space, in metres. */
export function bodyPoints(skeleton: Skeleton): Readonly<Record<Joint, Vec3>> {
  const { chest, trunkUp, trunkForward, trunkLeft, body, legs, arms } = skeleton;
  const onHead = ([ahead, aside, up]: readonly number[], sign: number): Vec3 =>
    add(
      chest,
      add(
        scale(trunkForward, ahead * body.headM),
        add(scale(trunkLeft, sign * aside * body.headM), scale(trunkUp, up * body.headM)),
      ),
    );
  const side = (one: 'left' | 'right') => ({
    [`${one}_eye`]: onHead(ON_HEAD.eye, signOf(one)),
    [`${one}_ear`]: onHead(ON_HEAD.ear, signOf(one)),
    [`${one}_shoulder`]: arms[one].shoulder,
    [`${one}_elbow`]: arms[one].elbow,
    [`${one}_wrist`]: arms[one].wrist,
    [`${one}_hip`]: legs[one].hip,
    [`${one}_knee`]: legs[one].knee,
    [`${one}_ankle`]: legs[one].ankle,
    [`${one}_big_toe`]: legs[one].toe,
    [`${one}_heel`]: legs[one].heel,
  });
  return { nose: onHead(ON_HEAD.nose, 0), ...side('left'), ...side('right') } as Record<
    Joint,
    Vec3
  >;
}
