import {
  doseMinutes,
  gaugeOf,
  NO_WISH,
  NOTHING_HELD,
  NOTHING_MEASURED,
  planSession,
  withWarmUp,
  type CheckRecord,
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
function gauge(earlier: readonly number[], today: number | null, side: Side = 'left') {
  const visits = [visit('now', 0), ...earlier.map((_, i) => visit(`v${i}`, 7 * (i + 1)))];
  const checks = [
    ...earlier.map((value, i) => read(`v${i}`, value)),
    ...(today === null ? [] : [read('now', today)]),
  ];
  return gaugeOf({ visits, checks, client: { norms: {} } }, visits[0], side);
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
