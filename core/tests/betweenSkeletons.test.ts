import {
  betweenSkeletons,
  bodyOf,
  lookSkeleton,
  PATTERNS,
  PHASES,
  usualSetup,
  type Pattern,
  type Phase,
  type Skeleton,
} from '../src';
import { distance } from '../src/foundation/numeric/vector';
import { SIDES } from '../src/foundation/sides/side';

const body = bodyOf(1.75, 72);
const at = (pattern: Pattern, phase: Phase): Skeleton =>
  lookSkeleton(body, usualSetup(pattern, 1.75), { pattern, phase, faults: [] });

const rows = PATTERNS.flatMap((pattern) =>
  PHASES.slice(1).map((phase, i) => [pattern, PHASES[i], phase] as const),
);

it.each(rows)(
  'a %s from %s to %s: bones keep their length, no foot goes under the floor',
  (pattern, from, to) => {
    const [a, b] = [at(pattern, from), at(pattern, to)];
    for (let t = 0; t <= 1; t += 0.125) {
      const { legs, pelvis, lowBack, chest } = betweenSkeletons(a, b, t);
      expect(distance(pelvis, lowBack) + distance(lowBack, chest)).toBeCloseTo(body.trunkM, 6);
      for (const side of SIDES) {
        const { hip, knee, ankle, heel, toe, ball } = legs[side];
        expect(distance(hip, knee)).toBeCloseTo(body.sides[side].thighM, 6);
        expect(distance(knee, ankle)).toBeCloseTo(body.sides[side].shankM, 6);
        for (const point of [heel, toe, ball, knee]) expect(point[2]).toBeGreaterThan(-1e-6);
      }
    }
  },
);

it('begins with the one and ends with the other', () => {
  const [a, b] = [at('squat', 'start'), at('squat', 'bottom')];
  expect(betweenSkeletons(a, b, 0)).toBe(a);
  expect(betweenSkeletons(a, b, 1)).toBe(b);
});

it('feet that stand still hardly slide on the way', () => {
  const [a, b] = [at('squat', 'start'), at('squat', 'bottom')];
  for (const t of [0.25, 0.5, 0.75]) {
    const { legs } = betweenSkeletons(a, b, t);
    for (const side of SIDES)
      expect(distance(legs[side].ankle, a.legs[side].ankle)).toBeLessThan(0.085);
  }
});
