import { bodyOf } from '@taxikine/core/body/segments/body';
import type { Setup } from '@taxikine/core/body/stance/setup';
import type { PostureQuestion } from '@taxikine/core/body/solver/ask';
import { renderHook } from '@testing-library/react';
import { useSettled } from '../src/client/fit/useSettled';
import type { Answered } from '../src/solver/usePosture';

const body = bodyOf(1.75, 75, {});
const question = (heelLiftMm: number): PostureQuestion => ({
  pattern: 'squat',
  body,
  setup: { heelLiftMm } as Setup,
  limits: { left: {}, right: {} },
});
const answer = (of: PostureQuestion, depthDeg: number | null) =>
  ({
    question: of,
    ...(depthDeg === null ? { status: 'blocked' } : { status: 'found', depthDeg }),
  }) as Answered;

it('a depth is given with the question it answers, and with no other', () => {
  const [first, second] = [question(0), question(20)];
  const { result, rerender } = renderHook(
    ({ rested, lowest }: { rested: PostureQuestion; lowest: Answered | null }) =>
      useSettled(rested, lowest),
    { initialProps: { rested: first, lowest: null as Answered | null } },
  );
  expect(result.current).toEqual({ question: first, reachDeg: null });
  rerender({ rested: first, lowest: answer(first, 12) });
  expect(result.current).toEqual({ question: first, reachDeg: 12 });
  // The hand rests on another question while the depth of the last one is all there is.
  rerender({ rested: second, lowest: answer(first, 12) });
  expect(result.current).toEqual({ question: first, reachDeg: 12 });
  // And the depth may be there before the hand rests.
  rerender({ rested: first, lowest: answer(second, 4) });
  expect(result.current).toEqual({ question: first, reachDeg: 12 });
  rerender({ rested: second, lowest: answer(second, 4) });
  expect(result.current).toEqual({ question: second, reachDeg: 4 });
  rerender({ rested: second, lowest: answer(second, null) });
  expect(result.current).toEqual({ question: second, reachDeg: null });
});
