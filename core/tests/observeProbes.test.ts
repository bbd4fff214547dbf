import { PROBES, type ProbeFinding } from '../src';
import { observeProbes, withSide } from '../src/inference/trace/observe/observeProbes';
import { fileOf } from './fileMadeUp';

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
