import { bodyOf, oneCause, radOfDeg, USUAL_SETUP } from '../src';
import { askSettle, problemFrom, type PostureQuestion } from '../src/body/solver/ask';
import { effortGradient, effortOf } from '../src/body/solver/effort';
import { shareOn } from '../src/body/solver/capacities';
import { slopesOf } from '../src/body/solver/slopes';
import { startOf } from '../src/body/solver/start';
import { stateOf } from '../src/body/solver/state';
import { LUMBAR, freeOf } from '../src/body/solver/variables';
import type { StanceSetup } from '../src/body/solver/stance';
import { otherSide, SIDES, type Side } from '../src/foundation/sides/side';
import {
  embody,
  EMBODIED_CAUSES,
  type Person,
  type PresentCause,
} from '../src/inference/person/embody';
import { asItLikes } from '../src/inference/depth/usualRanges';
import type { CauseId } from '../src/knowledge/causes';
import { EMBODIED } from '../src/knowledge/embodied';

const USUAL = { body: bodyOf(1.75, 75), limits: {}, strength: {} };

const questionOf = (
  { body, limits, strength }: Person,
  setup: Partial<StanceSetup> = {},
): PostureQuestion => ({
  pattern: 'squat',
  body,
  setup: { ...USUAL_SETUP, ...setup },
  limits: asItLikes(limits, 'squat'),
  strength,
});

function postureWith(
  causes: readonly PresentCause[],
  thighDeg: number,
  setup: Partial<StanceSetup> = {},
) {
  const answer = askSettle(questionOf(embody(USUAL, causes), setup), { thighDeg });
  if (answer.status !== 'found') throw new Error('blocked');
  return answer.posture;
}

it.each(EMBODIED)('$cause leaves a body that can still stand', (row) => {
  expect(oneCause(row.cause).id).toBe(row.cause);
  const by = 'deg' in row ? row.deg : row.percent;
  expect(by).toBeGreaterThan(0);
  expect(by).toBeLessThan(90);
});

it.each(EMBODIED_CAUSES)('%s changes a person, more of it more', (cause) => {
  const plain = embody(USUAL, [{ cause }]);
  expect(plain).not.toEqual({ ...USUAL, shyDeg: 0 });
  expect(embody(USUAL, [{ cause, amount: 0.5 }])).not.toEqual(plain);
});

it.each(EMBODIED_CAUSES.filter((cause) => oneCause(cause).sided))(
  '%s on one side leaves the other side alone',
  (cause) => {
    const { limits, strength } = embody(USUAL, [{ cause, side: 'left' }]);
    expect(limits.right).toBeUndefined();
    const shares = Object.values(strength).map((share) => shareOn('right', share));
    expect(shares.every((share) => share === 1)).toBe(true);
  },
);

it.each<[string, PresentCause[], number]>([
  ['what is not measured is usual, less what its check has as short', [ankle('ankle-joint')], 29],
  ['two causes of one range do not add up', [ankle('ankle-joint'), ankle('calf-deep')], 29],
  ['the shorter one counts', [ankle('ankle-joint', 18), ankle('calf-deep')], 22],
])('%s', (_, causes, deg) => {
  expect(embody(USUAL, causes).limits.left!.ankleBendDeg).toBe(deg);
});

function ankle(cause: CauseId, amount?: number): PresentCause {
  return { cause, side: 'left', ...(amount === undefined ? {} : { amount }) };
}

it('a hip that is weak behind is as strong at its side as it was', () => {
  const before = { ...USUAL, strength: { hip: 0.8 } };
  const { strength } = embody(before, [{ cause: 'hip-back-strength', side: 'left' }]);
  expect(strength.hip).toEqual({ left: 0.4, right: 0.8 });
  expect(SIDES.map((side) => shareOn(side, strength.hipSide))).toEqual([0.8, 0.8]);
});

it.each([
  ['the roll of the pelvis is taken off', undefined, undefined, 85],
  ['what was measured counts', 112, undefined, 92],
  ['what is nearly short is plainly so', 90, undefined, 85],
  ['what is shorter than that is left', 80, undefined, 80],
  ['and loses what is said', 80, 10, 70],
])('of a hip bend %s', (_, measured, amount, left) => {
  const limits = measured === undefined ? {} : { right: { hipBendDeg: measured } };
  const cause = { cause: 'hip-bend', side: 'right', ...(amount ? { amount } : {}) } as const;
  expect(embody({ ...USUAL, limits }, [cause]).limits.right!.hipBendDeg).toBe(left);
});

