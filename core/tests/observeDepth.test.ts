import { maybeDepthQuestion, trace, USUAL_SETUP, type CaseFile } from '../src';
import { askDeepest } from '../src/body/solver/ask';
import { orUsual } from '../src/inference/depth/usualRanges';
import { observeDepth } from '../src/inference/trace/observe/observeDepth';
import { measuredLimits } from '../src/inference/trace/measuredLimits';
import { fileOf } from './fileMadeUp';

const range = (check: string, left: number, right: number): CaseFile['checks'] =>
  [
    { check, side: 'left', passive: left },
    { check, side: 'right', passive: right },
  ] as CaseFile['checks'];

const file = (value: number | undefined, ankles: number, hips: number | null): CaseFile =>
  fileOf({
    look: {
      faults: [{ fault: 'depth-short', phase: 'bottom', grade: 'plain', value, unit: 'deg' }],
    },
    checks: [
      ...range('ankle-bend-knee-bent', ankles, ankles),
      ...(hips === null ? [] : range('hip-bend', hips, hips)),
    ],
  });

it.each([
  ['free ranges and a shallow squat speak for control', file(24, 42, 124), 2, 12],
  ['stiff ankles explain what was seen', file(22, 18, 122), 1 / 12, 0.6],
] as const)('%s', (_, one, least, most) => {
  const [{ finding, ratio }] = observeDepth(one);
  expect(finding).toBe('posture:not-explained');
  expect(ratio).toBeGreaterThanOrEqual(least);
  expect(ratio).toBeLessThanOrEqual(most);
});

it.each([
  ['no number was read', file(undefined, 30, 120)],
  [
    'it stands on one leg, where strength comes first',
    {
      ...file(24, 42, 124),
      look: { ...file(24, 42, 124).look, setup: { ...USUAL_SETUP, oneLeg: 'left' } },
    },
  ],
  ['the hips were not measured', file(20, 30, null)],
  [
    'the pattern is a hinge',
    { ...file(20, 30, 120), look: { ...file(20, 30, 120).look, pattern: 'hinge' } },
  ],
] as const)('says nothing when %s', (_, one) => {
  expect(observeDepth(one as CaseFile)).toEqual([]);
});

describe('a split, left foot in front', () => {
  const split = (value: number, ankle: number, rearHip: number | null): CaseFile => {
    const one = file(value, 40, 122);
    const checks = [
      { check: 'ankle-bend-knee-bent', side: 'left', passive: ankle },
      { check: 'hip-bend', side: 'left', passive: 122 },
      ...(rearHip === null ? [] : [{ check: 'hip-extend', side: 'right', passive: rearHip }]),
    ] as CaseFile['checks'];
    const setup = { ...USUAL_SETUP, front: 'left' as const, stepCm: 58 };
    return { ...one, checks, look: { ...one.look, pattern: 'split', setup } };
  };

  it('free ranges and a shallow one speak for control', () => {
    expect(observeDepth(split(30, 42, 14))[0].ratio).toBeGreaterThan(2);
  });

  it('a depth as the ranges allow speaks against it', () => {
    const low = maybeDepthQuestion(split(0, 20, 2))!;
    const reach = askDeepest({ ...low, limits: orUsual(low.limits, 'split') });
    const deg = reach.status === 'found' ? reach.depthDeg : NaN;
    expect(observeDepth(split(deg, 20, 2))[0].ratio).toBeLessThan(0.6);
  });

  it('needs the rear hip as well', () => {
    expect(observeDepth(split(30, 42, null))).toEqual([]);
  });
});

it('what is not explained by range raises control and lowers the joints', () => {
  const p = (one: CaseFile, key: string) =>
    trace(one).causes.find((cause) => cause.key.startsWith(key))!.p;
  const [free, silent] = [file(24, 42, 124), file(undefined, 42, 124)];
  expect(p(free, 'balance-deep')).toBeGreaterThan(p(silent, 'balance-deep'));
  expect(p(free, 'ankle-joint')).toBeLessThan(p(silent, 'ankle-joint'));
});

it('a straight-leg raise beyond the hip bend itself is taken as the hip bend', () => {
  const limits = measuredLimits([
    ...range('hip-bend', 110, 100),
    ...range('straight-leg-raise', 115, 80),
  ]);
  expect(limits.left?.straightLegRaiseDeg).toBe(95);
  expect(limits.right?.straightLegRaiseDeg).toBe(80);
});
