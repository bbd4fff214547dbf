import {
  FLAGS,
  oneReferQuestion,
  USUAL_SETUP,
  type CaseFile,
  type Pain,
  type Setup,
  type Trace,
} from '../src';
import { cautionsOf, STANDING_CAUTION, standingCautions } from '../src/inference/safety/cautionsOf';
import { LIKELY_ENOUGH } from '../src/inference/trace/likelyEnough';
import { painAt } from './painAt';

const CLIENT: CaseFile['client'] = {
  heightM: 1.7,
  massKg: 70,
  flags: [],
  refer: [],
  history: [],
  given: [],
};
const told = (part: Partial<CaseFile['client']>, pain: readonly Pain[] = []) => ({
  client: { ...CLIENT, ...part },
  look: { pain },
});
const file = (
  part: Partial<CaseFile['client']>,
  pain: readonly Pain[] = [],
  checks: CaseFile['checks'] = [],
) => ({ ...told(part, pain), probes: [], checks }) as unknown as CaseFile;
const traced = (...causes: { kind: string; p: number }[]) => ({ causes }) as unknown as Trace;
const says = (one: CaseFile, found = traced()) => cautionsOf(one, found);

const hip = (mostDeg?: number) =>
  ({ what: 'operation', region: 'hip', side: 'left', replaced: true, mostDeg }) as const;
const LIMB = { cause: 'prosthesis', side: 'right', region: 'calf' } as const;

it('of somebody with nothing to say: where it stands, and no more', () => {
  expect(says(file({}))).toEqual([
    'Supports a coach’s judgement and makes no diagnosis; local rules and licensed clinicians come first.',
  ]);
  expect(standingCautions(told({}))).toEqual([]);
});

describe('pain', () => {
  const STOP =
    'Pain at the right inner knee: stop what brings it on, and ask the stop-and-refer questions.';
  const EASIER = 'Pain at the right inner knee: make it easier.';
  it.each<[Partial<Pain>, string[]]>([
    [{ score: 2 }, []],
    [{ score: 3 }, [EASIER]],
    [{ score: 4 }, [EASIER]],
    [{ score: 5 }, [STOP]],
    [{ score: 1, kind: 'sharp' }, [STOP]],
  ])('%j', (part, expected) => {
    const pain = [painAt({ region: 'inner-knee', ...part })];
    expect(standingCautions(told({}, pain))).toEqual(expected);
    expect(says(file({}, pain))).toEqual([...expected, STANDING_CAUTION]);
  });

  it.each<[string, Partial<Pain>[], string[]]>([
    ['the same kind twice', [{ score: 3 }, { score: 6 }], [STOP]],
    [
      'two kinds that ask for different things',
      [{ score: 3 }, { score: 2, kind: 'sharp' }],
      [STOP.replace(':', ', told as ache and as sharp; the stricter counts:')],
    ],
    ['two kinds that ask for the same', [{ score: 5 }, { score: 2, kind: 'sharp' }], [STOP]],
    ['two that ask for nothing', [{ score: 1 }, { score: 2, kind: 'pull' }], []],
  ])('of one place is told once, by the stricter: %s', (_name, parts, expected) => {
    const pain = parts.map((part) => painAt({ region: 'inner-knee', ...part }));
    expect(standingCautions(told({}, pain))).toEqual(expected);
    expect(standingCautions(told({}, pain.toReversed())).length).toBe(expected.length);
  });

  it('of two sides is told for each', () => {
    const pain = [painAt({ side: 'left', score: 3 }), painAt({ score: 6 })];
    expect(standingCautions(told({}, pain))).toEqual([
      'Pain at the left knee: make it easier.',
      'Pain at the right knee: stop what brings it on, and ask the stop-and-refer questions.',
    ]);
  });

  const ELSE = 'Nothing in this look loads it: ask what else brings it on.';
  it.each<[Pain['region'], Partial<Setup>, boolean]>([
    ['wrist', {}, true],
    ['elbow', {}, true],
    ['neck', {}, true],
    ['shoulder', { arms: 'crossed' }, true],
    ['shoulder', {}, false],
    ['shoulder', { arms: 'overhead' }, false],
    ['wrist', { hands: 'post' }, false],
    ['elbow', { hands: 'post' }, false],
    ['shoulder', { arms: 'sides', hands: 'post' }, false],
    ['neck', { hands: 'post' }, true],
    ['wrist', { load: { at: 'front', kg: 20 } }, false],
    ['elbow', { load: { at: 'front', kg: 20 } }, false],
    ['shoulder', { arms: 'sides', load: { at: 'suitcase', kg: 8 } }, false],
    ['neck', { load: { at: 'back', kg: 20 } }, false],
    ['knee', {}, false],
    ['low-back', {}, false],
    ['big-toe', {}, false],
  ])('at the %s, set up with %j: loaded by nothing: %s', (region, part, isIdle) => {
    const look = { pain: [painAt({ region })], setup: { ...USUAL_SETUP, ...part } };
    const [said] = standingCautions({ ...told({}), look });
    expect(said.endsWith(ELSE)).toBe(isIdle);
  });

  it('that is electric where no nerve of the leg runs is not ours', () => {
    const STRANGE =
      'Electric pain at the right shoulder is no nerve of the leg that we know how to slide: refer it to a clinician.';
    const electric = (part: Partial<Pain>) =>
      standingCautions(told({}, [painAt({ kind: 'electric', score: 1, ...part })])).filter(
        (one) => one === STRANGE,
      ).length;
    expect(electric({ region: 'shoulder' })).toBe(1);
    expect(electric({ region: 'shoulder', score: 0 })).toBe(0);
    expect(electric({ region: 'shoulder', kind: 'ache' })).toBe(0);
    expect(standingCautions(told({}, [painAt({ region: 'calf', kind: 'electric' })]))).toEqual([
      'Pain at the right calf: stop what brings it on, and ask the stop-and-refer questions.',
    ]);
  });
});

