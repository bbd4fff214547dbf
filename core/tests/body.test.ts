import { bodyOf, bodyProblems, LENGTH_TO_HEIGHT, type Segments } from '../src';

it.each([
  ['all usual', 1.7, 70, {}, []],
  ['a thigh of 70 cm at 1.60 m', 1.6, 60, { thighM: 0.7 }, ['segments.thighM']],
  ['a thigh just within', 1.6, 60, { thighM: 0.245 * 1.6 * 1.29 }, []],
  ['a thigh just too long', 1.6, 60, { thighM: 0.245 * 1.6 * 1.31 }, ['segments.thighM']],
  ['a shin just within', 1.6, 60, { shankM: 0.246 * 1.6 * 0.73 }, []],
  ['a shin just too short', 1.6, 60, { shankM: 0.246 * 1.6 * 0.71 }, ['segments.shankM']],
  ['one side mistyped', 1.7, 70, { thighM: { left: 0.42, right: 4.2 } }, ['segments.thighM.right']],
  ['a length of nothing', 1.7, 70, { footM: 0 }, ['segments.footM']],
  ['no height', 0, 70, {}, ['heightM']],
  ['a negative mass', 1.7, -70, {}, ['massKg']],
  ['a mass in pounds of a giant', 1.5, 250, {}, ['massKg']],
] as const)('%s', (_, heightM, massKg, segments, fields) => {
  const problems = bodyProblems(heightM, massKg, segments as Segments);
  expect(problems.map(({ field }) => field)).toEqual(fields);
});

it('the message says what would be believed', () => {
  expect(bodyProblems(1.6, 60, { thighM: 0.7 })[0].message).toBe(
    'a thigh of 70 cm is too long for a height of 1.60 m, where 28 cm to 51 cm would be believed',
  );
});

it('a body of usual proportions takes each length from height', () => {
  const body = bodyOf(1.75, 75);
  expect(body.hipWidthM).toBeCloseTo(1.75 * LENGTH_TO_HEIGHT.hipWidthM, 12);
  for (const side of ['left', 'right'] as const)
    expect(body.sides[side].thighM).toBeCloseTo(1.75 * LENGTH_TO_HEIGHT.thighM, 12);
});
