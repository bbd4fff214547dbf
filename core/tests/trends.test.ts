import {
  checkSeries,
  doneBetween,
  faultSeries,
  keptBetween,
  clientTrends,
  maybeSideTrend,
  NOTHING_DONE,
  NOTHING_HELD,
  NOTHING_MEASURED,
  NOTHING_SEEN,
  NOTHING_TOLD,
  oneDrill,
  USUAL_SETUP,
  type CheckRecord,
  type ClientFile,
  type SeenFault,
  noRecords,
} from '../src';

const DAY_MS = 86_400_000;
const on = (day: number) =>
  new Date(Date.parse('2026-09-01T09:00:00.000Z') + day * DAY_MS).toISOString();

const visitOn = (day: number): ClientFile['visits'][number] => ({
  ...NOTHING_HELD,
  version: 1,
  id: `v${day}`,
  clientId: 'c',
  pattern: 'squat',
  openedOn: on(day),
  closedOn: null,
  step: 'verdict',
  asks: [],
  minutes: 12,
  next: 'rest',
});

const bend = (
  day: number,
  passive: number | null,
  part: Partial<CheckRecord> = {},
): ClientFile['checks'][number] => ({
  ...NOTHING_MEASURED,
  version: 1,
  id: `c${day}${part.role}${part.side}`,
  clientId: 'c',
  visitId: `v${day}`,
  role: 'first',
  check: 'ankle-bend-knee-bent',
  side: 'right',
  passive,
  doneOn: on(day),
  removed: false,
  ...part,
});

const look = (
  day: number,
  role: 'first' | 'again',
  faults: SeenFault[],
  clear: string[] = [],
): ClientFile['looks'][number] => ({
  ...NOTHING_SEEN,
  version: 1,
  id: `l${day}${role}`,
  clientId: 'c',
  visitId: `v${day}`,
  role,
  setup: USUAL_SETUP,
  faults,
  clear: clear as never,
  startedOn: on(day),
});

const fileOf = (part: Partial<ClientFile>): ClientFile => ({
  ...noRecords(),
  client: {
    ...NOTHING_TOLD,
    version: 1,
    id: 'c',
    name: 'Somebody',
    about: '',
    heightM: 1.75,
    massKg: 75,
  },
  ...part,
});

/** An ankle read on these days, right side. */
const ankle = (values: readonly (readonly [day: number, deg: number])[]) => {
  const file = fileOf({ checks: values.map(([day, deg]) => bend(day, deg)) });
  const [series] = checkSeries(file);
  return maybeSideTrend(series.sides[0], series)!;
};

// Usual 40 ± 6: it begins at 34.
it.each([
  ['one reading', [[0, 25]], 'early'],
  [
    'two',
    [
      [0, 25],
      [30, 27],
    ],
    'early',
  ],
  [
    'three within a fortnight',
    [
      [0, 25],
      [6, 26],
      [13, 27],
    ],
    'early',
  ],
  [
    'where the usual begins',
    [
      [0, 36],
      [10, 35],
      [20, 36],
    ],
    'there',
  ],
  [
    'the same for six weeks',
    [
      [0, 25],
      [10, 26],
      [20, 24],
      [30, 25],
      [42, 25],
    ],
    'not-moving',
  ],
  [
    'worse',
    [
      [0, 28],
      [10, 27],
      [20, 25],
      [30, 23],
    ],
    'not-moving',
  ],
  [
    'a steady gain',
    [
      [0, 20],
      [7, 22],
      [14, 24],
      [21, 26.5],
      [28, 29],
    ],
    'due',
  ],
] as const)('%s: %p is %s', (_name, values, status) => {
  expect(ankle(values).outlook.status).toBe(status);
});

it('a target is due between weeks that follow from the way so far', () => {
  const { outlook } = ankle([
    [0, 20],
    [7, 22],
    [14, 24],
    [21, 26.5],
    [28, 29],
    [35, 31],
  ]);
  if (outlook.status !== 'due') throw new Error(outlook.status);
  expect(outlook.from).toBeLessThanOrEqual(3);
  expect(outlook.to === null || outlook.to > outlook.from).toBe(true);
});

it('what is foretold widens from week to week', () => {
  const { ahead } = ankle([
    [0, 25],
    [10, 27],
    [20, 28],
  ]);
  const widths = ahead.map(({ low, high }) => high - low);
  expect(ahead.map(({ weeks }) => weeks)).toEqual([0, 1, 2, 3, 4, 5, 6]);
  expect([...widths].sort((a, b) => a - b)).toEqual(widths);
});

