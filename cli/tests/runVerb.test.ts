import { runVerb } from '../src/runVerb';

const INPUT = {
  pattern: 'squat',
  body: { heightM: 1.75, massKg: 75 },
  setup: {
    stanceCm: 36,
    toeOutDeg: { left: 10, right: 10 },
    heelLiftMm: 0,
    arms: 'forward',
    hands: 'free',
    load: { at: 'none', kg: 0 },
  },
  limits: {
    left: { ankleBendDeg: 40, hipBendDeg: 120, kneeBendDeg: 150 },
    right: { ankleBendDeg: 25, hipBendDeg: 120, kneeBendDeg: 150 },
  },
};

const run = (verb: string, input: unknown) => runVerb(verb, () => JSON.stringify(input));

function document(verb: string, input: unknown): Record<string, never> {
  const answer = run(verb, input);
  if (answer.status === 'bad') throw new Error(answer.lines.join('\n'));
  return answer.document as Record<string, never>;
}

it('deepest prints posture and what binds', () => {
  const { posture, binding } = document('deepest', INPUT);
  expect(Object.keys(posture)).toEqual(
    expect.arrayContaining(['thighDeg', 'hipHeightM', 'shareLeft', 'momentsNm', 'comM']),
  );
  expect(binding).toContainEqual({ side: 'right', limit: 'ankleBend' });
});

it('settle stands at the asked depth', () => {
  const { posture } = document('settle', { ...INPUT, thighDeg: 20 });
  const { left, right } = posture['thighDeg'] as { left: number; right: number };
  expect((left + right) / 2).toBeCloseTo(20, 6);
  expect(posture['pelvisShiftMm']).toBeGreaterThan(0);
});

it('settle says what is missing for a depth out of reach', () => {
  const { posture, blocked } = document('settle', { ...INPUT, thighDeg: -20 });
  expect(posture).toBeNull();
  expect(blocked[0]).toMatchObject({ side: 'right', limit: 'ankleBend', unit: 'deg' });
});

it('fit offers a set-up and what each step buys', () => {
  const { fit } = document('fit', { ...INPUT, aim: { for: 'depth', thighDeg: 0 } });
  const { best, tradeOff } = fit as { best: { value: number }; tradeOff: { value: number }[] };
  expect(best.value).toBeLessThan(0.1);
  expect(tradeOff.length).toBeGreaterThan(1);
});

type Fields = Record<string, unknown>;

/** The input with one field, named by its path, changed. */
function changed(path: string, value: unknown): unknown {
  const copy = structuredClone(INPUT) as Fields;
  const steps = path.split('.');
  const last = steps.pop()!;
  let at: Fields = copy;
  for (const step of steps) {
    at[step] ??= {};
    at = at[step] as Fields;
  }
  at[last] = value;
  return copy;
}

it.each([
  ['deepest', 'body.heightM', 0, /body\.heightM/],
  ['deepest', 'body.massKg', -5, /body\.massKg/],
  ['deepest', 'body.segments.thighM', 0, /body\.segments\.thighM/],
  ['deepest', 'body.segments.shankM', -0.4, /body\.segments\.shankM/],
  ['deepest', 'body.segments.thighM', 0.7, /segments\.thighM: a thigh of 70 cm is too long/],
  ['deepest', 'body.segments.footM', { left: 0.26 }, /segments\.footM/],
  ['deepest', 'limits.left.straightLegRaiseDeg', 130, /straightLegRaiseDeg.*limits cross/],
  ['deepest', 'limits.right.ankleBendStraightDeg', 30, /ankleBendStraightDeg.*limits cross/],
  ['deepest', 'limits.left.kneeBend', 30, /limits\.left\.kneeBend/],
  ['deepest', 'setup.stanceCm', 0, /setup\.stanceCm/],
  ['deepest', 'setup.stanceCm', 160, /setup\.stanceCm: feet 160 cm apart/],
  ['deepest', 'setup.load', { at: 'ahead', kg: 240 }, /setup\.load\.kg: 240 kg/],
  ['deepest', 'setup.load', { at: 'none', kg: 5 }, /setup\.load\.at/],
  ['deepest', 'setup.load', { at: 'nowhere', kg: 5 }, /setup\.load\.at/],
  ['deepest', 'setup.arms', 'akimbo', /setup\.arms/],
  ['deepest', 'pattern', 'jump', /pattern/],
  ['deepest', 'tuckDeg', 70, /tuckDeg/],
  ['settle', 'body.massKg', 75, /thighDeg: the depth to settle at is missing/],
  ['fit', 'body.massKg', 75, /aim: what to fit for is missing/],
  ['fit', 'aim', { for: 'depth' }, /aim\.thighDeg: how deep the squat shall go is missing/],
  ['fit', 'aim', { for: 'depth', trunkLeanDeg: 40 }, /aim\.trunkLeanDeg: a squat counts/],
  ['fit', 'aim', { for: 'grace', thighDeg: 10 }, /aim\.for/],
] as const)('%s refuses %s = %p and names the field', (verb, path, value, line) => {
  const answer = run(verb, changed(path, value));
  expect(answer.status).toBe('bad');
  if (answer.status === 'bad') expect(answer.lines.join('\n')).toMatch(line);
});

