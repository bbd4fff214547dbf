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
  ['a depth that the ranges allow', 25, 'seen', 25],
  ['no number', null, 'lowest', lowestDeg(30) + 0.5],
  ['deeper than they allow', lowestDeg(30) - 5, 'lowest', lowestDeg(30) + 0.5],
])('%s', (_, seenDeg, at, depthDeg) => {
  const stood = likelyStand(asked(seenDeg))!;
  expect(stood.at).toBe(at);
  expect(stood.answer.depthDeg).toBeCloseTo(depthDeg, 5);
});

it.each([
  ['no number: as people usually go', 35, null, 'usual', 30],
  ['a number: as was seen', 35, 12, 'seen', 12],
  ['no number, and ranges that end above it', 2, null, 'lowest', undefined],
])('on one leg, %s', (_, ankle, seenDeg, at, depthDeg) => {
  const input = asked(seenDeg, ankle);
  const stood = likelyStand({ ...input, setup: { ...input.setup, oneLeg: 'right' } })!;
  expect(stood.at).toBe(at);
  if (depthDeg === undefined) expect(stood.answer.depthDeg).toBeGreaterThan(30);
  else expect(stood.answer.depthDeg).toBeCloseTo(depthDeg, 5);
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
