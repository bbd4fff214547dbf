import {
  bodyOf,
  centreOfMass,
  degOfRad,
  drawFigure,
  observedAim,
  PHASE_AIMS,
  PHASES,
  skeletonOf,
  squatPosture,
  USUAL_SETUP,
  VIEW_CAMERAS,
  VIEWS,
  type Setup,
} from '../src';
import { distance } from '../src/foundation/numeric/vector';
import { LEAN } from '../src/body/solver/variables';
import { silhouette } from '../src/body/skeleton/silhouette';
import { pointsOf } from './pathPoints';

const body = bodyOf(1.75, 75);
const at = (setup: Setup, aim: Parameters<typeof squatPosture>[2]) =>
  skeletonOf(squatPosture(body, setup, aim));

it('thighs level on shins at 40° balance with the trunk near 26°', () => {
  const posture = squatPosture(body, USUAL_SETUP, { thighDeg: 0.1, shinLeanDeg: 40 });
  expect(Math.abs(degOfRad(posture.state.q[LEAN]) - 26)).toBeLessThan(1);
});

it.each(PHASES)('%s: segments keep their lengths and the body is balanced', (phase) => {
  const skeleton = at(USUAL_SETUP, PHASE_AIMS[phase]);
  for (const leg of Object.values(skeleton.legs)) {
    expect(distance(leg.knee, leg.ankle)).toBeCloseTo(body.sides.left.shankM, 6);
    expect(distance(leg.knee, leg.hip)).toBeCloseTo(body.sides.left.thighM, 6);
  }
  const balanced = 0.25 * body.sides.left.footM * Math.cos(Math.PI / 18);
  // The drawn arms are a little bent; the model's hang and point straight.
  expect(Math.abs(centreOfMass(skeleton)[0] - balanced)).toBeLessThan(5e-4);
});

it('hips moved to the left keep both legs whole', () => {
  const skeleton = at(USUAL_SETUP, { ...PHASE_AIMS.bottom, shiftM: 0.04 });
  expect(skeleton.pelvis[1]).toBeCloseTo(0.04, 9);
  expect(distance(skeleton.legs.left.knee, skeleton.legs.left.hip)).toBeCloseTo(
    body.sides.left.thighM,
    6,
  );
});

it.each([
  ['left', 'back', -1],
  ['left', 'front', 1],
  ['right', 'back', 1],
] as const)('the client’s %s is on its own hand seen from the %s', (side, view, sign) => {
  const { rings } = drawFigure(VIEW_CAMERAS[view], at(USUAL_SETUP, PHASE_AIMS.start));
  expect(Math.sign(rings[`hip-${side}`][0])).toBe(sign);
});

it.each(VIEWS.flatMap((view) => PHASES.map((phase) => [view, phase] as const)))(
  'draws every part from the %s at %s, nothing through the floor',
  (view, phase) => {
    const { parts } = drawFigure(
      VIEW_CAMERAS[view],
      at({ ...USUAL_SETUP, arms: 'sides' }, PHASE_AIMS[phase]),
    );
    expect(parts.length).toBeGreaterThanOrEqual(15);
    const points = parts.flatMap((part) => pointsOf(part.path));
    expect(points.flat().every(Number.isFinite)).toBe(true);
    expect(Math.max(...points.map(([, y]) => y))).toBeLessThan(5);
  },
);

it('shows the face from the front only', () => {
  const lines = (view: 'front' | 'back') =>
    drawFigure(VIEW_CAMERAS[view], at(USUAL_SETUP, PHASE_AIMS.start)).faceLines;
  expect(lines('front').length).toBeGreaterThan(0);
  expect(lines('back')).toEqual([]);
});

it('what was seen is drawn where it was seen', () => {
  const faults = [
    { fault: 'hips-slide', side: 'right', phase: 'bottom', grade: 'plain', value: 28, unit: 'mm' },
  ] as const;
  expect(observedAim('bottom', [...faults]).shiftM).toBeCloseTo(-0.028, 9);
  expect(observedAim('up', [...faults]).shiftM).toBeCloseTo(0, 9);
});

it('tape measures replace the share of height', () => {
  const { sides } = bodyOf(1.8, 80, { thighM: 0.5, shankM: { left: 0.44, right: 0.42 } });
  expect(sides.left).toMatchObject({ thighM: 0.5, shankM: 0.44, footM: 1.8 * 0.152 });
  expect(sides.right).toMatchObject({ thighM: 0.5, shankM: 0.42 });
});

describe('a silhouette', () => {
  const slice = (x: number, z: number, radius: number) => ({
    centre: [x, 0, z] as const,
    across: [0, radius, 0] as const,
    through: [radius, 0, 0] as const,
  });
  const ball = { id: 'ball', slices: [slice(0, 1, 0.1), slice(0, 1, 0.1)] };

  it('of discs seen from the edge is as wide as they are and as tall as they lie apart', () => {
    const post = { id: 'post', slices: [slice(0, 0.2, 0.05), slice(0, 1.2, 0.05)] };
    const points = pointsOf(silhouette(VIEW_CAMERAS.front, post));
    const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)];
    expect(Math.max(...xs)).toBeCloseTo(50, 1);
    expect(Math.min(...xs)).toBeCloseTo(-50, 1);
    expect(Math.max(...ys)).toBeCloseTo(-200, 1);
    expect(Math.min(...ys)).toBeCloseTo(-1200, 1);
  });

  it('turns one way round only, so that parts laid over each other fill', () => {
    const cone = { id: 'cone', slices: [slice(0, 0.2, 0.08), slice(0.4, 0.9, 0.03)] };
    for (const hull of silhouette(VIEW_CAMERAS.side, cone).split('Z').slice(0, -1)) {
      const points = pointsOf(`${hull}Z`);
      const area = points.reduce((sum, [x, y], i) => {
        const [nextX, nextY] = points[(i + 1) % points.length];
        return sum + x * nextY - nextX * y;
      }, 0);
      expect(area).toBeGreaterThan(0);
    }
  });

  it('says the same point once', () => {
    expect(pointsOf(silhouette(VIEW_CAMERAS.front, ball)).length).toBeLessThanOrEqual(2 * 20);
  });
});
