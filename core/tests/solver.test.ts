import {
  askDeepest,
  askSettle,
  attribute,
  bodyOf,
  usualSetup,
  type LimitsDeg,
  type PostureQuestion,
  type StanceSetup,
} from '../src';
import { shapley } from '../src/inference/depth/attribute';
import { QuadraticSteps } from '../src/body/solver/quadraticSteps';
import { ranges, seeded, SETUP, within } from './randomBodies';

const both = (ankle: number, hip = 105, knee = 150, lumbarBendDeg = 10): LimitsDeg => ({
  left: ranges(ankle, hip, knee),
  right: ranges(ankle, hip, knee),
  lumbarBendDeg,
});

const ask = (limits: LimitsDeg, setup: Partial<StanceSetup> = {}): PostureQuestion => ({
  pattern: 'squat',
  body: bodyOf(1.75, 75),
  setup: { ...SETUP, ...setup },
  limits,
});

function found(question: PostureQuestion) {
  const answer = askDeepest(question);
  if (answer.status !== 'found') throw new Error('not reached');
  return answer;
}

const depthOf = (question: PostureQuestion) => found(question).posture.thighDeg.left;

const WIDE = { stanceCm: 60, toeOutDeg: { left: 30, right: 30 } };

/** The figures are of a coarse grid over the same body: degrees of thigh, to within two. */
describe('a body of 1.75 m and 75 kg', () => {
  it.each([
    ['ankles 40°, hip joints 105°, low back to 10°', both(40), -6.5, 18],
    ['a low back that stays as it stands', both(40, 105, 150, 0), 0, null],
    ['a low back to 20°', both(40, 105, 150, 20), -16, null],
    ['ankles 25°', both(25), 13.5, 40],
    ['hip joints 90°', both(40, 90), 7, null],
  ] as const)('%s: stops where the model says', (_, limits, thighDeg, leanDeg) => {
    const { posture } = found(ask(limits));
    expect(Math.abs(posture.thighDeg.left - thighDeg)).toBeLessThan(2);
    if (leanDeg !== null) expect(Math.abs(posture.trunkLeanDeg - leanDeg)).toBeLessThan(3);
  });

  it.each([
    ['a 25 mm heel lift', both(25), { heelLiftMm: 25 }, 9],
    ['5 kg held ahead', both(25), { load: { at: 'ahead', kg: 5 } }, 8],
    ['a 60 cm stance with toes 30° out', both(25), WIDE, 13],
    ['arms at the sides instead of ahead', both(25), { arms: 'sides' }, -6],
    ['the wide stance, hip joints 90°', both(40, 90), WIDE, 15],
  ] as const)('%s buys what the model says', (_, limits, setup, bought) => {
    const gain = depthOf(ask(limits)) - depthOf(ask(limits, setup));
    expect(Math.abs(gain - bought)).toBeLessThan(2);
  });

  it('says what binds, and nothing that a coach does not know', () => {
    const binding = found(ask(both(40))).binding.map(({ side, limit }) => `${limit} ${side}`);
    expect(binding).toEqual([
      'ankleBend left',
      'hipBend left',
      'shinTiltOut left',
      'ankleBend right',
      'hipBend right',
      'shinTiltOut right',
      'lumbarBend null',
      'heelsPressed null',
    ]);
  });

  it('a depth out of reach is refused with what is missing', () => {
    const answer = askSettle(ask(both(25)), { thighDeg: 5 });
    expect(answer.status).toBe('blocked');
    if (answer.status !== 'blocked') return;
    const missing = answer.lacks.find(({ limit }) => limit === 'ankleBend');
    expect(missing).toMatchObject({ unit: 'deg' });
    expect(missing!.by).toBeGreaterThan(1);
  });

  it('a low back that rounds goes deeper and is reported, never silent', () => {
    const flat = found(ask(both(40, 95)));
    const round = found(ask(both(40, 95, 150, 30)));
    expect(flat.posture.lumbarBendDeg).toBeLessThan(10 + 1e-6);
    expect(round.posture.lumbarBendDeg).toBeCloseTo(30, 4);
    expect(round.posture.pelvisLeanDeg).toBeCloseTo(round.posture.trunkLeanDeg - 30, 4);
    expect(round.posture.thighDeg.left).toBeLessThan(flat.posture.thighDeg.left - 15);
  });

  it('a hand on a post is a force within bounds: it buys depth, and not all of it', () => {
    const [free, held] = [ask(both(25)), ask(both(25), { hands: 'post' })].map(depthOf);
    expect(held).toBeLessThan(free - 8);
    const { posture } = found(ask(both(25), { hands: 'post' }));
    expect(Math.abs(posture.pullNewton)).toBeLessThanOrEqual(0.25 * 75 * 9.81);
    expect(posture.pressureAhead).toBeGreaterThan(0.12 - 1e-6);
    expect(held).toBeGreaterThan(-20);
  });
});

