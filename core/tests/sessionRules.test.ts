import { brokenRules } from '../src/planning/session/sessionRules';
import { oneDrill } from '../src';
import { candidate, likely, ROOMY } from './planMadeUp';

const SHORT = likely('ankle-joint:right');
const PUMP = candidate('knee-over-outer-toes', 'right', [[SHORT, 0.5]]);
const USE = candidate('point-and-pull', 'right', [[SHORT, 0.5]]);
const SQUAT = candidate('squat-to-target', null);
const broken = (session: readonly (typeof PUMP)[], limits = {}) =>
  brokenRules(session, [SHORT], { ...ROOMY, ...limits });

it('a session that keeps them breaks none', () =>
  expect(broken([PUMP, USE, SQUAT], { minutes: 6 })).toEqual([]));

describe('the minutes', () => {
  it.each([
    [6, 0],
    [6 - 5e-7, 0],
    [6 - 2e-6, 1],
    [5, 1],
  ])('of three twos in %p: broken %p times', (minutes, times) =>
    expect(broken([PUMP, USE, SQUAT], { minutes })).toHaveLength(times),
  );

  it('are said to a tenth', () =>
    expect(broken([{ ...PUMP, minutes: 2.26 }, USE, SQUAT], { minutes: 5 })).toEqual([
      { rule: 'minutes', key: null, says: '6.3 minutes are asked and 5 are there' },
    ]));
});

it('what makes room has one that uses it, on its side', () => {
  const says = `${oneDrill('knee-over-outer-toes').name} makes room that no active drill uses`;
  expect(broken([PUMP, SQUAT])).toEqual([{ rule: 'partner', key: PUMP.key, says }]);
  const left = candidate('point-and-pull', 'left', [[likely('ankle-joint:left'), 0.5]]);
  expect(broken([PUMP, left, SQUAT]).map(({ rule }) => rule)).toEqual(['partner']);
});

it('a dose is one that is usual', () => {
  const much = { ...USE, dose: { by: 'reps', reps: 6, sets: 9, secondsEach: 8 } as const };
  const [one, ...others] = broken([PUMP, much, SQUAT]);
  expect(others).toEqual([]);
  expect(one).toEqual({
    rule: 'dose',
    key: USE.key,
    says: `${USE.drill.name}: 9 × 6 slow is more, or less, than is usual for such a drill`,
  });
});

it('the pattern is there, and last', () => {
  expect(broken([PUMP, USE])).toEqual([
    {
      rule: 'pattern-missing',
      key: null,
      says: 'the pattern itself is not practised: what is won is not kept',
    },
  ]);
  expect(broken([PUMP, SQUAT, USE])).toEqual([
    {
      rule: 'pattern-last',
      key: SQUAT.key,
      says: 'the pattern comes last, after all its parts',
    },
  ]);
  expect(broken([PUMP, USE, SQUAT, candidate('squat-facing-wall', null)])).toEqual([]);
});

it('what speaks against a drill is said with its name', () => {
  const hold = candidate('bent-knee-calf-wall', 'right', [[SHORT, 0.5]]);
  expect(broken([hold, USE, SQUAT], { next: 'training' })).toEqual([
    {
      rule: 'hold-before-training',
      key: hold.key,
      says: `${hold.drill.name}: long holds wait until after training`,
    },
  ]);
});
