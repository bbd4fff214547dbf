import { attribute, askFit, bodyOf, degOfRad, radOfDeg, USUAL_SETUP, usualSetup } from '../src';
import { centreOfMass } from '../src/body/skeleton/centreOfMass';
import { skeletonOf } from '../src/body/skeleton/skeletonOf';
import { askDeepest, askSettle, type PostureQuestion } from '../src/body/solver/ask';
import { deepest } from '../src/body/solver/deepest';
import { effortGradient, effortOf } from '../src/body/solver/effort';
import { capacitiesOf } from '../src/body/solver/capacities';
import { limitsOf, type SideLimitsDeg } from '../src/body/solver/limits';
import { hipAsideMomentOf, momentsOf } from '../src/body/solver/moments';
import { problemOf, type PostureProblem } from '../src/body/solver/problem';
import { settle } from '../src/body/solver/settle';
import { slopesOf } from '../src/body/solver/slopes';
import { stanceOf } from '../src/body/solver/stance';
import { stanceProblems } from '../src/body/solver/stanceProblems';
import { startOf } from '../src/body/solver/start';
import { stateOf, type PostureState } from '../src/body/solver/state';
import { freeOf, SIDE_LEAN, SWIVEL, X, Y } from '../src/body/solver/variables';
import { parsePostureInput } from '../src/exchange/parse/postureInput';
import { otherSide, SIDES, type Side } from '../src/foundation/sides/side';
import { howMany } from './howMany';
import { problemFor, randomBody, ranges, seeded, within } from './randomBodies';

const BODIES = howMany(60, 25);
type OnOneLeg = 'squat' | 'hinge';
const BOTH: readonly OnOneLeg[] = ['squat', 'hinge'];

const BODY = bodyOf(1.75, 75);
const RANGES: SideLimitsDeg = { ...ranges(40, 105), straightLegRaiseDeg: 80, hipExtendDeg: 15 };

const questionOf = (pattern: OnOneLeg, setup: Partial<PostureQuestion['setup']> = {}) =>
  ({
    pattern,
    body: BODY,
    setup: { ...usualSetup(pattern, 1.75), oneLeg: 'left', ...setup },
    limits: { left: RANGES, right: RANGES, lumbarBendDeg: 30 },
  }) satisfies PostureQuestion;

/** A random body that stands on one leg, with ranges of its own on each side. */
function randomProblem(random: () => number, pattern: OnOneLeg, less = 0, oneLeg: Side = 'left') {
  const body = randomBody(random);
  const side = (): SideLimitsDeg => ({
    ...ranges(within(random, 20, 45) - less, within(random, 85, 125), within(random, 115, 150)),
    straightLegRaiseDeg: within(random, 55, 95),
    hipExtendDeg: within(random, 5, 20),
  });
  const limits = { left: side(), right: side() };
  const toe = within(random, 0, 25);
  const setup = { oneLeg, toeOutDeg: { left: toe, right: toe } };
  return problemFor(body, limits, { pattern, setup, lumbarBendDeg: within(random, 0, 25) });
}

const problemsOf = (pattern: OnOneLeg): PostureProblem[] => {
  const random = seeded(31);
  return Array.from({ length: BODIES }, (_, i) =>
    randomProblem(random, pattern, 0, i % 2 ? 'left' : 'right'),
  );
};

function reached(problem: PostureProblem) {
  const answer = deepest(problem);
  if (answer.status !== 'reached') throw new Error('not reached');
  return answer;
}

it.each(BOTH)('%s: every derivative is what small steps say', (pattern) => {
  for (const hands of ['free', 'post'] as const) {
    const setup = { oneLeg: 'right', hands, toeOutDeg: { left: 5, right: 14 } } as const;
    const problem = problemFor(BODY, { left: RANGES, right: RANGES }, { pattern, setup });
    const q = startOf(problem, 0.6).map((x, i) => x + 0.03 * Math.sin(3 * i + 1));
    const at = (i: number, by: number) =>
      stateOf(
        problem,
        q.map((x, k) => (k === i ? x + by : x)),
      );
    const state = stateOf(problem, q);
    const slopes = slopesOf(problem, state);
    const gradient = effortGradient(problem, state, slopes);
    const STEP = 1e-6;
    const slope = (i: number, of: (state: PostureState) => number) =>
      (of(at(i, STEP)) - of(at(i, -STEP))) / (2 * STEP);
    for (const i of freeOf(problem.stance)) {
      expect(gradient[i]).toBeCloseTo(slope(i, (one) => effortOf(problem, one)) / 2, 5);
      for (const { row, slack } of problem.conditions)
        expect(row(state, slopes)[i]).toBeCloseTo(slope(i, slack), 6);
    }
  }
});

