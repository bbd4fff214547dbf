import { nextChecks, trace, type CaseFile, type CheckFinding } from '../src';
import { isSettled } from '../src/planning/asking/PlanNow';
import type { CauseNode } from '../src/inference/trace/inference/network';
import { fileOf } from './fileMadeUp';

const slid = (...checks: CheckFinding[]): CaseFile =>
  fileOf({
    look: {
      faults: [{ fault: 'hips-slide', side: 'left', phase: 'bottom', grade: 'plain', value: 30 }],
    },
    checks,
  });

const ankle = (side: 'left' | 'right', passive: number, felt?: 'front'): CheckFinding => ({
  check: 'ankle-bend-knee-bent',
  side,
  passive,
  ...(felt ? { felt } : {}),
});

it('nothing but a slide: there is something to ask', () =>
  expect(nextChecks(slid()).enough).toBe(false));

it('one stiff ankle that explains the slide, and nothing that comes near: enough', () => {
  const file = slid(ankle('right', 24, 'front'), ankle('left', 41));
  const [first, second] = trace(file).causes;
  expect(first).toMatchObject({ key: 'ankle-joint:right' });
  expect(first.p).toBeGreaterThan(0.95);
  expect(second.p).toBeLessThan(0.25);
  expect(nextChecks(file).enough).toBe(true);
});

it('the same ankle with a rival half as likely: not yet', () => {
  const file = slid(ankle('right', 24), ankle('left', 41));
  expect(trace(file).causes[1].p).toBeGreaterThan(0.25);
  expect(nextChecks(file).enough).toBe(false);
});

describe('settled', () => {
  const node = (prior: number): CauseNode => ({ key: 'x', cause: 'breath', side: null, prior });
  it.each([
    ['one sure, none near', [0.1, 0.1], [0.96, 0.24], true],
    ['one nearly sure', [0.1, 0.1], [0.949, 0.1], false],
    ['one just not sure', [0.1, 0.1], [0.95, 0.1], false],
    ['a rival as near as none', [0.1, 0.1], [0.96, 0.25], true],
    ['a second one just not sure', [0.1, 0.1], [0.96, 0.95], false],
    ['one sure, one too near', [0.1, 0.1], [0.96, 0.26], false],
    ['two sure', [0.1, 0.1, 0.1], [0.97, 0.98, 0.2], true],
    ['only what is given is sure', [1, 0.1], [1, 0.1], false],
    ['what is given does not count against', [1, 0.1], [1, 0.97], true],
  ])('%s', (_name, priors, p, expected) => expect(isSettled(priors.map(node), p)).toBe(expected));
});
