import { bodyOf } from '@taxikine/core/body/segments/body';
import { USUAL_SETUP } from '@taxikine/core/body/stance/setup';
import { cameraOf, VIEW_CAMERAS } from '@taxikine/core/body/skeleton/camera';
import { drawFigure } from '@taxikine/core/body/skeleton/drawFigure';
import { lookSkeleton } from '@taxikine/core/reading/figure/lookSkeleton';
import { PHASE_AIMS } from '@taxikine/core/body/skeleton/phaseAims';
import { skeletonOf } from '@taxikine/core/body/skeleton/skeletonOf';
import { squatPosture } from '@taxikine/core/body/skeleton/squatPosture';
import { usualSetup } from '@taxikine/core/body/solver/usualSetup';
import { fitted, frameFor, inkFor, facingOf } from '../src/figure/frame';
import { zoneTargets } from '../src/figure/zones';
import { curlPath, strandPath, strandWidth } from '../src/visit/thread/strandPath';

const body = bodyOf(1.75, 75);
const figure = (view: 'back' | 'side') =>
  drawFigure(VIEW_CAMERAS[view], skeletonOf(squatPosture(body, USUAL_SETUP, PHASE_AIMS.bottom)));

it('offers each side from behind, and each joint once from the side', () => {
  expect(zoneTargets(figure('back'), 'back').map((one) => one.says)).toEqual([
    'trunk',
    'hips',
    'left knee',
    'right knee',
    'left ankle',
    'right ankle',
    'left foot',
    'right foot',
  ]);
  expect(zoneTargets(figure('side'), 'side').map((one) => one.says)).toEqual([
    'trunk',
    'hips',
    'knee',
    'ankle',
    'foot',
  ]);
});

it.each(['back', 'side'] as const)(
  'targets from the %s are far enough apart for a thumb at phone size',
  (view) => {
    const { at } = fitted(frameFor(view, 1.75, false), 326, 345);
    const places = zoneTargets(figure(view), view).map(({ at: [x, y], nudge }) => {
      const place = at(x, y);
      return [place.x + nudge[0], place.y + nudge[1]];
    });
    const gaps = places.flatMap((a, i) =>
      places.slice(i + 1).map((b) => Math.hypot(a[0] - b[0], a[1] - b[1])),
    );
    expect(Math.min(...gaps)).toBeGreaterThan(36);
  },
);

it.each(['lunge', 'split'] as const)(
  'in a %s from the side every joint of both legs can be tapped apart',
  (pattern) => {
    const setup = usualSetup(pattern, 1.75);
    const moment = { pattern, phase: 'bottom', faults: [] } as const;
    const drawn = drawFigure(cameraOf('side', pattern, setup), lookSkeleton(body, setup, moment));
    const { at } = fitted(frameFor('side', 1.75, false, facingOf(pattern, setup)), 326, 345);
    const places = zoneTargets(drawn, 'side', true).map(({ at: [x, y], nudge }) => {
      const place = at(x, y);
      return [place.x + nudge[0], place.y + nudge[1]];
    });
    expect(places).toHaveLength(8);
    const gaps = places.flatMap((a, i) =>
      places.slice(i + 1).map((b) => Math.hypot(a[0] - b[0], a[1] - b[1])),
    );
    expect(Math.min(...gaps)).toBeGreaterThan(30);
  },
);

it('fits a drawing into a box, standing on its lower edge', () => {
  const frame = { left: -500, top: -1000, width: 1000, height: 1000 };
  const { scale, at } = fitted(frame, 300, 200);
  expect(scale).toBeCloseTo(0.2);
  expect(at(0, 0)).toEqual({ x: 150, y: 200 });
  expect(inkFor(frame, 300, 200)).toBeCloseTo(9.5);
});

it('a thread is thicker the surer it is, and its ends are level', () => {
  expect(strandWidth(1)).toBeGreaterThan(strandWidth(0.3));
  expect(strandPath({ x: 0, y: 0 }, { x: 10, y: 6 })).toBe('M0 0C5 0 5 6 10 6');
  expect(curlPath({ x: 0, y: 0 })).toMatch(/^M0 0C/);
});
