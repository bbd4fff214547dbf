import {
  betweenPoses,
  bodyOf,
  DRILL_POSES,
  DRILLS,
  onePose,
  POSE_LIMITS,
  POSES,
  poseSkeleton,
  type Pose,
} from '../src';
import { distance } from '../src/numeric/vector';
import { mirroredPose } from '../src/skeleton/betweenPoses';
import { lowestFlesh } from '../src/skeleton/poseSkeleton';
import { SIDES } from '../src/sides/side';

const body = bodyOf(1.75, 75);
const rows: [string, Pose][] = POSES.map((pose) => [pose.id, pose]);

function expectWithinLimits(pose: Pose): void {
  for (const side of SIDES) {
    for (const [name, [least, most]] of Object.entries(POSE_LIMITS.leg)) {
      const value = pose.legs[side][name as keyof typeof POSE_LIMITS.leg];
      expect(value).toBeGreaterThanOrEqual(least);
      expect(value).toBeLessThanOrEqual(most);
    }
    for (const [name, [least, most]] of Object.entries(POSE_LIMITS.arm)) {
      const value = pose.arms[side][name as keyof typeof POSE_LIMITS.arm];
      expect(value).toBeGreaterThanOrEqual(least);
      expect(value).toBeLessThanOrEqual(most);
    }
  }
}

it.each(rows)('%s keeps within the joints, the lengths and over the floor', (_, pose) => {
  expectWithinLimits(pose);
  const skeleton = poseSkeleton(body, pose);
  expect(lowestFlesh(skeleton)).toBeCloseTo(0, 9);
  for (const side of SIDES) {
    const { hip, knee, ankle } = skeleton.legs[side];
    expect(distance(hip, knee)).toBeCloseTo(body.sides[side].thighM, 9);
    expect(distance(knee, ankle)).toBeCloseTo(body.sides[side].shankM, 9);
  }
});

/** Soles that stand on the floor in a pose: at most this far off it, in metres. */
const STANDS = 0.025;
it.each([
  ['standing', ['left', 'right']],
  ['squat', ['left', 'right']],
  ['hinge', ['left', 'right']],
  ['lunge', ['left']],
  ['split', ['left']],
  ['half-kneeling', ['left']],
  ['lying-back', ['left', 'right']],
  ['bridge', ['left', 'right']],
  ['wall-stretch', ['left', 'right']],
] as const)('%s: the feet that stand are flat on the floor', (id, sides) => {
  const { legs } = poseSkeleton(body, onePose(id));
  for (const side of sides)
    for (const point of [legs[side].heel, legs[side].ball]) expect(point[2]).toBeLessThan(STANDS);
});

it.each(DRILLS.map(({ id }) => [id] as const))('%s has a start and an end to show', (id) => {
  const [start, end] = DRILL_POSES[id].map(onePose);
  for (let t = 0; t <= 1; t += 0.1) {
    const between = betweenPoses(start, end, t);
    expectWithinLimits(between);
    expect(lowestFlesh(poseSkeleton(body, between))).toBeGreaterThan(-1e-9);
  }
});

it('a mirrored pose is the mirror image', () => {
  const pose = onePose('floor-sit');
  const [one, other] = [poseSkeleton(body, pose), poseSkeleton(body, mirroredPose(pose))];
  const [a, b] = [one.legs.left.knee, other.legs.right.knee];
  expect(b[0]).toBeCloseTo(a[0], 9);
  expect(b[1]).toBeCloseTo(-a[1], 9);
  expect(b[2]).toBeCloseTo(a[2], 9);
});
