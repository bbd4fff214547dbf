import { howMany } from './howMany';
import { degOfRad, radOfDeg } from '../src';
import { deepest } from '../src/body/solver/deepest';
import { slopesOf } from '../src/body/solver/slopes';
import { settle } from '../src/body/solver/settle';
import { stateOf, type PostureState } from '../src/body/solver/state';
import { distance } from '../src/foundation/numeric/vector';
import { COUNT, LEAN, TURN, Y, type Row } from '../src/body/solver/variables';
import type { PostureProblem } from '../src/body/solver/problem';
import { problemFor, randomBody, ranges, seeded, within } from './randomBodies';
import { SIDES } from '../src/foundation/sides/side';

const BODIES = howMany(250, 80);

interface Case {
  readonly body: ReturnType<typeof randomBody>;
  readonly good: number;
  readonly stiff: number;
  readonly hip: number;
  readonly deeper: number;
  readonly less: number;
  readonly joint: number;
  readonly lift: number;
}

/** Bodies with one ankle, the right, stiffer than the other. */
function cases(seed: number): Case[] {
  const random = seeded(seed);
  return Array.from({ length: BODIES }, () => {
    const body = randomBody(random);
    const good = within(random, 36, 46);
    return {
      body,
      good,
      stiff: good - within(random, 6, 18),
      hip: within(random, 110, 135),
      deeper: within(random, 3, 25),
      less: within(random, 0.1, 10),
      joint: Math.floor(random() * 4),
      lift: within(random, 1, 30),
    };
  });
}

const CASES = cases(7);

const problemOfCase = ({ body, good, stiff, hip }: Case, setup = {}): PostureProblem =>
  problemFor(body, { left: ranges(good, hip), right: ranges(stiff, hip) }, { setup });

const mirrorOfCase = ({ body, good, stiff, hip }: Case): PostureProblem =>
  problemFor(body, { left: ranges(stiff, hip), right: ranges(good, hip) });

/** The same with one of the four ranges less by `less` degrees. */
function withLess({ body, good, stiff, hip, less, joint }: Case): PostureProblem {
  const left = ranges(good - (joint === 0 ? less : 0), hip - (joint === 1 ? less : 0));
  const right = ranges(stiff - (joint === 2 ? less : 0), hip - (joint === 3 ? less : 0));
  return problemFor(body, { left, right });
}

function reached(problem: PostureProblem) {
  const answer = deepest(problem);
  if (answer.status !== 'reached') throw new Error('not reached');
  return answer;
}

function settled(problem: PostureProblem, thighRad: number): PostureState {
  const answer = settle(problem, { thighRad });
  if (answer.status !== 'settled') throw new Error('not settled');
  return answer.state;
}

const depthAim = (one: Case, problem: PostureProblem): number =>
  reached(problem).depthRad + radOfDeg(one.deeper);

/** Everything that must hold of any posture, to 1e-6. */
function expectSound(problem: PostureProblem, state: PostureState): void {
  for (const side of SIDES) {
    const { hip, knee, ankle } = state.legs[side];
    expect(distance(hip, knee)).toBeCloseTo(problem.body.sides[side].thighM, 7);
    expect(distance(knee, ankle)).toBeCloseTo(problem.body.sides[side].shankM, 7);
    expect(distance(ankle, problem.feet[side].ankle)).toBeLessThan(1e-7);
  }
  for (const { slack } of problem.conditions) expect(slack(state)).toBeGreaterThan(-1e-6);
}

it('deepest keeps lengths, feet, balance and limits', () => {
  for (const one of CASES) {
    const problem = problemOfCase(one);
    expectSound(problem, reached(problem).state);
  }
});

it('less of any range never goes lower, without exception', () => {
  for (const one of CASES)
    expect(reached(withLess(one)).depthRad).toBeGreaterThan(
      reached(problemOfCase(one)).depthRad - 1e-6,
    );
});

