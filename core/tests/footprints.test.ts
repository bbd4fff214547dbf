import fc from 'fast-check';
import {
  askDeepest,
  askSettle,
  bodyOf,
  drawFigure,
  FIGURE_CAMERAS,
  skeletonOf,
  usualSetup,
  USUAL_SETUP,
  type PostureQuestion,
} from '../src';
import { footprintsOf, type Footprints } from '../src/body/skeleton/footprints';
import { problemFrom } from '../src/body/solver/ask';
import type { Vec2 } from '../src/foundation/numeric/vector';
import { pointsOf } from './pathPoints';

const squat: PostureQuestion = {
  pattern: 'squat',
  body: bodyOf(1.75, 75),
  setup: USUAL_SETUP,
  limits: {},
};
const lunge: PostureQuestion = { ...squat, pattern: 'lunge', setup: usualSetup('lunge', 1.75) };

function posedAt(question: PostureQuestion, thighDeg?: number) {
  const answer = thighDeg === undefined ? askDeepest(question) : askSettle(question, { thighDeg });
  if (answer.status !== 'found') throw new Error('not reached');
  return { problem: problemFrom(question), state: answer.state };
}
const printsOf = (question: PostureQuestion, thighDeg?: number) =>
  footprintsOf(posedAt(question, thighDeg));

const middleOf = (path: string): Vec2 => {
  const points = pointsOf(path);
  const mean = (k: 0 | 1) => points.reduce((sum, point) => sum + point[k], 0) / points.length;
  return [mean(0), mean(1)];
};

/** Whether a point lies within a field whose corners go round it, to a hundredth of a millimetre. */
const isWithin = ([x, y]: Vec2, corners: Footprints['room']): boolean => {
  const turns = corners.map(([ax, ay], i) => {
    const [bx, by] = corners[(i + 1) % corners.length];
    return ((bx - ax) * (y - ay) - (by - ay) * (x - ax)) / Math.hypot(bx - ax, by - ay);
  });
  return turns.every((turn) => turn > -0.01) || turns.every((turn) => turn < 0.01);
};

it('seen from above the client faces up, with the left foot on the left', () => {
  const { feet, pressed } = printsOf(squat, 30);
  const [left, right] = [middleOf(feet.left!), middleOf(feet.right!)];
  expect(left[0]).toBeLessThan(-100);
  expect(right[0]).toBeGreaterThan(100);
  expect(pressed[0]).toBeCloseTo(0, 0);
  // The ground pushes ahead of the ankles, which lie on the line at 0.
  expect(pressed[1]).toBeLessThan(0);
});

it('the hands of one who holds them ahead are up the picture, the seat down', () => {
  const { rings } = drawFigure(FIGURE_CAMERAS.above, skeletonOf(posedAt(squat, 0)));
  expect(rings['wrist-left'][1]).toBeLessThan(-300);
  expect(rings.pelvis[1]).toBeGreaterThan(50);
  expect(rings['wrist-left'][0]).toBeLessThan(rings['wrist-right'][0]);
});

it('of a step the front foot is up the picture, and the box holds both', () => {
  const { feet, box } = printsOf(lunge, 30);
  expect(middleOf(feet.left!)[1]).toBeLessThan(middleOf(feet.right!)[1] - 300);
  for (const [x, y] of [...pointsOf(feet.left!), ...pointsOf(feet.right!)]) {
    expect(x).toBeGreaterThanOrEqual(box.left - 0.1);
    expect(x).toBeLessThanOrEqual(box.left + box.width + 0.1);
    expect(y).toBeGreaterThanOrEqual(box.top - 0.1);
    expect(y).toBeLessThanOrEqual(box.top + box.height + 0.1);
  }
});

it('of a usual squat the field reaches from 0.12 to 0.40 of the foot ahead of the ankle', () => {
  const { room } = printsOf({
    ...squat,
    setup: { ...USUAL_SETUP, toeOutDeg: { left: 0, right: 0 } },
  });
  const footMm = 1000 * squat.body.sides.left.footM;
  const ahead = room.map(([, y]) => -y / footMm);
  expect(Math.min(...ahead)).toBeCloseTo(0.12, 6);
  expect(Math.max(...ahead)).toBeCloseTo(0.4, 6);
  // A quarter of the weight at least on either foot: the middle half of the stance.
  const across = room.map(([x]) => x / (10 * USUAL_SETUP.stanceCm));
  expect(Math.max(...across)).toBeCloseTo(0.25, 6);
  expect(Math.min(...across)).toBeCloseTo(-0.25, 6);
});

it('whoever stands presses within the field', () =>
  fc.assert(
    fc.property(
      fc.constantFrom(squat, lunge),
      fc.integer({ min: 10, max: 60 }),
      fc.integer({ min: 20, max: 45 }),
      (question, thighDeg, ankleBendDeg) => {
        const asked = { ...question, limits: { left: { ankleBendDeg } } };
        const answer = askSettle(asked, { thighDeg });
        if (answer.status !== 'found') return;
        const { pressed, room } = footprintsOf({
          problem: problemFrom(asked),
          state: answer.state,
        });
        expect(isWithin(pressed, room)).toBe(true);
      },
    ),
    { seed: 20, numRuns: 40 },
  ));

it('a knee over its foot is off by nothing, one that has fallen in is inside', () => {
  const { problem, state } = posedAt(squat, 20);
  const answer = askSettle(squat, { thighDeg: 20 });
  if (answer.status !== 'found') throw new Error('not reached');
  const { kneeOutMm, shinTiltDeg } = answer.posture;
  const { shankM } = problem.body.sides.left;
  expect(kneeOutMm.left).toBeCloseTo(
    1000 * shankM * Math.sin((shinTiltDeg.left * Math.PI) / 180),
    6,
  );
  const [knee, ankle] = [state.legs.left.knee, state.legs.left.ankle];
  const out = (10 * Math.PI) / 180;
  const aside = -Math.sin(out) * (knee[0] - ankle[0]) + Math.cos(out) * (knee[1] - ankle[1]);
  expect(kneeOutMm.left).toBeCloseTo(1000 * aside, 6);
});
