import {
  bodyOf,
  fitAimsOf,
  PATTERNS,
  stanceProblems,
  USUAL_SETUP,
  type FitAim,
  type Pattern,
} from '../src';
import { askFit } from '../src/body/solver/ask';
import type { Fit } from '../src/body/solver/fit';
import { candidatesFrom } from '../src/body/solver/levers';
import { ranges } from './randomBodies';

const HEIGHT = 1.75;
const body = bodyOf(HEIGHT, 75);
const stiff = { left: ranges(24, 98, 138), right: ranges(20, 94, 138) };
const questionOf = (pattern: Pattern) => ({
  pattern,
  body,
  setup: USUAL_SETUP,
  limits: stiff,
});

const aimOf = (pattern: Pattern, aim: FitAim['for']): FitAim =>
  pattern === 'hinge' ? { for: aim, trunkLeanDeg: 50 } : { for: aim, thighDeg: 40 };

/** Several tests look at one answer, which takes its time. */
const answers = new Map<string, Fit>();
function fitted(pattern: Pattern, aim: FitAim['for']): Fit {
  const key = `${pattern} ${aim}`;
  const known = answers.get(key) ?? askFit(questionOf(pattern), aimOf(pattern, aim))!;
  answers.set(key, known);
  return known;
}

const cases = PATTERNS.flatMap((pattern) =>
  fitAimsOf(pattern).map((aim) => [pattern, aim] as const),
);

it.each(cases)(
  '%s for %s: each further change gives more, and the best is one of them',
  (...one) => {
    const [pattern, aim] = one;
    const found = fitted(pattern, aim);
    expect(found.tried).toBeGreaterThan(10);
    expect(found.now.change).toBe(0);
    expect(found.tradeOff).toContain(found.best);
    expect(found.best.value).toBeLessThanOrEqual(found.now.value);
    found.tradeOff.slice(1).forEach((point, i) => {
      expect(point.change).toBeGreaterThan(found.tradeOff[i].change);
      expect(point.value).toBeLessThan(found.tradeOff[i].value);
    });
  },
);

it('a squat that stiff ankles stop is fitted deeper; the least change that gets there wins', () => {
  const { now, best, tradeOff } = askFit(questionOf('squat'), { for: 'depth', thighDeg: 10 })!;
  expect(now.reachesDeg).toBeGreaterThan(15);
  expect(best.reachesDeg).toBeLessThanOrEqual(10.05);
  const enough = tradeOff.filter(({ value }) => value <= 10.05);
  expect(best.change).toBe(Math.min(...enough.map(({ change }) => change)));
});

// Once a lunge was fitted with a step so long that the bench then refused it.
it.each(cases)('%s for %s: one can stand in all that is offered', (pattern, aim) => {
  const { tradeOff } = fitted(pattern, aim);
  for (const { setup } of tradeOff) expect(stanceProblems(body, pattern, setup)).toEqual([]);
});

it('a depth that nothing reaches takes the deepest there is', () => {
  const { best, tradeOff } = askFit(questionOf('squat'), { for: 'depth', thighDeg: -60 })!;
  expect(best).toBe(tradeOff[tradeOff.length - 1]);
});

it('nobody can be upright at a depth that no set-up reaches', () => {
  expect(askFit(questionOf('squat'), { for: 'upright', thighDeg: -60 })).toBeNull();
});

describe('what is tried', () => {
  it.each(PATTERNS)('%s: first the set-up as it is, also one beyond the usual', (pattern) => {
    const beyond = { ...USUAL_SETUP, stanceCm: 95, toeOutDeg: { left: 45, right: 45 } };
    const [first, ...rest] = candidatesFrom(pattern, HEIGHT, beyond);
    expect(first).toEqual({ setup: beyond, change: 0 });
    expect(rest.length).toBeGreaterThan(0);
    for (const { setup } of rest) {
      expect(setup.stanceCm).toBe(95);
      expect(setup.toeOutDeg).toEqual({ left: 45, right: 45 });
    }
  });

  it.each([
    ['squat', 'stanceCm'],
    ['squat', 'load'],
    ['hinge', 'toeOutDeg'],
    ['lunge', 'stepCm'],
    ['split', 'frontFootLiftMm'],
  ] as const)('%s: %s changes', (pattern, field) => {
    const values = candidatesFrom(pattern, HEIGHT, USUAL_SETUP).map(({ setup }) => setup[field]);
    expect(new Set(values.map((value) => JSON.stringify(value))).size).toBeGreaterThan(2);
  });

  it.each([
    ['hinge', 'load'],
    ['hinge', 'stepCm'],
    ['lunge', 'stanceCm'],
    ['squat', 'frontFootLiftMm'],
  ] as const)('%s: %s stays', (pattern, field) => {
    for (const { setup } of candidatesFrom(pattern, HEIGHT, USUAL_SETUP))
      expect(setup[field]).toEqual(USUAL_SETUP[field as keyof typeof USUAL_SETUP]);
  });

  it('hands on a post hold nothing', () => {
    const post = { ...USUAL_SETUP, hands: 'post' as const };
    for (const { setup } of candidatesFrom('squat', HEIGHT, post)) expect(setup.load.kg).toBe(0);
  });

  it('a step stays between 30 and 110 cm', () => {
    const steps = candidatesFrom('lunge', HEIGHT, { ...USUAL_SETUP, stepCm: 100 }).map(
      ({ setup }) => setup.stepCm!,
    );
    expect(Math.max(...steps)).toBe(106);
    expect(Math.min(...steps)).toBe(88);
  });
});