/** What is commonly reported of unloaded squats to level, arms ahead. */
describe('a usual body squatting to level stands as people do', () => {
  const random = seeded(11);
  const postures = Array.from({ length: 120 }, () => {
    const heightM = within(random, 1.55, 1.92);
    const of = (share: number) => share * heightM * within(random, 0.96, 1.04);
    const massKg = within(random, 20, 28) * heightM ** 2;
    const body = bodyOf(heightM, massKg, {
      thighM: of(0.245),
      shankM: of(0.246),
      trunkM: of(0.288),
    });
    const own = ranges(within(random, 35, 45), within(random, 100, 115));
    const limits = { left: own, right: own, lumbarBendDeg: 30 };
    const answer = askSettle({ pattern: 'squat', body, setup: SETUP, limits }, { thighDeg: 0 });
    if (answer.status !== 'found') throw new Error('not settled');
    const toeM = 0.75 * body.sides.left.footM * Math.cos((10 * Math.PI) / 180);
    return { ...answer.posture, massKg, pastToesCm: 100 * (answer.state.legs.left.knee[0] - toeM) };
  });
  type Told = (typeof postures)[number];

  it.each<[string, (told: Told) => number, number, number]>([
    ['ankle bend', ({ ankleBendDeg }) => ankleBendDeg.left, 30, 40],
    ['knee bend', ({ kneeBendDeg }) => kneeBendDeg.left, 110, 130],
    ['thigh against pelvis', ({ hipBendDeg }) => hipBendDeg.left, 90, 110],
    ['trunk lean', ({ trunkLeanDeg }) => trunkLeanDeg, 30, 45],
    ['low back', ({ lumbarBendDeg }) => lumbarBendDeg, 10, 25],
    ['knees past the toes, cm', ({ pastToesCm }) => pastToesCm, 2, 9],
    ['knee, Nm/kg', ({ momentsNm, massKg }) => momentsNm.left.knee / massKg, 0.6, 1.3],
    ['hip, Nm/kg', ({ momentsNm, massKg }) => momentsNm.left.hip / massKg, 0.5, 1.2],
    ['ankle, Nm/kg', ({ momentsNm, massKg }) => momentsNm.left.ankle / massKg, 0.1, 0.6],
  ])('%s: the median lies where it is reported', (_, of, least, most) => {
    const sorted = postures.map(of).sort((a, b) => a - b);
    const median = sorted[sorted.length / 2];
    expect(median).toBeGreaterThan(least);
    expect(median).toBeLessThan(most);
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
    const short = { ...ranges(40, 105), ankleBendStraightDeg: 20 };
    expect(depthOf(ask({ left: short, right: short }))).toBeCloseTo(depthOf(ask(both(40))), 4);
  });
});

it.each([
  ['hinge', 'left'],
  ['lunge', 'left'],
  ['lunge', 'right'],
  ['split', 'right'],
] as const)('a usual %s, %s foot in front, misses nothing for its set-up', (pattern, front) => {
  const setup = { ...usualSetup(pattern, 1.75), ...(pattern === 'hinge' ? {} : { front }) };
  const input = { ...ask({}), pattern, setup, seenDeg: null };
  expect(attribute(input).shares).toEqual([]);
  const wide = attribute({ ...input, setup: { ...setup, stanceCm: setup.stanceCm + 12 } });
  expect(wide.shares.map(({ part }) => part)).toEqual(['set-up']);
});

/** A step has a valley with the hips over the front foot, and one with them over the other way. */
it.each([
  [30, 25, 125, 60, -5.8],
  [30, 45, 110, 60, 3.5],
  [40, 45, 110, 60, 2.7],
] as const)(
  'a split on ankles of %i° and %i° with a rear knee of %i° finds the deeper valley',
  (front, rear, knee, stepCm, thighDeg) => {
    const { depthDeg } = found({
      ...ask({ left: ranges(front, 120, 140), right: ranges(rear, 120, knee) }),
      pattern: 'split',
      setup: { ...usualSetup('split', 1.75), front: 'left', stepCm },
    });
    expect(Math.abs(depthDeg - thighDeg)).toBeLessThan(0.1);
  },
);

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