describe.each(SIDES)('faults fall out of causes on the %s', (side: Side) => {
  const way = side === 'left' ? 1 : -1;
  const here = (cause: CauseId): PresentCause[] => [{ cause, side }];
  const oneLeg = { oneLeg: side, toeOutDeg: { left: 5, right: 5 } };

  it.each<[string, CauseId, (with_: Posture, without: Posture) => number, number]>([
    ['a stiff ankle sends the hips away', 'ankle-joint', (a) => -way * a.pelvisShiftMm, 15],
    ['… and keeps its shin upright', 'ankle-joint', shinLess, 2],
    ['a short hip tucks the pelvis', 'hip-bend', rounder, 5],
    ['a weak knee sends the hips away', 'quad-strength', (a) => -way * a.pelvisShiftMm, 40],
    ['a guarded one more', 'knee-guard', (a) => -way * a.pelvisShiftMm, 80],
    ['a weak side of the hip lets its knee in', 'hip-side-strength', kneeFallsIn, 10],
  ])('%s: %s', (_, cause, of, least) => {
    expect(of(postureWith(here(cause), 0), postureWith([], 0))).toBeGreaterThan(least);
  });

  it('a short inner thigh lets a knee in where the feet are turned far out', () => {
    const setup = { stanceCm: 50, toeOutDeg: { left: 35, right: 35 } };
    const inside = kneeFallsIn(
      postureWith(here('adductor-length'), 0, setup),
      postureWith([], 0, setup),
    );
    expect(inside).toBeGreaterThan(10);
  });

  it.each<[string, CauseId, (with_: Posture, without: Posture) => number, number]>([
    ['a side of the hip that nobody minds lets the knee in', 'hip-side-control', kneeFallsIn, 15],
    ['a weak one bends the trunk over the foot', 'hip-side-strength', leansOver, 5],
  ])('on one leg %s: %s', (_, cause, of, least) => {
    expect(of(postureWith(here(cause), 30, oneLeg), postureWith([], 30, oneLeg))).toBeGreaterThan(
      least,
    );
  });

  type Posture = ReturnType<typeof postureWith>;
  function shinLess(a: Posture, b: Posture) {
    return b.shinLeanDeg[side] - a.shinLeanDeg[side];
  }
  function rounder(a: Posture, b: Posture) {
    return a.lumbarBendDeg - b.lumbarBendDeg;
  }
  function kneeFallsIn(a: Posture, b: Posture) {
    return b.kneeOutMm[side] - a.kneeOutMm[side];
  }
  function leansOver(a: Posture, b: Posture) {
    return way * (a.trunkSideLeanDeg - b.trunkSideLeanDeg);
  }
});

it('a trunk that is not held rounds', () => {
  const [weak, usual] = [[{ cause: 'trunk-hold' } as const], []].map((causes) =>
    postureWith(causes, 0),
  );
  expect(weak.lumbarBendDeg).toBeGreaterThan(usual.lumbarBendDeg + 5);
});

it('with weak knees the hips rise first', () => {
  const early = (causes: PresentCause[]) =>
    postureWith(causes, 20).trunkLeanDeg - postureWith(causes, 0).trunkLeanDeg;
  expect(early([{ cause: 'quad-strength' }])).toBeGreaterThan(early([]) + 5);
});

it('long thighs round the back or fold the trunk', () => {
  const bent = (causes: PresentCause[]) => {
    const { lumbarBendDeg, trunkLeanDeg } = postureWith(causes, 0);
    return lumbarBendDeg + trunkLeanDeg;
  };
  expect(bent([{ cause: 'long-thighs' }])).toBeGreaterThan(bent([]) + 2);
});

it('the left is the right in a mirror', () => {
  for (const cause of EMBODIED_CAUSES.filter((one) => oneCause(one).sided)) {
    const [left, right] = SIDES.map((side) => postureWith([{ cause, side }], 10));
    expect(left.pelvisShiftMm).toBeCloseTo(-right.pelvisShiftMm, 1);
    for (const side of SIDES)
      expect(left.kneeOutMm[side]).toBeCloseTo(right.kneeOutMm[otherSide(side)], 1);
  }
});

it('every derivative of a body that is weak and not held is what small steps say', () => {
  const causes: CauseId[] = ['trunk-hold', 'hip-side-strength', 'knee-guard'];
  const person = embody(
    USUAL,
    causes.map((cause) => ({ cause, side: 'left' })),
  );
  const problem = problemFrom(questionOf(person));
  const q = startOf(problem, 0.3).map((x, i) => x + 0.03 * Math.sin(3 * i + 1));
  q[LUMBAR] = radOfDeg(22);
  const gradient = effortGradient(
    problem,
    stateOf(problem, q),
    slopesOf(problem, stateOf(problem, q)),
  );
  const STEP = 1e-6;
  const effortAt = (i: number, by: number) =>
    effortOf(
      problem,
      stateOf(
        problem,
        q.map((x, k) => (k === i ? x + by : x)),
      ),
    );
  for (const i of freeOf(problem.stance))
    expect(gradient[i]).toBeCloseTo((effortAt(i, STEP) - effortAt(i, -STEP)) / (4 * STEP), 5);
});
