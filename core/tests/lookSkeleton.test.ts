import {
  bodyOf,
  lookSkeleton,
  PATTERNS,
  PHASES,
  usualSetup,
  type Pattern,
  type Phase,
  type SeenFault,
  type Side,
} from '../src';
import { distance } from '../src/foundation/numeric/vector';
import { SIDES } from '../src/foundation/sides/side';

const at = (pattern: Pattern, phase: Phase, heightM = 1.75, faults: SeenFault[] = []) => {
  const body = bodyOf(heightM, 22 * heightM ** 2);
  return lookSkeleton(body, usualSetup(pattern, heightM), { pattern, phase, faults });
};

const rows = PATTERNS.flatMap((pattern) =>
  PHASES.flatMap((phase) => [1.5, 1.75, 2].map((height) => [pattern, phase, height] as const)),
);

it.each(rows)(
  'a %s at %s, %d m: limbs keep their length and no foot is under the floor',
  (...row) => {
    const { body, legs } = at(...row);
    for (const side of SIDES) {
      expect(distance(legs[side].hip, legs[side].knee)).toBeCloseTo(body.sides[side].thighM, 6);
      expect(distance(legs[side].knee, legs[side].ankle)).toBeCloseTo(body.sides[side].shankM, 6);
      for (const point of [legs[side].heel, legs[side].toe, legs[side].knee])
        expect(point[2]).toBeGreaterThan(-1e-6);
    }
  },
);

it.each(PATTERNS)('a %s goes down and comes up again', (pattern) => {
  const height = (phase: Phase) => at(pattern, phase).chest[2];
  expect(height('down')).toBeLessThan(height('start') - 0.05);
  expect(height('bottom')).toBeLessThan(height('down') - 0.05);
  expect(height('up')).toBeGreaterThan(height('bottom') + 0.05);
});

it.each(['lunge', 'split'] as const)(
  'in a %s the front foot is the one the set-up names',
  (pattern) => {
    const ahead = (front: Side) => {
      const setup = { ...usualSetup(pattern, 1.75), front };
      const { legs } = lookSkeleton(bodyOf(1.75, 70), setup, {
        pattern,
        phase: 'bottom',
        faults: [],
      });
      return legs.left.ankle[0] - legs.right.ankle[0];
    };
    expect(ahead('left')).toBeGreaterThan(0.3);
    expect(ahead('right')).toBeCloseTo(-ahead('left'), 6);
  },
);

it('a lunge that stops short is drawn short', () => {
  const short: SeenFault = {
    fault: 'depth-short',
    phase: 'bottom',
    grade: 'plain',
    value: 30,
    unit: 'deg',
  };
  expect(at('lunge', 'bottom', 1.75, [short]).pelvis[2]).toBeGreaterThan(
    at('lunge', 'bottom').pelvis[2] + 0.05,
  );
});

describe('on one leg', () => {
  const oneLegRows = (['squat', 'hinge'] as const).flatMap((pattern) =>
    PHASES.flatMap((phase) =>
      SIDES.flatMap((side) =>
        [1.5, 1.75, 2].map((height) => [pattern, phase, side, height] as const),
      ),
    ),
  );
  const standing = (pattern: 'squat' | 'hinge', phase: Phase, side: Side, heightM: number) =>
    lookSkeleton(
      bodyOf(heightM, 22 * heightM ** 2),
      { ...usualSetup(pattern, heightM), oneLeg: side },
      { pattern, phase, faults: [] },
    );

  it.each(oneLegRows)('a %s at %s on the %s leg, %d m: one foot down, one up', (...row) => {
    const [, , side] = row;
    const { body, legs } = standing(...row);
    const free = side === 'left' ? 'right' : 'left';
    expect(legs[side].heel[2]).toBeLessThan(0.03);
    for (const point of [legs[free].heel, legs[free].toe, legs[free].ankle])
      expect(point[2]).toBeGreaterThan(0.04);
    expect(distance(legs[free].hip, legs[free].knee)).toBeCloseTo(body.sides[free].thighM, 6);
    expect(distance(legs[free].knee, legs[free].ankle)).toBeCloseTo(body.sides[free].shankM, 6);
  });

  it('the free leg is ahead in a squat and behind in a hinge', () => {
    const ahead = (pattern: 'squat' | 'hinge') => {
      const { legs } = standing(pattern, 'bottom', 'left', 1.75);
      return legs.right.ankle[0] - legs.left.ankle[0];
    };
    expect(ahead('squat')).toBeGreaterThan(0.15);
    expect(ahead('hinge')).toBeLessThan(-0.3);
  });
});
