import {
  askDeepest,
  askSettle,
  attribute,
  bodyOf,
  type LimitsDeg,
  type PostureQuestion,
  type StanceSetup,
} from '../src';
import { shapley } from '../src/inference/depth/attribute';
import { QuadraticSteps } from '../src/body/solver/quadraticSteps';
import { ranges, SETUP } from './randomBodies';

const both = (ankle: number, hip = 120, knee = 150): LimitsDeg => ({
  left: ranges(ankle, hip, knee),
  right: ranges(ankle, hip, knee),
});

const ask = (limits: LimitsDeg, setup: Partial<StanceSetup> = {}): PostureQuestion => ({
  pattern: 'squat',
  body: bodyOf(1.75, 75),
  setup: { ...SETUP, ...setup },
  limits,
  tuckDeg: 0,
});

function found(question: PostureQuestion) {
  const answer = askDeepest(question);
  if (answer.status !== 'found') throw new Error('not reached');
  return answer;
}

const depthOf = (question: PostureQuestion) => found(question).posture.thighDeg.left;

describe('a body of 1.75 m and 75 kg', () => {
  it.each([
    ['ankles 40°, hips 120°', ask(both(40)), 0.1, 30],
    ['ankles 25°', ask(both(25)), 21.5, 51],
    ['hips 100°', ask(both(40, 100)), 16, null],
  ] as const)('%s: stops where the model says', (_, question, thighDeg, leanDeg) => {
    const { posture } = found(question);
    expect(Math.abs(posture.thighDeg.left - thighDeg)).toBeLessThan(1);
    if (leanDeg !== null) expect(Math.abs(posture.trunkLeanDeg - leanDeg)).toBeLessThan(1);
  });

  it.each([
    ['a 25 mm heel lift', { heelLiftMm: 25 }, 10.5],
    ['5 kg held ahead', { load: { at: 'ahead', kg: 5 } }, 9.5],
    ['a 60 cm stance with toes 30° out', { stanceCm: 60, toeOutDeg: { left: 30, right: 30 } }, 9.5],
  ] as const)('stiff ankles: %s buys what the model says', (_, setup, bought) => {
    const gain = depthOf(ask(both(25))) - depthOf(ask(both(25), setup));
    expect(Math.abs(gain - bought)).toBeLessThan(1);
  });

  it('says what binds', () => {
    expect(found(ask(both(40))).binding).toEqual([
      { side: 'left', limit: 'ankleBend' },
      { side: 'left', limit: 'hipBend' },
      { side: 'right', limit: 'ankleBend' },
      { side: 'right', limit: 'hipBend' },
    ]);
  });

  it('a depth out of reach is refused with what is missing', () => {
    const answer = askSettle(ask(both(25)), { thighDeg: 5 });
    expect(answer.status).toBe('blocked');
    if (answer.status !== 'blocked') return;
    expect(answer.lacks[0]).toMatchObject({ limit: 'ankleBend', unit: 'deg' });
    expect(answer.lacks[0].by).toBeGreaterThan(3);
  });

  it('a tuck goes deeper and is reported, never silent', () => {
    const plain = found(ask(both(40, 100)));
    const tucked = found({ ...ask(both(40, 100)), tuckDeg: 20 });
    expect(plain.posture.pelvisTuckDeg).toBe(0);
    expect(tucked.posture.pelvisTuckDeg).toBeCloseTo(20, 4);
    expect(tucked.posture.thighDeg.left).toBeLessThan(plain.posture.thighDeg.left - 5);
  });

  it('a hand on a post takes balance away as a condition', () => {
    expect(depthOf(ask(both(25), { hands: 'post' }))).toBeLessThan(-20);
  });
});

describe('muscles over two joints', () => {
  const hinge = (straightLegRaiseDeg: number): PostureQuestion => ({
    ...ask({
      left: { ...ranges(40), straightLegRaiseDeg },
      right: { ...ranges(40), straightLegRaiseDeg },
    }),
    pattern: 'hinge',
  });

  it.each([
    [55, 'short hamstrings stop a hinge early'],
    [75, 'longer ones later'],
  ])('a straight-leg raise of %d°: %s', (deg) => {
    const { posture, binding } = found(hinge(deg));
    expect(binding).toContainEqual({ side: 'left', limit: 'hamstrings' });
    expect(posture.hipBendDeg.left).toBeCloseTo(deg + 0.7 * posture.kneeBendDeg.left, 4);
  });

  it('a short long calf muscle does not touch a deep squat, where the knees are bent', () => {
    const short = { ...ranges(40), ankleBendStraightDeg: 20 };
    expect(depthOf(ask({ left: short, right: short }))).toBeCloseTo(depthOf(ask(both(40))), 4);
  });
});

