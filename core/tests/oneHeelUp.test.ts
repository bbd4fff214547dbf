import { bodyOf, USUAL_SETUP } from '../src';
import { asItLikes } from '../src/inference/depth/usualRanges';
import { askDeepest, askSettle, problemFrom, type PostureQuestion } from '../src/body/solver/ask';
import { stanceOf, type StanceSetup } from '../src/body/solver/stance';
import { skeletonOf } from '../src/body/skeleton/skeletonOf';
import { otherSide, SIDES, type Side } from '../src/foundation/sides/side';
import { parsePostureInput } from '../src/exchange/parse/postureInput';

const BODY = bodyOf(1.75, 75);

const stiff = (side: Side, setup: Partial<StanceSetup> = {}): PostureQuestion => ({
  pattern: 'squat',
  body: BODY,
  setup: { ...USUAL_SETUP, ...setup },
  limits: asItLikes({ [side]: { ankleBendDeg: 25 }, lumbarBendDeg: 10 }, 'squat'),
});

function squatted(question: PostureQuestion, thighDeg = 20) {
  const answer = askSettle(question, { thighDeg });
  if (answer.status !== 'found') throw new Error('blocked');
  return answer;
}

function depthOf(question: PostureQuestion): number {
  const answer = askDeepest(question);
  if (answer.status !== 'found') throw new Error('blocked');
  return answer.depthDeg;
}

describe.each(SIDES)('a wedge under the %s heel alone', (side) => {
  const heelUp = { oneHeelUp: side } as const;

  it('lifts that heel by 25 mm, upon what lies under both', () => {
    const setup = { ...USUAL_SETUP, heelLiftMm: 10, ...heelUp };
    const { heelLiftM } = stanceOf('squat', setup, 1.75);
    expect(heelLiftM[side]).toBeCloseTo(0.035, 12);
    expect(heelLiftM[otherSide(side)]).toBeCloseTo(0.01, 12);
  });

  it('is seen in the figure', () => {
    const question = stiff(side, heelUp);
    const { state } = squatted(question);
    const { legs } = skeletonOf({ problem: problemFrom(question), state });
    const rise = legs[side].heel[2] - legs[otherSide(side)].heel[2];
    expect(Math.abs(rise - 0.025)).toBeLessThan(1e-3);
  });

  it('takes the hips back toward the stiff ankle that it helps', () => {
    const away = side === 'left' ? -1 : 1;
    const flat = away * squatted(stiff(side)).posture.pelvisShiftMm;
    const wedged = away * squatted(stiff(side, heelUp)).posture.pelvisShiftMm;
    expect(flat).toBeGreaterThan(10);
    expect(wedged).toBeLessThan(flat - 5);
  });

  it('buys depth where that ankle alone is stiff', () => {
    expect(depthOf(stiff(side, heelUp))).toBeLessThan(depthOf(stiff(side)) - 1);
  });

  it('is on one leg what both heels up are', () => {
    const alone = { oneLeg: side, toeOutDeg: { left: 5, right: 5 } } as const;
    const one = squatted(stiff(side, { ...alone, ...heelUp }), 45);
    const both = squatted(stiff(side, { ...alone, heelLiftMm: 25 }), 45);
    expect(one.posture.shinLeanDeg[side]).toBeCloseTo(both.posture.shinLeanDeg[side], 6);
  });
});

it('mirrors', () => {
  const [left, right] = SIDES.map((side) => squatted(stiff(side, { oneHeelUp: side })).posture);
  expect(left.pelvisShiftMm).toBeCloseTo(-right.pelvisShiftMm, 3);
  expect(left.shinLeanDeg.left).toBeCloseTo(right.shinLeanDeg.right, 4);
});

it('is read from the command line, and refused by name where it is no side', () => {
  const input = {
    pattern: 'squat',
    body: { heightM: 1.75, massKg: 75 },
    setup: { ...USUAL_SETUP },
  };
  const read = parsePostureInput({ ...input, setup: { ...input.setup, oneHeelUp: 'left' } });
  expect(read.status === 'ok' && read.value.setup.oneHeelUp).toBe('left');
  const bad = parsePostureInput({ ...input, setup: { ...input.setup, oneHeelUp: 'both' } });
  expect(bad.status === 'bad' && bad.problems[0].path).toBe('setup.oneHeelUp');
});