it('a hinge is fitted to a lean, and not for what its lean decides', () => {
  const hinge = { ...INPUT, pattern: 'hinge' };
  expect(document('fit', { ...hinge, aim: { for: 'depth', trunkLeanDeg: 60 } }).fit).not.toBeNull();
  const refused = run('fit', { ...hinge, aim: { for: 'upright', trunkLeanDeg: 60 } });
  expect(refused.status === 'bad' && refused.lines).toEqual([
    'aim.for: a hinge cannot be fitted for "upright"',
  ]);
});

describe('recordings', () => {
  const played = () => document('record', { body: INPUT.body, seed: 6, dropped: 0.05 });

  it('record plays one with its truth, and measure finds it', () => {
    const recording = played() as { truth?: { repetitions: unknown[] } };
    const { repetitions, measures } = document('measure', recording) as unknown as {
      repetitions: unknown[];
      measures: { measure: string }[];
    };
    expect(repetitions).toHaveLength(recording.truth!.repetitions.length);
    expect(measures.map(({ measure }) => measure)).toContain('trunk-lean');
  });

  it('measure takes a table as well', () => {
    const { frames, joints } = played() as unknown as {
      frames: { t: number; keypoints: number[] }[];
      joints: string[];
    };
    const lines = frames.flatMap(({ t, keypoints }) =>
      joints.map((joint, j) => [t, joint, ...keypoints.slice(3 * j, 3 * j + 3)].join(';')),
    );
    const text = ['time;joint;x;y;confidence', ...lines].join('\n').replaceAll('.', ',');
    const answer = runVerb('measure', () => text);
    expect(answer.status === 'done' && answer.document).toMatchObject({ view: 'right' });
  });

  it.each([
    ['half a file', '{"frames":[', '(root): the file ends in the middle'],
    ['words', 'hips slide', '(root): is neither keypoint JSON nor a table'],
    ['columns without names', 'a,b,c,d\n1,2,3,4', 'columns: none of a, b, c, d is named time'],
  ])('measure refuses %s', (_, text, line) => {
    const answer = runVerb('measure', () => text);
    expect(answer.status === 'bad' && answer.lines[0]).toContain(line);
  });

  it('record names the field that is wrong', () => {
    const answer = run('record', { body: INPUT.body, camera: { view: 'above' } });
    expect(answer.status === 'bad' && answer.lines[0]).toMatch(/^camera\.view/);
  });
});

it('a file that is not there is told', () => {
  const answer = runVerb('measure', () => {
    throw new Error('ENOENT: no such file');
  });
  expect(answer).toEqual({
    status: 'bad',
    lines: ['(file): cannot be read: ENOENT: no such file'],
  });
});

it.each([
  ['an unknown verb', 'guess', '{}', /usage/],
  ['a word every object has', 'toString', '{}', /usage/],
  ['text that is not JSON', 'deepest', 'squat', /JSON/],
  ['nothing', 'deepest', '[]', /root/],
] as const)('%s is refused', (_, verb, text, line) => {
  const answer = runVerb(verb, () => text);
  expect(answer.status).toBe('bad');
  if (answer.status === 'bad') expect(answer.lines[0]).toMatch(line);
});
