import {
  PROBES,
  USUAL_SETUP,
  type CaseFile,
  type CheckFinding,
  type Grade,
  type ProbeFinding,
} from '../src';
import { observeChecks } from '../src/inference/trace/observe/observeChecks';
import { observeFaults } from '../src/inference/trace/observe/observeFaults';
import { observeProbes, withSide } from '../src/inference/trace/observe/observeProbes';
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

describe('probes', () => {
  const outcome = (
    probe: ProbeFinding['probe'],
    value: ProbeFinding['outcome'],
    fault: ProbeFinding['fault'] = 'hips-slide',
  ): ProbeFinding => ({ probe, outcome: value, fault });
  const observe = (...probes: ProbeFinding[]) =>
    observeProbes(
      fileOf({
        probes,
        look: { faults: [{ fault: 'hips-slide', side: 'left', phase: 'bottom', grade: 'plain' }] },
      }),
    ).map((one) => [one.finding, one.ratio, one.about]);

  it('count once, however many faults they helped, and take the side of the fault', () => {
    expect(
      observe(outcome('heels-up', 'better'), outcome('heels-up', 'better', 'trunk-folds')),
    ).toEqual([['probe:heels-up:better', Infinity, { fault: 'hips-slide', side: 'left' }]]);
  });

  it('that did not help speak against what they would have spoken for', () => {
    expect(observe(outcome('heels-up', 'same'))).toEqual([
      ['probe:heels-up:better', 0, expect.anything()],
    ]);
  });

  it('not even with a post says something of its own', () => {
    expect(observe(outcome('post', 'same')).map(([finding]) => finding)).toEqual([
      'probe:post:better',
      'probe:post:same',
    ]);
  });

  it.each([
    ['better somewhere is better', [['same'], ['better', 'tips-back']], 'better'],
    [
      'worse somewhere is worse, if it is better nowhere',
      [['same'], ['worse', 'tips-back']],
      'worse',
    ],
    [
      'better somewhere, however much worse elsewhere',
      [['worse'], ['better', 'tips-back']],
      'better',
    ],
    ['the same everywhere is the same', [['same'], ['same', 'tips-back']], 'same'],
  ] as const)('%s, in whatever order', (_name, all, outcomeOfAll) => {
    const probes = all.map(([value, fault]) => outcome('post', value, fault));
    const seen = outcomeOfAll === 'better' ? [Infinity] : [0, Infinity];
    for (const order of [probes, probes.toReversed()])
      expect(observe(...order).map(([, ratio]) => ratio)).toEqual(seen);
  });

  it('worse somewhere is worse, in whatever order', () => {
    const both = [outcome('toes-straight', 'same'), outcome('toes-straight', 'worse', 'tips-back')];
    for (const order of [both, both.toReversed()])
      expect(observe(...order).map(([finding, ratio]) => [finding, ratio])).toEqual([
        ['probe:toes-straight:worse', Infinity],
      ]);
  });

  it('are told by what came of them', () => {
    const words = (...probes: ProbeFinding[]) =>
      observeProbes(fileOf({ probes })).map((one) => one.words);
    expect(words(outcome('post', 'better'))).toEqual(['Hand on a post: better']);
    expect(words(outcome('post', 'same'))).toEqual([
      'Hand on a post: same',
      'Hand on a post: same, as deep as without',
    ]);
    expect(words(outcome('toes-straight', 'worse'))).toEqual(['Toes straight: worse']);
  });

  describe('done on one side', () => {
    const lifted = (side?: 'left' | 'right') =>
      observeProbes(
        fileOf({
          probes: [{ ...outcome('one-heel-up', 'better', 'knee-in'), side }],
          look: {
            faults: [
              { fault: 'hips-slide', side: 'left', phase: 'bottom', grade: 'plain' },
              { fault: 'knee-in', side: 'right', phase: 'up', grade: 'plain' },
            ],
          },
        }),
      )[0];

    it('speak of that side, whatever the side of the fault', () => {
      expect(lifted('left')).toMatchObject({ side: 'left', about: undefined });
      expect(lifted('right')).toMatchObject({ side: 'right', about: undefined });
    });

    it('and of what their own fault points at when nobody said which', () =>
      expect(lifted()).toMatchObject({ side: null, about: { fault: 'knee-in', side: 'right' } }));
  });

  it('keep the side that was told, take that of their fault, and no other', () => {
    const { look } = fileOf({
      look: {
        faults: [
          { fault: 'knee-in', side: 'right', phase: 'up', grade: 'plain' },
          { fault: 'hips-slide', side: 'left', phase: 'bottom', grade: 'plain' },
        ],
      },
    });
    const sideOf = (probe: ProbeFinding) => withSide(probe, look).side;
    expect(sideOf(outcome('post', 'better'))).toBe('left');
    expect(sideOf({ ...outcome('post', 'better'), side: 'right' })).toBe('right');
    expect(sideOf({ ...outcome('post', 'better'), side: null })).toBeNull();
    expect(sideOf(outcome('post', 'better', 'tips-back'))).toBeNull();
    expect(sideOf(outcome('one-heel-up', 'better'))).toBeUndefined();
  });

  it('are all understood', () => {
    for (const { id } of PROBES)
      expect(observe(outcome(id, 'better')).length).toBeGreaterThanOrEqual(1);
  });

  it.each([
    ['worse', Infinity],
    ['same', 0],
    ['better', 0],
  ] as const)('toes straight, %s: worse is a finding of its own', (value, ratio) => {
    expect(observe(outcome('toes-straight', value))).toEqual([
      ['probe:toes-straight:worse', ratio, expect.anything()],
    ]);
  });
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
