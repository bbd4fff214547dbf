import {
  angleIn,
  angleOfRing,
  bodyOf,
  FIGURE_CAMERAS,
  limitsOfAngle,
  onePose,
  POSES,
  poseSkeleton,
  project,
  PULLED_RINGS,
  pullJoint,
  seeded,
  withAngle,
} from '../src';

const body = bodyOf(1.75, 75, {});
const standing = onePose('standing');

it.each([
  // From the side the client faces right; straight ahead of the hip is a hip bent by 90.
  ['knee-left', 'right', [1, 0], 'hip', 90],
  ['knee-left', 'right', [0, 1], 'hip', 0],
  // The hip does not go on behind.
  ['knee-left', 'right', [-1, 0], 'hip', -35],
  ['ankle-left', 'right', [-1, 0], 'knee', 90],
  // From before, the client's left is on the right.
  ['knee-left', 'front', [1, 1], 'open', 45],
] as const)('%s seen from the %s, pulled to %p: %s %p', (ring, view, toward, angle, deg) => {
  const pose = pullJoint(body, standing, ring, view, toward);
  const got = pose.legs.left[angle];
  expect(Math.abs(got - deg)).toBeLessThanOrEqual(3);
});

it('the elbow raises the arm, the wrist bends the elbow, the chest leans the body', () => {
  expect(pullJoint(body, standing, 'elbow-right', 'right', [1, 0]).arms.right.raise).toBeCloseTo(
    90,
    -1,
  );
  expect(
    pullJoint(body, standing, 'wrist-right', 'right', [1, 0]).arms.right.elbow,
  ).toBeGreaterThan(60);
  expect(pullJoint(body, standing, 'chest', 'right', [1, 0]).lean).toBe(90);
});

it('pulls to where the pointer is, or as far as the joint goes (300 random)', () => {
  const chance = seeded(11);
  for (let n = 0; n < 300; n++) {
    const pose = POSES[Math.floor(chance() * POSES.length)];
    const ring = PULLED_RINGS[Math.floor(chance() * PULLED_RINGS.length)];
    const angle = angleOfRing(ring, 'right');
    const [least, most] = limitsOfAngle(angle);
    const way = 2 * Math.PI * chance();
    const pulled = pullJoint(body, pose, ring, 'right', [Math.cos(way), Math.sin(way)]);
    const got = angleIn(pulled, angle);
    expect(got).toBeGreaterThanOrEqual(least);
    expect(got).toBeLessThanOrEqual(most);
    // Nothing else moved.
    expect(withAngle(pulled, angle, 0)).toEqual(withAngle(pose, angle, 0));
  }
});

it('a pulled bone points where it was pulled, when the joint can', () => {
  const pose = pullJoint(body, standing, 'knee-right', 'right', [Math.cos(0.5), Math.sin(0.5)]);
  const { hip, knee } = poseSkeleton(body, pose).legs.right;
  const camera = FIGURE_CAMERAS.right;
  const [a, b] = [project(camera, hip), project(camera, knee)];
  expect(Math.atan2(b[1] - a[1], b[0] - a[0])).toBeCloseTo(0.5, 1);
});

it('a ring that cannot be pulled is an error', () => {
  expect(() => pullJoint(body, standing, 'pelvis', 'right', [1, 0])).toThrow(RangeError);
});