it('only cold readings make the level: what is read right after the work does not', () => {
  const cold = [bend(0, 25), bend(10, 26), bend(20, 27)];
  const warm = [bend(0, 33, { role: 'again' }), bend(10, 35, { role: 'between' })];
  const [with_] = checkSeries(fileOf({ checks: [...cold, ...warm] }));
  const [without] = checkSeries(fileOf({ checks: cold }));
  expect(with_.sides[0].points).toHaveLength(5);
  expect(maybeSideTrend(with_.sides[0], with_)!.levels).toEqual(
    maybeSideTrend(without.sides[0], without)!.levels,
  );
});

it('sides together, oldest first; what was removed or has no number is left out', () => {
  const checks = [
    bend(20, 30),
    bend(0, 25),
    bend(0, 40, { side: 'left' }),
    bend(5, 99, { removed: true }),
    bend(6, null),
  ];
  const [series, ...rest] = checkSeries(fileOf({ checks }));
  expect(rest).toEqual([]);
  expect(series).toMatchObject({ check: 'ankle-bend-knee-bent', better: 'more', target: 34 });
  expect(series.sides.map(({ side, points }) => [side, points.map(({ value }) => value)])).toEqual([
    ['left', [40]],
    ['right', [25, 30]],
  ]);
  expect(maybeSideTrend({ side: 'left', points: [] }, series)).toBeNull();
});

it('how much of a gain was there at the next visit', () => {
  const checks = [bend(0, 25), bend(0, 35, { role: 'again', doneOn: on(0.02) }), bend(7, 32)];
  const [series] = checkSeries(fileOf({ checks }));
  const [kept, ...rest] = keptBetween(series.sides[0]);
  expect(rest).toEqual([]);
  expect(kept).toMatchObject({ days: 7, retention: { status: 'kept' } });
  if (kept.retention.status === 'kept') expect(kept.retention.share).toBeCloseTo(0.7, 6);
});

const slide = (grade: SeenFault['grade'], value?: number): SeenFault => ({
  fault: 'hips-slide',
  side: 'left',
  phase: 'bottom',
  grade,
  ...(value === undefined ? {} : { value, unit: 'mm' as const }),
});

it('grades over time, with what was clear; a fault looked at once has no course', () => {
  const file = fileOf({
    visits: [visitOn(0), visitOn(7)],
    looks: [
      look(0, 'first', [
        slide('marked', 40),
        { fault: 'tips-back', phase: 'bottom', grade: 'plain' },
      ]),
      look(0, 'again', [slide('plain')]),
      look(7, 'first', [], ['hips-slide']),
    ],
  });
  const [series, ...rest] = faultSeries(file);
  expect(rest).toEqual([]);
  expect(series).toMatchObject({
    fault: 'hips-slide',
    pattern: 'squat',
    sides: [{ side: 'left' }],
  });
  expect(series.sides[0].points.map(({ level, value }) => [level, value])).toEqual([
    ['marked', 40],
    ['plain', null],
    ['clear', null],
  ]);
});

it('sessions on the axis are those in which something was done', () => {
  const drill = (day: number, status: 'done' | 'skipped') => ({
    ...NOTHING_DONE,
    version: 1,
    id: `d${day}`,
    clientId: 'c',
    visitId: `v${day}`,
    drill: 'tall-march',
    side: 'left' as const,
    targets: [],
    place: 0,
    dose: oneDrill('tall-march').dose,
    status,
  });
  const file = fileOf({
    visits: [visitOn(7), visitOn(0), visitOn(14)],
    drills: [drill(7, 'done'), drill(0, 'done'), drill(14, 'skipped')],
  });
  expect(doneBetween(file).map(({ visitId, drills }) => [visitId, drills])).toEqual([
    ['v0', ['Tall slow march, left']],
    ['v7', ['Tall slow march, left']],
  ]);
});

it('a client’s trends are plain data, as a worker can hand them over', () => {
  const file = fileOf({ checks: [bend(0, 25), bend(7, 28), bend(14, 30)] });
  const trends = clientTrends(file);
  expect(structuredClone(trends)).toEqual(trends);
  const [{ series, sides }] = trends.checks;
  expect(sides).toEqual([
    { side: series.sides[0], trend: maybeSideTrend(series.sides[0], series), kept: [] },
  ]);
});

it('what was read once has no trend', () => {
  expect(clientTrends(fileOf({ checks: [bend(0, 25)] })).checks).toEqual([]);
});