it.each(BOTH)('%s: the lowest posture keeps all limits, its weight on the one foot', (pattern) => {
  for (const problem of problemsOf(pattern)) {
    const { state } = reached(problem);
    for (const { slack } of problem.conditions) expect(slack(state)).toBeGreaterThan(-1e-6);
    const { oneLeg } = problem.stance;
    expect(state.pressure.shareLeft).toBe(oneLeg === 'left' ? 1 : 0);
    expect(state.pressure.at.left[0]).toBeCloseTo(state.com[0], 9);
    const whole = centreOfMass(skeletonOf({ problem, state }));
    // The drawn foot is a little thicker at the heel than at the toes.
    for (const k of [0, 1, 2] as const) expect(state.com[k]).toBeCloseTo(whole[k], k === 2 ? 2 : 3);
  }
});

it.each(BOTH)('%s: mirrored bodies do mirrored things', (pattern) => {
  for (const problem of problemsOf(pattern)) {
    const { body, stance, limits, capacities } = problem;
    const swap = <T>({ left, right }: Readonly<Record<Side, T>>) => ({ left: right, right: left });
    const mirror = problemOf(
      { ...body, sides: swap(body.sides) },
      { ...stance, toeOutRad: swap(stance.toeOutRad), oneLeg: otherSide(stance.oneLeg!) },
      { ...limits, sides: swap(limits.sides) },
      capacities,
    );
    const [a, b] = [reached(problem), reached(mirror)];
    expect(degOfRad(b.depthRad)).toBeCloseTo(degOfRad(a.depthRad), 2);
    const aim =
      pattern === 'hinge'
        ? { leanRad: -a.depthRad - radOfDeg(8) }
        : { thighRad: a.depthRad + radOfDeg(8) };
    const [s, m] = [settle(problem, aim), settle(mirror, aim)];
    if (s.status !== 'settled' || m.status !== 'settled') throw new Error('not settled');
    expect(m.state.q[Y]).toBeCloseTo(-s.state.q[Y], 4);
    expect(m.state.q[SIDE_LEAN]).toBeCloseTo(-s.state.q[SIDE_LEAN], 4);
  }
});

it.each(BOTH)('%s: less range never goes lower', (pattern) => {
  for (let i = 0; i < BODIES; i++) {
    const [whole, less] = [0, 4].map((by) => reached(randomProblem(seeded(100 + i), pattern, by)));
    expect(degOfRad(less.depthRad)).toBeGreaterThan(degOfRad(whole.depthRad) - 0.01);
  }
});

it('the leg in the air is ahead in a squat, behind in a hinge, off the floor, and held up', () => {
  for (const [pattern, aim, way] of [
    ['squat', { thighDeg: 30 }, 1],
    ['hinge', { trunkLeanDeg: 50 }, -1],
  ] as const) {
    const answer = askSettle(questionOf(pattern), aim);
    if (answer.status !== 'found') throw new Error('not found');
    const { left, right } = answer.state.legs;
    expect(way * (right.ankle[0] - left.ankle[0])).toBeGreaterThan(0.15);
    expect(right.ankle[2]).toBeGreaterThan(0.05);
    const { momentsNm } = answer.posture;
    // Its own weight is all that it bears: less than a quarter of what the other hip holds.
    expect(Math.abs(momentsNm.right.hip)).toBeGreaterThan(5);
    expect(Math.abs(momentsNm.right.hip)).toBeLessThan(Math.abs(momentsNm.left.hip) / 2);
  }
});

it('a usual body stands on one leg as people do', () => {
  const answer = askSettle(questionOf('squat'), { thighDeg: 30 });
  if (answer.status !== 'found') throw new Error('not found');
  const { posture } = answer;
  expect(posture.ankleBendDeg.left).toBeGreaterThan(15);
  expect(posture.ankleBendDeg.left).toBeLessThan(35);
  expect(posture.trunkLeanDeg).toBeGreaterThan(15);
  expect(posture.trunkLeanDeg).toBeLessThan(45);
  // Twice the load of a leg of two.
  expect(posture.momentsNm.left.knee / 75).toBeGreaterThan(0.8);
  expect(posture.momentsNm.left.knee / 75).toBeLessThan(2);
  expect(Math.abs(posture.trunkSideLeanDeg)).toBeLessThan(5);
});

