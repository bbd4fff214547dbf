import { USUAL_SETUP, type CaseFile, type CheckFinding, type Grade } from '../src';
import { observeChecks } from '../src/inference/trace/observe/observeChecks';
import { observeFaults } from '../src/inference/trace/observe/observeFaults';
import { observeProportions } from '../src/inference/trace/observe/observeProportions';
import { fileOf } from './fileMadeUp';

const wordOf = (ratio: number): string => {
  if (ratio === Infinity) return 'yes';
  if (ratio === 0) return 'no';
  return ratio > 2 ? 'for' : ratio > 1 ? 'hardly' : 'against';
};

const found = (check: CheckFinding) =>
  observeChecks(fileOf({ checks: [check] })).map((one) => [one.finding, wordOf(one.ratio)]);

it.each([
  [
    'a short ankle',
    { check: 'ankle-bend-knee-bent', side: 'left', passive: 27 },
    [['range:ankle-bend-knee-bent', 'for']],
  ],
  [
    'a free ankle',
    { check: 'ankle-bend-knee-bent', side: 'left', passive: 41 },
    [['range:ankle-bend-knee-bent', 'against']],
  ],
  [
    'where a short ankle is felt',
    { check: 'ankle-bend-knee-bent', side: 'left', passive: 27, felt: 'front' },
    [
      ['range:ankle-bend-knee-bent', 'for'],
      ['felt:ankle-bend-knee-bent:front', 'for'],
    ],
  ],
  [
    'where a free ankle is felt says next to nothing',
    { check: 'ankle-bend-knee-bent', side: 'left', passive: 41, felt: 'front' },
    [
      ['range:ankle-bend-knee-bent', 'against'],
      ['felt:ankle-bend-knee-bent:front', 'hardly'],
    ],
  ],
  [
    'a knee well short of straight: less is better',
    { check: 'knee-straighten-90', side: 'left', passive: 42, felt: 'belly' },
    [
      ['range:knee-straighten-90', 'for'],
      ['felt:knee-straighten-90:belly', 'for'],
    ],
  ],
  [
    'a knee nearly straight',
    { check: 'knee-straighten-90', side: 'left', passive: 14, felt: 'belly' },
    [
      ['range:knee-straighten-90', 'against'],
      ['felt:knee-straighten-90:belly', 'hardly'],
    ],
  ],
  [
    'a shortfall that is far larger when they do it themselves',
    { check: 'knee-straighten-90', side: 'left', passive: 15, active: 45 },
    [
      ['range:knee-straighten-90', 'against'],
      ['gap:knee-straighten-90', 'for'],
    ],
  ],
  [
    'a kneecap that looks outward does not look inward',
    { check: 'kneecap-line', side: 'left', result: 'outward' },
    [
      ['result:kneecap-line:inward', 'no'],
      ['result:kneecap-line:outward', 'yes'],
    ],
  ],
  [
    'a centred kneecap',
    { check: 'kneecap-line', side: 'left', result: 'centred' },
    [
      ['result:kneecap-line:inward', 'no'],
      ['result:kneecap-line:outward', 'no'],
    ],
  ],
  [
    'of two results the second is a whole sign',
    { check: 'nerve-slump', side: 'left', result: 'yes' },
    [['result:nerve-slump', 'yes']],
  ],
  [
    'braced frees the leg',
    { check: 'straight-leg-raise', side: 'left', passive: 57, braced: 76 },
    [
      ['range:straight-leg-raise', 'against'],
      ['brace-frees:straight-leg-raise', 'for'],
    ],
  ],
  [
    'braced by less than the error',
    { check: 'straight-leg-raise', side: 'left', passive: 57, braced: 60 },
    [
      ['range:straight-leg-raise', 'for'],
      ['brace-frees:straight-leg-raise', 'against'],
    ],
  ],
  [
    'braced by about the error',
    { check: 'straight-leg-raise', side: 'left', passive: 50, braced: 58.5 },
    [
      ['range:straight-leg-raise', 'for'],
      ['brace-frees:straight-leg-raise', 'hardly'],
    ],
  ],
  [
    'range that is there and not used',
    { check: 'hip-bend', side: 'left', passive: 120, active: 95 },
    [
      ['range:hip-bend', 'against'],
      ['gap:hip-bend', 'for'],
    ],
  ],
  [
    'a usual gap',
    { check: 'hip-bend', side: 'left', passive: 120, active: 112 },
    [['range:hip-bend', 'against']],
  ],
  [
    'a pinch',
    { check: 'hip-bend', side: 'left', passive: 118, pinch: true },
    [
      ['range:hip-bend', 'against'],
      ['pinch:hip-bend', 'for'],
    ],
  ],
  [
    'no pinch',
    { check: 'hip-bend', side: 'left', passive: 118, pinch: false },
    [
      ['range:hip-bend', 'against'],
      ['pinch:hip-bend', 'no'],
    ],
  ],
  [
    'a lift that holds',
    { check: 'double-leg-lift', result: 'holds' },
    [['result:double-leg-lift', 'no']],
  ],
  [
    'a lift that wavers',
    { check: 'double-leg-lift', result: 'wavers' },
    [['result:double-leg-lift', 'for']],
  ],
  [
    'a lift lost that bracing saves',
    { check: 'double-leg-lift', result: 'lost', braced: 'holds' },
    [
      ['result:double-leg-lift', 'yes'],
      ['brace-frees:double-leg-lift', 'yes'],
    ],
  ],
  [
    'a lift lost either way',
    { check: 'double-leg-lift', result: 'lost', braced: 'lost' },
    [
      ['result:double-leg-lift', 'yes'],
      ['brace-frees:double-leg-lift', 'no'],
    ],
  ],
  ['nothing entered', { check: 'hip-bend', side: 'left' }, []],
  ['a lift without a result', { check: 'double-leg-lift' }, []],
  [
    'a lift that holds, whatever the brace does',
    { check: 'double-leg-lift', result: 'holds', braced: 'lost' },
    [['result:double-leg-lift', 'no']],
  ],
  ['where it was felt, without a number', { check: 'hip-bend', side: 'left', felt: 'front' }, []],
  [
    'a short ankle that is felt nowhere',
    { check: 'ankle-bend-knee-bent', side: 'left', passive: 27, felt: 'nowhere' },
    [['range:ankle-bend-knee-bent', 'for']],
  ],
  [
    'what they do themselves, alone',
    { check: 'hip-bend', side: 'left', active: 95 },
    [['range:hip-bend', 'for']],
  ],
  [
    'a shortfall that the brace frees',
    { check: 'knee-straighten-90', side: 'left', passive: 42, braced: 14 },
    [
      ['range:knee-straighten-90', 'against'],
      ['brace-frees:knee-straighten-90', 'for'],
    ],
  ],
  [
    'a shortfall that the brace makes larger',
    { check: 'knee-straighten-90', side: 'left', passive: 14, braced: 42 },
    [
      ['range:knee-straighten-90', 'against'],
      ['brace-frees:knee-straighten-90', 'against'],
    ],
  ],
  [
    'a braced range alone',
    { check: 'straight-leg-raise', side: 'left', braced: 76 },
    [['range:straight-leg-raise', 'against']],
  ],
] as [string, CheckFinding, string[][]][])('checks: %s', (_name, check, expected) => {
  expect(found(check)).toEqual(expected);
});

