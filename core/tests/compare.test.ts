import { compareReport, setupDifferences, USUAL_SETUP, type LookComparison } from '../src';

const look = (part: object = {}) => ({
  look: {
    pattern: 'squat',
    setup: USUAL_SETUP,
    faults: [{ fault: 'hips-slide', side: 'left', phase: 'bottom', grade: 'plain' }],
    ...part,
  },
  checks: [{ check: 'ankle-bend-knee-bent', side: 'right', passive: 26 }],
});

function compared(input: unknown) {
  const read = compareReport(input);
  if (read.status === 'bad') throw new Error(JSON.stringify(read.problems));
  return read.value;
}

function problemsOf(input: unknown): string[] {
  const read = compareReport(input);
  return read.status === 'ok' ? [] : read.problems.map(({ path }) => path);
}

describe('two looks', () => {
  const after = {
    ...look({ faults: [], clear: ['hips-slide@left'] }),
    checks: [{ check: 'ankle-bend-knee-bent', side: 'right', passive: 34 }],
  };

  it('are held against the error of the eye and of the check', () => {
    const { verdicts, withheld, faults } = compared({ before: look(), after }) as LookComparison;
    expect(verdicts.map(({ of, word, change }) => [of, word, change])).toEqual([
      ['hips-slide@left', 'better', 'plain → clear'],
      ['ankle-bend-knee-bent@right', 'better', '26° → 34°'],
    ]);
    expect(withheld).toEqual([]);
    expect(faults).toEqual({ better: 1, same: 0, worse: 0, p: 1 });
  });

  it('set up otherwise: the faults are withheld, with what differs; the checks are not', () => {
    const other = { ...after, look: { ...after.look, setup: { ...USUAL_SETUP, stanceCm: 48 } } };
    const { verdicts, withheld, faults } = compared({
      before: look(),
      after: other,
    }) as LookComparison;
    expect(withheld).toEqual(['stance 36 cm, then 48 cm']);
    expect(verdicts.map(({ about }) => about)).toEqual(['check']);
    expect(faults).toEqual({ better: 0, same: 0, worse: 0, p: 1 });
  });

  it('of two patterns, or with what no table knows, are refused with the path', () => {
    expect(problemsOf({ before: look(), after: look({ pattern: 'hinge', faults: [] }) })).toEqual([
      'after.look.pattern',
    ]);
    expect(problemsOf({ before: look({ faults: [{ fault: 'wobble' }] }), after })[0]).toMatch(
      /^before\.look\.faults\.0\.fault$/,
    );
    expect(problemsOf({ before: look(), after: 7 })).toEqual(['after']);
  });
});

it.each([
  ['nothing', {}, []],
  ['stance', { stanceCm: 40 }, ['stance 36 cm, then 40 cm']],
  ['load', { load: { at: 'goblet', kg: 8 } }, ['load none, then 8 kg goblet']],
  ['one toe', { toeOutDeg: { left: 10, right: 20 } }, ['right toes 10°, then 20°']],
  ['depth aimed for', { depthAimDeg: 0 }, ['depth aimed for own, then 0°']],
  [
    'heels and hands',
    { heelLiftMm: 20, hands: 'post' },
    ['heels 0 mm up, then 20 mm up', 'hands free, then post'],
  ],
])('set-ups that differ in %s', (_name, part, words) => {
  expect(setupDifferences(USUAL_SETUP, { ...USUAL_SETUP, ...part } as typeof USUAL_SETUP)).toEqual(
    words,
  );
});

describe('two series', () => {
  it('of a known check take its error and its direction', () => {
    expect(
      compared({ check: 'ankle-bend-knee-bent', before: [27, 26], after: [33, 34] }),
    ).toMatchObject({
      measure: 'ankle-bend-knee-bent',
      unit: 'deg',
      sem: 1.7,
      betterIs: 'more',
      word: 'better',
      change: 7,
      ownRepeats: 0,
      before: { mean: 26.5, n: 2 },
    });
  });

  it('of a fault in numbers: less is better, and of the shin more', () => {
    expect(compared({ fault: 'hips-slide', before: 34, after: 6 })).toMatchObject({
      word: 'better',
    });
    expect(compared({ fault: 'shin-stays-upright', before: 5, after: 30 })).toMatchObject({
      word: 'better',
      betterIs: 'more',
    });
  });

  it('of anything else with their own error; own repeats draw it', () => {
    const input = {
      sem: 2,
      betterIs: 'less',
      before: 20,
      after: 10,
      repeats: [
        [10, 11, 12],
        [20, 24],
      ],
    };
    expect(compared(input)).toMatchObject({ sem: 1.954, ownRepeats: 3, word: 'better' });
  });

  it.each([
    ['nothing named', { before: 1, after: 2 }, ''],
    ['an unknown check', { check: 'grip', before: 1, after: 2 }, 'check'],
    ['a check that is no range', { check: 'breath-low', before: 1, after: 2 }, 'check'],
    ['an empty series', { check: 'hip-bend', before: [], after: 2 }, 'before'],
    ['words for numbers', { check: 'hip-bend', before: ['1'], after: 2 }, 'before.0'],
    ['no after', { check: 'hip-bend', before: 1 }, 'after'],
    ['an error of nothing', { sem: 0, betterIs: 'more', before: 1, after: 2 }, 'sem'],
  ])('%s is refused with the path', (_name, input, path) => {
    expect(problemsOf(input)).toContain(path);
  });
});