it('a weak hip brings the trunk over the leg that stands, and so bears less', () => {
  const at = (hip: number) => {
    const stance = stanceOf('squat', { ...USUAL_SETUP, oneLeg: 'left' }, 1.75);
    const limits = limitsOf({ left: RANGES, right: RANGES, lumbarBendDeg: 30 });
    const problem = problemOf(BODY, stance, limits, capacitiesOf(75, { hip }));
    const answer = settle(problem, { thighRad: radOfDeg(45) });
    if (answer.status !== 'settled') throw new Error('not settled');
    const { state } = answer;
    return { lean: state.q[SIDE_LEAN], aside: hipAsideMomentOf(problem, state, 'left') };
  };
  const [usual, weak] = [at(1), at(0.4)];
  expect(weak.lean).toBeGreaterThan(usual.lean + radOfDeg(2));
  expect(weak.aside).toBeLessThan(usual.aside - 2);
  expect(usual.aside).toBeGreaterThan(30);
});

it('a stiff ankle stops it, a heel lift gives depth back, and the other ankle says nothing', () => {
  const depthOf = (ankle: Partial<Record<Side, number>>, heelLiftMm = 0) => {
    const question = questionOf('squat', { heelLiftMm });
    const side = (one: Side) => ({ ...RANGES, ankleBendDeg: ankle[one] ?? 40 });
    const limits = { left: side('left'), right: side('right'), lumbarBendDeg: 10 };
    const answer = askDeepest({ ...question, limits });
    if (answer.status !== 'found') throw new Error('not found');
    return answer.depthDeg;
  };
  expect(depthOf({ left: 12 })).toBeGreaterThan(depthOf({}) + 10);
  expect(depthOf({ left: 12 }, 25)).toBeLessThan(depthOf({ left: 12 }) - 3);
  expect(depthOf({ right: 5 })).toBeCloseTo(depthOf({}), 2);
});

it('what is missing on one leg is held against one leg', () => {
  const { setup } = questionOf('squat');
  const side = (ankleBendDeg: number) => ({ ...RANGES, ankleBendDeg });
  const shares = (left: number, right: number) =>
    attribute({
      pattern: 'squat',
      body: BODY,
      setup,
      limits: { left: side(left), right: side(right) },
      seenDeg: null,
    });
  const { shortfallCm, shares: parts } = shares(15, 15);
  const of = (name: string) => parts.find(({ part }) => part === name)?.cm ?? 0;
  expect(of('left ankle')).toBeGreaterThan(2);
  expect(of('right ankle')).toBeCloseTo(0, 6);
  expect(of('set-up')).toBeCloseTo(0, 6);
  expect(parts.reduce((sum, { cm }) => sum + cm, 0)).toBeCloseTo(shortfallCm, 9);
});

it('a stance is fitted without width, which one foot has not', () => {
  const answer = askFit(
    { ...questionOf('squat'), limits: { left: { ...RANGES, ankleBendDeg: 15 }, right: RANGES } },
    { for: 'depth', thighDeg: 0 },
  )!;
  const stances = answer.tradeOff.map(({ setup }) => setup.stanceCm);
  expect(new Set(stances).size).toBe(1);
  expect(answer.best.reachesDeg).toBeLessThan(answer.now.reachesDeg - 2);
  expect(answer.best.setup.oneLeg).toBe('left');
});

it.each([
  ['squat', 0, []],
  ['squat', 60, []],
  ['squat', 200, ['load.kg']],
  ['hinge', 200, ['load.kg']],
] as const)('a %s on one leg with %i kg ahead: %j is wrong', (pattern, kg, fields) => {
  const { setup } = questionOf(pattern, { load: { at: 'ahead', kg } });
  expect(stanceProblems(BODY, pattern, setup).map(({ field }) => field)).toEqual(fields);
});

it.each(['lunge', 'split'] as const)('a %s on one leg is refused by name', (pattern) => {
  const body = { heightM: 1.75, massKg: 75 };
  const setup = { ...usualSetup(pattern, 1.75), oneLeg: 'left' };
  const read = parsePostureInput({ pattern, body, setup });
  if (read.status !== 'bad') throw new Error('taken');
  expect(read.problems.map(({ path }) => path)).toEqual(['setup.oneLeg']);
});

it('the hanging leg’s place among the variables says its hip and its knee', () => {
  const problem = problemFor(BODY, { left: RANGES, right: RANGES }, { setup: { oneLeg: 'left' } });
  const { q, legs } = stateOf(problem, startOf(problem, 0.8));
  expect(legs.right.hipBendRad).toBe(q[SWIVEL.right]);
  expect(momentsOf(problem, stateOf(problem, q), 'right').hip).not.toBe(0);
  expect(q[X]).not.toBe(0);
  expect(SIDES.map((side) => legs[side].hangs)).toEqual([false, true]);
});