it('a heel lift never makes a body whose ankles bind less deep', () => {
  let bound = 0;
  for (const one of CASES) {
    const low = reached(problemOfCase(one));
    if (!low.binding.some(({ limit }) => limit === 'ankleBend')) continue;
    bound += 1;
    const lifted = reached(problemOfCase(one, { heelLiftMm: one.lift }));
    expect(lifted.depthRad).toBeLessThan(low.depthRad + 1e-6);
  }
  expect(bound).toBeGreaterThan(BODIES / 2);
});

it('mirrored inputs give mirrored outputs', () => {
  for (const one of CASES.slice(0, 120)) {
    const [problem, mirror] = [problemOfCase(one), mirrorOfCase(one)];
    expect(reached(mirror).depthRad).toBeCloseTo(reached(problem).depthRad, 6);
    const aim = depthAim(one, problem);
    const [a, b] = [settled(problem, aim), settled(mirror, aim)];
    expect(b.q[Y]).toBeCloseTo(-a.q[Y], 5);
    expect(b.q[TURN]).toBeCloseTo(-a.q[TURN], 5);
    expect(b.pressure.shareLeft).toBeCloseTo(1 - a.pressure.shareLeft, 5);
  }
});

it('a stiff ankle on one side sends the hips to the other and turns its own side back', () => {
  let [bound, away, back] = [0, 0, 0];
  for (const one of CASES) {
    const problem = problemOfCase(one);
    const state = settled(problem, depthAim(one, problem));
    expectSound(problem, state);
    if (radOfDeg(one.stiff) - state.legs.right.ankleBendRad > 1e-6) continue;
    bound += 1;
    if (state.q[Y] > 0) away += 1;
    if (state.q[TURN] < 0) back += 1;
    if (state.q[Y] <= 0)
      console.warn(`hips ${(1000 * state.q[Y]).toFixed(2)} mm toward the stiff side`, one);
    // Never more than 5 mm toward it.
    expect(state.q[Y]).toBeGreaterThan(-0.005);
  }
  expect(bound).toBeGreaterThan(BODIES / 2);
  expect(away / bound).toBeGreaterThanOrEqual(0.95);
  expect(back / bound).toBeGreaterThanOrEqual(0.95);
});

it('weaker hips never bring the knees back', () => {
  for (const one of CASES) {
    const problem = problemOfCase(one);
    const aim = depthAim(one, problem);
    const weaker = {
      ...problem,
      capacities: {
        ...problem.capacities,
        left: { ...problem.capacities.left, hipNm: 0.7 * problem.capacities.left.hipNm },
        right: { ...problem.capacities.right, hipNm: 0.7 * problem.capacities.right.hipNm },
      },
    };
    const ahead = ({ legs }: PostureState) => (legs.left.knee[0] + legs.right.knee[0]) / 2;
    // To two millimetres: a weak hip lets go of its knee, which falls in and a hair back.
    expect(ahead(settled(weaker, aim))).toBeGreaterThan(ahead(settled(problem, aim)) - 2e-3);
  }
});

it.each([
  ['a heel lift, ankles binding', { heelLiftMm: 20 }, 0.95],
  ['a wider stance with toes out', { stanceCm: 56, toeOutDeg: { left: 28, right: 28 } }, 0.9],
  ['arms ahead instead of at the sides', { arms: 'forward' }, 0.9],
  ['a small counterweight', { load: { at: 'ahead', kg: 4 } }, 0.9],
] as const)('%s makes it more upright in general', (_, setup, share) => {
  let [all, more] = [0, 0];
  for (const one of CASES.slice(0, 120)) {
    const limits = { left: ranges(one.stiff, 130), right: ranges(one.stiff, 130) };
    const base = problemFor(one.body, limits, { setup: { arms: 'sides' } });
    const aim = reached(base).depthRad + radOfDeg(one.deeper / 2);
    const next = problemFor(one.body, limits, { setup: { arms: 'sides', ...setup } });
    all += 1;
    // Where the hips are at their end they say how far the trunk leans, to a degree.
    if (settled(next, aim).q[LEAN] < settled(base, aim).q[LEAN] + radOfDeg(1)) more += 1;
  }
  expect(more / all).toBeGreaterThanOrEqual(share);
});

