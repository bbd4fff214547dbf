import {
  doseMinutes,
  gaugeOf,
  NO_WISH,
  NOTHING_HELD,
  NOTHING_MEASURED,
  planSession,
  withWarmUp,
  type CheckRecord,
  type Dose,
  type Norms,
  type Side,
  type VisitRecord,
} from '../src';

const day = (n: number) =>
  new Date(Date.parse('2026-11-26T08:00:00.000Z') - n * 86_400_000).toISOString();

const visit = (id: string, daysAgo: number): VisitRecord & { version: number } => ({
  version: 1,
  id,
  clientId: 'c',
  pattern: 'squat',
  openedOn: day(daysAgo),
  closedOn: null,
  step: 'work',
  asks: [],
  minutes: 12,
  next: 'training',
  ...NOTHING_HELD,
});

const read = (visitId: string, passive: number, part: Partial<CheckRecord> = {}) => ({
  version: 1,
  clientId: 'c',
  visitId,
  ...NOTHING_MEASURED,
  id: `${visitId}${passive}`,
  role: 'first' as const,
  check: 'floor-sit-turn' as const,
  side: 'left' as const,
  passive,
  doneOn: day(0),
  removed: false,
  ...part,
});

/** Earlier readings a week apart, newest first, and today's. */
function gauge(
  earlier: readonly number[],
  today: number | null,
  side: Side = 'left',
  norms: Norms = {},
) {
  const visits = [visit('now', 0), ...earlier.map((_, i) => visit(`v${i}`, 7 * (i + 1)))];
  const checks = [
    ...earlier.map((value, i) => read(`v${i}`, value)),
    ...(today === null ? [] : [read('now', today)]),
  ];
  return gaugeOf({ visits, checks, client: { norms } }, visits[0], side);
}

it.each([
  ['nothing read', [40, 40, 40], null, { status: 'unread', earlier: 3 }],
  ['two readings are no normal yet', [40, 41], 20, { status: 'learning', earlier: 2, minutes: 1 }],
  ['three are', [40, 41, 39], 40, { status: 'read', normal: 40, earlier: 3, minutes: 1 }],
  ['more than usual', [40, 41, 39], 52, { minutes: 1 }],
] as const)('%s', (_name, earlier, today, wanted) => {
  expect(gauge(earlier, today)).toMatchObject(wanted);
});

// Ordinary: 1.96 · √(3.5² + 2.5²) · √(1 + 1/4) = 9.425
it.each([
  [30.6, 1],
  [30.5, 4],
  [20, 4],
])('today %p of a normal of 40: %p minutes', (today, minutes) => {
  expect(gauge([40, 42, 38, 40], today)).toMatchObject({ minutes });
});

// Read to half a degree, by eight readings: 1.96 · √(0.5² + 2.5²) · √(1 + 1/8) = 5.30
it.each([
  [34.8, 1],
  [34.6, 3],
  [34, 3],
  [33.9, 4],
])(
  'with a better instrument, %p of 40: %p minutes, one for every three degrees',
  (today, minutes) => {
    const norms = { 'floor-sit-turn': { usual: [45, 8], restricted: [25, 8], sem: 0.5 } } as const;
    expect(gauge(Array(8).fill(40), today, 'left', norms as never)).toMatchObject({ minutes });
  },
);

it('the normal is that of the latest eight, in whatever order they were written', () => {
  const earlier = [38, 42, 40, 40, 40, 40, 40, 40, 90];
  const visits = [visit('now', 0), ...earlier.map((_, i) => visit(`v${i}`, 7 * (i + 1)))];
  const checks = [read('now', 40), ...earlier.map((value, i) => read(`v${i}`, value))];
  const all = { visits, client: { norms: {} } };
  const wanted = { normal: 40, earlier: 8 };
  expect(gaugeOf({ ...all, checks }, visits[0], 'left')).toMatchObject(wanted);
  const turned = { ...all, checks: checks.toReversed() };
  expect(gaugeOf(turned, visits[0], 'left')).toMatchObject(wanted);
});

it('a normal is made of ten weeks, the first day with them, and of nothing that came later', () => {
  const visits = [
    visit('now', 0),
    visit('a', 70),
    visit('b', 70.001),
    visit('c', -7),
    visit('d', 0),
  ];
  const checks = ['a', 'b', 'c', 'd', 'now'].map((id) => read(id, 40));
  expect(gaugeOf({ visits, checks, client: { norms: {} } }, visits[0], 'left').earlier).toBe(1);
});

it('another check, an empty reading, and one whose visit is gone say nothing', () => {
  const visits = [visit('now', 0), visit('a', 7), visit('b', 14)];
  const checks = [
    read('a', 40, { check: 'hip-turn-in' }),
    read('b', 40, { passive: null }),
    read('gone', 40),
    read('now', 40),
  ];
  expect(gaugeOf({ visits, checks, client: { norms: {} } }, visits[0], 'left').earlier).toBe(0);
});

it.each<[number, Dose]>([
  [1, { by: 'reps', reps: 10, sets: 1, secondsEach: 6 }],
  [2, { by: 'reps', reps: 8, sets: 2, secondsEach: 6 }],
  [3, { by: 'reps', reps: 8, sets: 3, secondsEach: 6 }],
  [4, { by: 'reps', reps: 10, sets: 3, secondsEach: 6 }],
  [5, { by: 'reps', reps: 10, sets: 3, secondsEach: 6 }],
])('%p minutes of warming up are %j', (minutes, dose) => {
  expect(withWarmUp(NO_WISH, { right: minutes }).doses).toEqual({ 'seated-leg-turns@right': dose });
});

it('the more often a client was read, the smaller a shortfall is told', () => {
  const { ordinary } = gauge(Array(8).fill(40), 40) as { ordinary: number };
  const few = gauge([40, 40, 40], 40) as { ordinary: number };
  expect(ordinary).toBeLessThan(few.ordinary);
});

it('the other side, what was taken back, another visit’s second look and last year say nothing', () => {
  expect(gauge([40, 40, 40], 30, 'right')).toEqual({ status: 'unread', earlier: 0 });
  const visits = [visit('now', 0), visit('a', 7), visit('b', 400)];
  const checks = [
    read('a', 40, { removed: true }),
    read('a', 41, { role: 'again' }),
    read('b', 40),
    read('now', 30),
  ];
  expect(gaugeOf({ visits, checks, client: { norms: {} } }, visits[0], 'left')).toMatchObject({
    status: 'learning',
    earlier: 0,
  });
});

it('puts its minutes into the session, for each side as many as it needs, and again when read again', () => {
  const limits = {
    pattern: 'squat',
    minutes: 12,
    flags: [],
    next: 'training',
    approach: 'blended',
  } as const;
  const session = (wish = NO_WISH) => planSession({ causes: [] }, limits, wish).drills;
  const wish = withWarmUp(withWarmUp(NO_WISH, { left: 4, right: 1 }), { left: 2 });
  const warm = session(wish).filter(({ drill }) => drill.id === 'seated-leg-turns');
  expect(warm.map(({ side }) => side)).toEqual(['left', 'right']);
  expect(warm.map(({ dose }) => Math.round(doseMinutes(dose)))).toEqual([2, 1]);
  expect(session(wish).at(-1)!.drill.family).toBe('pattern');
  expect(planSession({ causes: [] }, limits, wish).broken).toEqual([]);
  expect(warm[0].why).toBe('The coach holds on to it');
});