it.each([
  [
    { check: 'straight-leg-raise', side: 'left', passive: 57, braced: 76 },
    ['left: straight-leg raise 76°', 'left: straight-leg raise, braced: 19° more'],
  ],
  [
    { check: 'straight-leg-raise', side: 'left', passive: 57, braced: 60 },
    ['left: straight-leg raise 60°', 'left: straight-leg raise, braced: no more'],
  ],
  [
    { check: 'knee-straighten-90', side: 'left', passive: 42, braced: 14 },
    [expect.stringMatching(/ 14°$/), expect.stringMatching(/, braced: 28° more$/)],
  ],
  [
    { check: 'hip-bend', side: 'right', passive: 120, active: 95, pinch: false },
    [
      'right: hip bend 120°',
      'right: hip bend: 25° more passive than active',
      'right: hip bend: no pinch',
    ],
  ],
  [
    { check: 'hip-bend', side: 'right', passive: 90, pinch: true, felt: 'front' },
    [
      'right: hip bend 90°',
      expect.stringMatching(/^right: hip bend, felt /),
      'right: hip bend: pinch at the end',
    ],
  ],
  [
    { check: 'double-leg-lift', result: 'lost', braced: 'lost' },
    ['two-leg lift: lost', 'two-leg lift, braced: no better'],
  ],
  [
    { check: 'double-leg-lift', result: 'lost', braced: 'holds' },
    ['two-leg lift: lost', 'two-leg lift, braced: better'],
  ],
] as [CheckFinding, unknown[]][])('%j is told in words', (check, expected) =>
  expect(observeChecks(fileOf({ checks: [check] })).map(({ words }) => words)).toEqual(expected),
);