describe('joints', () => {
  const PINCH = 'A pinch: move up to it, never into it.';
  const INNER =
    'A pull inside the knee: close the knee or raise the seat; the hip is asking it to twist.';
  const check = (part: object) => ({ check: 'hip-bend', side: 'left', ...part }) as never;
  const both = (checks: CaseFile['checks'], pain: Pain[] = []) =>
    says(file({}, pain, checks)).filter((one) => one === PINCH || one === INNER);
  it('a pinch in a check, or told of a look', () => {
    expect(both([])).toEqual([]);
    expect(both([check({})])).toEqual([]);
    expect(both([check({}), check({ pinch: true })])).toEqual([PINCH]);
    expect(both([], [painAt(), painAt({ kind: 'pinch' })])).toEqual([PINCH]);
    expect(both([check({})], [painAt()])).toEqual([]);
  });
  it('a pull inside the knee', () => {
    expect(both([check({ felt: 'front' })])).toEqual([]);
    expect(both([check({ felt: 'front' }), check({ felt: 'inner-knee' })])).toEqual([INNER]);
  });
});

it.each([
  ['nerve', LIKELY_ENOUGH, true],
  ['nerve', LIKELY_ENOUGH - 0.001, false],
  ['restriction', 0.99, false],
])('a %s of %f', (kind, p, isTold) =>
  expect(says(file({}), traced({ kind: 'control', p: 0.9 }, { kind, p }))).toEqual([
    ...(isTold ? ['A nerve is slid, small and without symptoms; never held on stretch.'] : []),
    STANDING_CAUTION,
  ]),
);

describe('flags', () => {
  it.each(FLAGS.map(({ id, name, note }) => [id, `${name}: ${note}`, name.toLowerCase()] as const))(
    '%s',
    (id, whole, name) => {
      const part = { flags: [id] };
      const all = says(file(part));
      expect(all.filter((one) => FLAGS.some(({ note }) => one.endsWith(note)))).toEqual([whole]);
      expect(standingCautions(told(part)).at(-1)).toBe(`Flags: ${name}.`);
    },
  );

  it('several in one line', () =>
    expect(standingCautions(told({ flags: ['minor', 'osteoporosis'] }))).toEqual([
      'Flags: osteoporosis, under age.',
    ]));

  it.each<[string, Partial<CaseFile['client']>, string[]]>([
    [
      'which joint',
      { flags: ['joint-replacement'] },
      [
        'Ask which joint was replaced and what the surgeon allows: until then all hips and knees are spared.',
      ],
    ],
    ['how far', { history: [hip()] }, ['Ask how far the surgeon lets the replaced left hip bend.']],
    ['nothing, both are told', { history: [hip(90)] }, []],
    [
      'which limb',
      { flags: ['prosthesis'] },
      ['Say on which side the prosthesis is, and where the limb ends.'],
    ],
    ['nothing, the limb is told', { given: [LIMB] }, []],
    ['nothing of one who has neither', { flags: ['minor'] }, []],
  ])('asks for %s', (_what, part, expected) => {
    expect(standingCautions(told(part)).slice(0, -1)).toEqual(expected);
    expect(says(file(part)).slice(0, expected.length)).toEqual(expected);
    expect(says(file(part)).some((one) => /^(Ask|Say)/.test(one))).toBe(expected.length > 0);
  });
});

it('what must go to a clinician comes first, each once', () => {
  const refer = ['night-pain', 'fever', 'night-pain'] as const;
  const pain = [painAt()];
  expect(says(file({ refer: [...refer], flags: ['minor'] }, pain))).toEqual([
    oneReferQuestion('night-pain').say,
    oneReferQuestion('fever').say,
    'Pain at the right knee: stop what brings it on, and ask the stop-and-refer questions.',
    'Under age: A guardian consents.',
    STANDING_CAUTION,
  ]);
});
