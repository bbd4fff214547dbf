import type { CheckFinding, CheckId } from '../src';
import {
  hasRangesForDepth,
  LIMIT_OF_CHECK,
  measuredLimits,
} from '../src/inference/trace/measuredLimits';

const read = (check: string, passive?: number, side?: 'left' | 'right'): CheckFinding => ({
  check: check as CheckId,
  side: side ?? 'left',
  ...(passive === undefined ? {} : { passive }),
});

it.each([
  ['ankle-bend-knee-bent', 'ankleBendDeg'],
  ['ankle-bend-knee-straight', 'ankleBendStraightDeg'],
  ['hip-turn-in', 'hipTurnInDeg'],
  ['hip-turn-out', 'hipTurnOutDeg'],
  ['hip-extend', 'hipExtendDeg'],
  ['knee-bend', 'kneeBendDeg'],
  ['straight-leg-raise', 'straightLegRaiseDeg'],
])('%s is the limit %s of its side', (check, limit) =>
  expect(measuredLimits([read(check, 31)])).toEqual({ left: { [limit]: 31 }, right: {} }),
);

it('a hip bend read lying has 15° of the low back in it', () =>
  expect(measuredLimits([read('hip-bend', 118)])).toEqual({
    left: { hipBendDeg: 103 },
    right: {},
  }));

it('there is no other check with a limit', () => {
  expect(Object.keys(LIMIT_OF_CHECK)).toHaveLength(8);
  expect(measuredLimits([read('double-leg-lift', 12), read('hip-bend')])).toEqual({
    left: {},
    right: {},
  });
});

it.each([
  ['ankle-bend-knee-straight', 'ankle-bend-knee-bent', 'ankleBendStraightDeg', 'ankleBendDeg'],
  ['straight-leg-raise', 'hip-bend', 'straightLegRaiseDeg', 'hipBendDeg'],
] as const)('%s goes no further than %s', (line, joint, lineLimit, jointLimit) => {
  const limits = (a: number, b: number) => measuredLimits([read(line, a), read(joint, b)]).left;
  const most = joint === 'hip-bend' ? 15 : 30;
  expect(limits(40, 30)).toEqual({ [lineLimit]: most, [jointLimit]: most });
  expect(limits(10, 30)).toEqual({ [lineLimit]: 10, [jointLimit]: most });
  expect(measuredLimits([read(line, 40), read(joint, 30, 'right')]).left).toEqual({
    [lineLimit]: 40,
  });
});

describe('enough to hold a depth against', () => {
  const joints = { ankleBendDeg: 30, hipBendDeg: 110 };
  it.each([
    ['both legs of a squat', { left: joints, right: joints }, null, true],
    ['one leg of a squat', { left: joints, right: {} }, null, false],
    ['the other leg of a squat', { right: joints }, null, false],
    ['no hip', { left: joints, right: { ankleBendDeg: 30 } }, null, false],
    ['no ankle', { left: joints, right: { hipBendDeg: 110 } }, null, false],
    ['a step', { left: joints, right: { hipExtendDeg: 5 } }, 'left', true],
    ['a step the other way', { right: joints, left: { hipExtendDeg: 5 } }, 'left', false],
    ['no rear hip', { left: joints }, 'left', false],
    ['a rear hip alone', { right: { hipExtendDeg: 5 } }, 'left', false],
    ['nothing', {}, null, false],
  ] as const)('%s', (_name, limits, front, enough) =>
    expect(hasRangesForDepth(limits, front)).toBe(enough),
  );
});
