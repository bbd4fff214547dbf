import {
  betweenPoses,
  CHECK_GUIDES,
  CHECKS,
  bodyOf,
  DRILL_POSES,
  DRILLS,
  extentOf,
  facePath,
  FIGURE_CAMERAS,
  maybeSceneryOf,
  onePose,
  POSE_LIMITS,
  POSES,
  project,
  poseSkeleton,
  type Pose,
} from '../src';
import { distance } from '../src/foundation/numeric/vector';
import { mirroredPose } from '../src/body/skeleton/betweenPoses';
import { lowestFlesh } from '../src/body/skeleton/poseSkeleton';
import { SIDES } from '../src/foundation/sides/side';

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
  ['knee-forward', ['left']],
  ['back-leg-long', ['left', 'right']],
  ['seated', ['left', 'right']],
  ['seated-turned', ['left', 'right']],
  ['one-leg-stand', ['left']],
  ['one-leg-bend', ['left']],
  ['one-leg-bridge', ['left']],
] as const)('%s: the feet that stand are flat on the floor', (id, sides) => {
  const { legs } = poseSkeleton(body, onePose(id));
  for (const side of sides)
    for (const point of [legs[side].heel, legs[side].ball]) expect(point[2]).toBeLessThan(STANDS);
});

it.each([
  ...DRILLS.map(({ id }) => [id, DRILL_POSES[id]] as const),
  ...CHECKS.map(({ id }) => [id, CHECK_GUIDES[id].poses] as const),
])('%s has a start and an end to show', (_, poses) => {
  const [start, end] = poses.map(onePose);
  for (let t = 0; t <= 1; t += 0.1) {
    const between = betweenPoses(start, end, t);
    expectWithinLimits(between);
    expect(lowestFlesh(poseSkeleton(body, between))).toBeGreaterThan(-1e-9);
  }
});

it.each(rows)('%s: what a camera sees of it is within its extent', (_, pose) => {
  const skeleton = poseSkeleton(body, pose);
  for (const camera of Object.values(FIGURE_CAMERAS)) {
    const { left, right, top } = extentOf(camera, [skeleton]);
    expect(right - left).toBeLessThan(2.6);
    for (const side of SIDES)
      for (const point of [skeleton.legs[side].toe, skeleton.arms[side].fingertip]) {
        const [x, down] = project(camera, point);
        expect(x).toBeGreaterThan(left);
        expect(x).toBeLessThan(right);
        expect(-down).toBeLessThan(top);
      }
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

describe('what a pose leans on', () => {
  const scene = (id: 'wall-stretch' | 'doorway-leg' | 'standing') => {
    const skeleton = poseSkeleton(body, onePose(id));
    return { skeleton, face: maybeSceneryOf(onePose(id), skeleton) };
  };

  it('a wall meets the hands and nothing is behind it', () => {
    const { skeleton, face } = scene('wall-stretch');
    const { legs, arms } = skeleton;
    const reach = Math.max(...SIDES.map((side) => arms[side].fingertip[0]));
    expect(face![0][0]).toBeGreaterThanOrEqual(reach);
    expect(face![0][0] - reach).toBeLessThan(0.2);
    expect(legs.left.toe[0]).toBeLessThan(face![0][0]);
  });

  it('a door frame carries the heel of the raised leg', () => {
    const { skeleton, face } = scene('doorway-leg');
    expect(face![0][0]).toBeCloseTo(skeleton.legs.left.heel[0], 9);
    expect(face![1][2]).toBeGreaterThan(skeleton.legs.left.heel[2]);
    expect(Math.abs(face![0][1] - skeleton.legs.right.heel[1])).toBeGreaterThan(0.1);
  });

  it('standing leans on nothing', () => expect(scene('standing').face).toBeNull());

  it('from the side a wall is one upright line', () => {
    const { face } = scene('wall-stretch');
    const xs = [...facePath(FIGURE_CAMERAS.right, face!).matchAll(/(-?\d+) -?\d+/g)];
    expect(new Set(xs.map(([, x]) => x)).size).toBe(1);
  });
});