describe('how a range was taken', () => {
  const ankle = { check: 'ankle-bend-knee-bent', side: 'left' } as const;
  const ratio = (check: CheckFinding, norms?: CaseFile['norms']) =>
    observeChecks({ ...fileOf({ checks: [check] }), norms })[0].ratio;

  it('repeats weigh more than one reading, on either side', () => {
    const [short, free] = [28, 42].map((passive) => ({ ...ankle, passive }));
    expect(ratio({ ...short, times: { passive: 4 } })).toBeGreaterThan(ratio(short));
    expect(ratio({ ...free, times: { passive: 4 } })).toBeLessThan(ratio(free));
  });

  it('repeats of another mode do not count', () => {
    const check = { ...ankle, passive: 28 };
    expect(ratio({ ...check, times: { active: 9 } })).toBe(ratio(check));
  });

  it('cheating keeps a usual range from clearing the joint, and leaves a short one short', () => {
    expect(ratio({ ...ankle, passive: 42, cheats: ['toe'] })).toBe(1);
    const short = { ...ankle, passive: 27 };
    expect(ratio({ ...short, cheats: ['toe'] })).toBe(ratio(short));
    const [said] = observeChecks(fileOf({ checks: [{ ...short, cheats: ['toe'] }] }));
    expect(said.words).toContain('big toe lifts');
  });

  it('a client’s own norm is what a range is held against', () => {
    const own = { usual: [30, 4], restricted: [20, 4], sem: 1.7 } as const;
    const check = { ...ankle, passive: 31 };
    expect(ratio(check)).toBeGreaterThan(1);
    expect(ratio(check, { 'ankle-bend-knee-bent': own })).toBeLessThan(1);
  });
});

it('a fault in two phases counts once, as large as it was, and what is clear keeps its side', () => {
  const seen = (phase: 'down' | 'bottom', grade: Grade) =>
    ({ fault: 'knee-in', side: 'left', phase, grade }) as const;
  const observed = observeFaults({
    ...fileOf({}).look,
    faults: [seen('down', 'marked'), seen('bottom', 'slight')],
    clear: ['knee-in@right', 'tips-back'],
  });
  const [{ ratio: marked }] = observeFaults({
    ...fileOf({}).look,
    faults: [seen('bottom', 'marked')],
  });
  expect(observed.map((one) => [one.finding, one.side, one.ratio])).toEqual([
    ['fault:knee-in', 'left', marked],
    ['fault:knee-in', 'right', 0],
    ['fault:tips-back', null, 0],
  ]);
});

it.each([
  ['not measured', {}, []],
  ['one of two', { thighM: 0.5 }, []],
  ['long thighs', { thighM: 0.52, shankM: 0.44 }, [true]],
  ['usual ones', { thighM: 0.43, shankM: 0.43 }, [false]],
])('proportions %s', (_name, segments, expected) => {
  expect(observeProportions(fileOf({ client: { segments } })).map((one) => one.ratio > 1)).toEqual(
    expected,
  );
});

it.each([
  ['hips-slide', 'Hips slide: looked for, clear'],
  ['hips-slide@left', 'Hips slide to the left: looked for, clear'],
  ['pelvis-turns', 'Pelvis turns: looked for, clear'],
  ['pelvis-drops', 'Pelvis drops while standing: looked for, clear'],
  ['knee-in', 'Knee moves in: looked for, clear'],
  ['knee-in@right', 'Right knee moves in: looked for, clear'],
] as const)('%s, clear, is said as "%s"', (key, words) =>
  expect(
    observeFaults({
      pattern: 'squat',
      setup: USUAL_SETUP,
      faults: [],
      clear: [key],
      pain: [],
    })[0].words,
  ).toBe(words),
);