describe.each(['split', 'lunge'] as const)('%s', (pattern) => {
  const question = (right: object): PostureQuestion => ({
    ...ask(
      { left: ranges(40), right: { ...ranges(40), ...right } },
      { stanceCm: 14, arms: 'sides', stepCm: 80 },
    ),
    pattern,
  });

  it('a rear hip that does not extend keeps the trunk forward at the same depth', () => {
    const lean = (hipExtendDeg: number) => {
      const answer = askSettle(question({ hipExtendDeg }), { thighDeg: 25 });
      if (answer.status !== 'found') throw new Error('not settled');
      expect(answer.posture.hipBendDeg.right).toBeGreaterThanOrEqual(-hipExtendDeg - 1e-4);
      return answer.posture.trunkLeanDeg;
    };
    expect(lean(-15)).toBeGreaterThan(lean(20) + 2);
  });

  it('most of the weight is in front and the rear knee stays over the floor', () => {
    const answer = askSettle(question({}), { thighDeg: 5 });
    if (answer.status !== 'found') throw new Error('not settled');
    expect(answer.posture.shareLeft).toBeGreaterThan(0.5);
    expect(answer.state.legs.right.knee[2]).toBeGreaterThan(0.05 - 1e-6);
  });
});

describe('attribution', () => {
  const shares = (limits: LimitsDeg, seenDeg: number | null = null) =>
    attribute({ ...ask(limits), seenDeg });
  const cm = (answer: ReturnType<typeof shares>, part: string) =>
    answer.shares.find((one) => one.part === part)?.cm ?? 0;

  it.each([
    ['one stiff ankle', { left: ranges(40), right: ranges(28) }, 20],
    ['stiff ankles, a stiff hip', { left: ranges(30), right: ranges(28, 105) }, null],
    ['nothing short', both(40), 15],
  ] as const)('%s: the shares add up exactly', (_, limits, seen) => {
    const answer = shares(limits, seen);
    const sum = answer.shares.reduce((total, one) => total + one.cm, 0);
    expect(sum).toBeCloseTo(answer.shortfallCm, 9);
  });

  it('equal sides share equally, the stiffer one takes more', () => {
    const even = shares(both(28));
    expect(cm(even, 'left ankle')).toBeCloseTo(cm(even, 'right ankle'), 6);
    const uneven = shares({ left: ranges(36), right: ranges(26) });
    expect(cm(uneven, 'right ankle')).toBeGreaterThan(cm(uneven, 'left ankle'));
  });

  it('free ranges and a shallow squat: all of it is not explained by range', () => {
    const answer = shares(both(45, 130), 20);
    expect(answer.shares).toEqual([{ part: 'not explained by range', cm: expect.any(Number) }]);
    expect(answer.shares[0].cm).toBeGreaterThan(10);
  });
});

it('Shapley values of a glove game: the rare glove is worth most', () => {
  // Players 0 and 1 hold left gloves, player 2 the only right one; a pair is worth 1.
  const worth = (members: number) => (members & 4 && members & 3 ? 1 : 0);
  const values = shapley(Array.from({ length: 8 }, (_, members) => worth(members)));
  expect(values[0]).toBeCloseTo(1 / 6, 12);
  expect(values[1]).toBeCloseTo(1 / 6, 12);
  expect(values[2]).toBeCloseTo(2 / 3, 12);
});

describe('quadratic step', () => {
  const identity = [1, 0, 0, 1];
  it.each([
    ['free', [], [], 0, [-3, -4]],
    ['held from below', [[1, 0]], [-1], 0, [-1, -4]],
    ['an equality from above', [[1, 1]], [2], 1, [1.5, 0.5]],
    ['a condition that does not bind', [[1, 0]], [-9], 0, [-3, -4]],
  ] as const)('%s', (_, normals, least, equalities, step) => {
    const answer = new QuadraticSteps(2).find(identity, [3, 4], { normals, least, equalities });
    if (answer.status !== 'found') throw new Error('contradiction');
    answer.step.forEach((value, i) => expect(value).toBeCloseTo(step[i], 9));
  });

  it('a contradiction is said', () => {
    const normals = [
      [1, 0],
      [-1, 0],
    ];
    const answer = new QuadraticSteps(2).find(identity, [0, 0], {
      normals,
      least: [1, 1],
      equalities: 0,
    });
    expect(answer.status).toBe('contradiction');
  });
});
