import { bodyOf, usualSetup } from '../src';
import { askDeepest } from '../src/body/solver/ask';
import { likelyStand } from '../src/inference/depth/likelyStand';
import { asItLikes } from '../src/inference/depth/usualRanges';

const BODY = bodyOf(1.75, 75);
const asked = (seenDeg: number | null, ankleBendDeg = 30, stanceCm = 36) => ({
  pattern: 'squat' as const,
  body: BODY,
  setup: { ...usualSetup('squat', 1.75), stanceCm },
  limits: { left: { ankleBendDeg }, right: { ankleBendDeg } },
  seenDeg,
});

const lowestDeg = (ankleBendDeg: number): number => {
  const { limits, seenDeg: _, ...input } = asked(null, ankleBendDeg);
  const answer = askDeepest({ ...input, limits: asItLikes(limits, 'squat') });
  if (answer.status !== 'found') throw new Error('not found');
  return answer.depthDeg;
};

it.each([
  ['a depth that the ranges allow', 25, true, 25],
  ['no number', null, false, lowestDeg(30) + 0.5],
  ['deeper than they allow', lowestDeg(30) - 5, false, lowestDeg(30) + 0.5],
])('%s', (_, seenDeg, asSeen, depthDeg) => {
  const stood = likelyStand(asked(seenDeg))!;
  expect(stood.asSeen).toBe(asSeen);
  expect(stood.answer.depthDeg).toBeCloseTo(depthDeg, 5);
});

it('a stiff ankle shows in the low back: it is rounder than with a free one', () => {
  const [stiff, free] = [16, 42].map(
    (ankle) => likelyStand(asked(18, ankle))!.answer.posture.lumbarBendDeg,
  );
  expect(stiff).toBeGreaterThan(free + 5);
});

it('a stance that nobody can stand in says nothing', () => {
  expect(likelyStand(asked(20, 30, 198))).toBeNull();
});