it('long thighs fold the trunk', () => {
  const random = seeded(19);
  const folds: number[] = [];
  for (let i = 0; i < 60; i++) {
    const body = randomBody(random);
    const longer = {
      ...body,
      sides: {
        left: { ...body.sides.left, thighM: body.sides.left.thighM * 1.08 },
        right: { ...body.sides.right, thighM: body.sides.right.thighM * 1.08 },
      },
    };
    const lean = (of: typeof body) =>
      settled(problemFor(of, { left: ranges(38, 140), right: ranges(38, 140) }), 0.35).q[LEAN];
    const more = lean(longer) - lean(body);
    expect(more).toBeGreaterThan(radOfDeg(-0.5));
    folds.push(more);
  }
  // With room left in the ankles a few go down behind their knees instead, by a hair.
  expect(folds.filter((more) => more > 0).length / folds.length).toBeGreaterThan(0.9);
  expect(folds.sort((a, b) => a - b)[30]).toBeGreaterThan(radOfDeg(3));
});

it('neighbours stay neighbours: no jumps from one input to the next', () => {
  for (const one of CASES.slice(0, 40)) {
    const problem = problemOfCase(one);
    const low = reached(problem).depthRad;
    let last: PostureState | null = null;
    for (let step = 0; step <= 40; step++) {
      const state = settled(problem, low + radOfDeg(3 + step * 0.25));
      if (last)
        for (let i = 0; i < COUNT; i++)
          expect(Math.abs(state.q[i] - last.q[i])).toBeLessThan(0.087);
      last = state;
    }
  }
});

it.each(['squat', 'split'] as const)(
  '%s: analytic derivatives are those of the values',
  (pattern) => {
    const random = seeded(5);
    let compared = 0;
    for (let n = 0; n < 40; n++) {
      const body = randomBody(random);
      const limits = {
        ...ranges(60, 150, 160),
        hipTurnInDeg: 80,
        hipTurnOutDeg: 80,
        hipOpenDeg: 80,
        straightLegRaiseDeg: 140,
        ankleBendStraightDeg: 50,
        kneeBendHipStraightDeg: 150,
      };
      const problem = problemFor(body, { left: limits, right: limits }, { pattern });
      const start = settled(problem, radOfDeg(within(random, 10, 35))).q;
      const q = start.map((value, i) => value + (i < 7 ? within(random, -0.01, 0.01) : 0));
      if (SIDES.some((side) => !(stateOf(problem, q).legs[side].stretch < 0.999))) continue;
      compared += 1;
      expectDerivatives(problem, q);
    }
    expect(compared).toBeGreaterThan(20);
  },
);

function expectDerivatives(problem: PostureProblem, q: Row): void {
  const state = stateOf(problem, q);
  const slopes = slopesOf(problem, state);
  for (const { slack, row, limit } of problem.conditions) {
    const exact = row(state, slopes);
    for (let i = 0; i < COUNT; i++) {
      const at = (h: number) =>
        slack(
          stateOf(
            problem,
            q.map((v, k) => (k === i ? v + h : v)),
          ),
        );
      const seen = (at(1e-6) - at(-1e-6)) / 2e-6;
      if (Math.abs(seen - exact[i]) > 1e-4 * (1 + Math.abs(seen)))
        throw new Error(`${limit}: ${exact[i]} is not ${seen} (variable ${i})`);
    }
  }
}

it('never NaN: out of reach is said, whatever the input', () => {
  const random = seeded(23);
  let blocked = 0;
  for (let i = 0; i < 150; i++) {
    const body = randomBody(random);
    const side = () =>
      ranges(within(random, -10, 60), within(random, 20, 150), within(random, 30, 160));
    const problem = problemFor(
      body,
      { left: side(), right: side() },
      { setup: { stanceCm: within(random, 10, 120), heelLiftMm: within(random, 0, 60) } },
    );
    const answer = settle(problem, { thighRad: radOfDeg(within(random, -40, 60)) });
    if (answer.status === 'settled') {
      expectSound(problem, answer.state);
      continue;
    }
    blocked += 1;
    expect(answer.by.length).toBeGreaterThan(0);
    for (const { by } of answer.by) expect(Number.isFinite(degOfRad(by))).toBe(true);
  }
  expect(blocked).toBeGreaterThan(10);
});
