import {
  addDays,
  adherence,
  courseWeeks,
  daysFrom,
  drillState,
  halvedDose,
  homeDay,
  homeEntrySchema,
  drillKey,
  maybeDoseLog,
  nextReview,
  openReports,
  parse,
  reviewDays,
  stepAdvice,
  weekdayOf,
  weekOf,
  withStep,
  NO_WEEK_WISH,
  WEEKDAYS,
  type DoseEntry,
  type HomeAnswer,
  type HomeEntry,
  type HomePlan,
} from '../src';
import { homeDrill, weekInput } from './weeks';
import { newDose } from './madeUp';

// 2026-03-02 is a Monday.
const START = '2026-03-02';
const STRENGTH = homeDrill('side-hip-lift');
const PATTERN = homeDrill('squat-to-target');
const KEY = drillKey(STRENGTH);

const plan = (part: Partial<HomePlan> = {}): HomePlan => ({
  ...weekInput({ drills: [STRENGTH, PATTERN] }),
  pattern: 'squat',
  startsOn: START,
  weeks: 8,
  timeZone: 'Europe/Oslo',
  days: [...WEEKDAYS],
  moments: ['07:30', '20:00'],
  trainings: [],
  kit: ['wall', 'mat'],
  flags: [],
  drills: [STRENGTH, PATTERN],
  wish: NO_WEEK_WISH,
  note: '',
  answers: [],
  ...part,
});

let count = 0;
const uuid = () => `00000000-0000-4000-8000-${String(++count).padStart(12, '0')}`;
const entry = (part: Partial<DoseEntry> = {}): DoseEntry =>
  newDose(uuid(), { id: uuid(), on: START, key: KEY, name: 'Side hip lift', ...part });
const morning = (on: string, worse = true): HomeEntry => ({
  id: uuid(),
  planId: uuid(),
  planVersion: 1,
  kind: 'morning',
  on,
  said: `${on}T06:00:00.000Z`,
  worse,
});
const answer = (to: HomeEntry, does: HomeAnswer['does']): HomeAnswer => ({
  entry: to.id,
  does,
  on: `${START}T12:00:00.000Z`,
});

it.each([
  ['2026-03-02', 'mon'],
  ['2026-03-08', 'sun'],
  ['1970-01-01', 'thu'],
  ['1969-12-31', 'wed'],
  ['2024-02-29', 'thu'],
] as const)('%s is a %s', (day, weekday) => expect(weekdayOf(day)).toBe(weekday));

it('days are counted over a change of clocks and a leap day', () => {
  expect(addDays('2026-03-28', 2)).toBe('2026-03-30');
  expect(addDays('2024-02-28', 2)).toBe('2024-03-01');
  expect(daysFrom('2026-10-24', '2026-10-26')).toBe(2);
});

it('a course of eight weeks: two lighter ones, looks after two and six weeks and at its end', () => {
  const weeks = courseWeeks(plan());
  expect(weeks.flatMap(({ week, deload }) => (deload ? [week] : []))).toEqual([3, 7]);
  expect(reviewDays(plan())).toEqual(['2026-03-16', '2026-04-13', '2026-04-27']);
});

it.each([
  ['the day before', '2026-03-01', 'not-begun'],
  ['the first day', '2026-03-02', 'in'],
  ['the last day', '2026-04-26', 'in'],
  ['the day after', '2026-04-27', 'over'],
])('%s', (_name, day, status) => expect(weekOf(plan(), day).status).toBe(status));

it.each([
  ['before it', '2026-03-15', '2026-03-16'],
  ['on its day', '2026-03-16', '2026-03-16'],
  ['the day after', '2026-03-17', '2026-04-13'],
  ['when all is over', '2026-04-28', null],
])('the next look, %s', (_name, today, on) => expect(nextReview(plan(), today)).toBe(on));

describe('what pain does', () => {
  it.each([
    ['none', { pain: 0 }, 'go'],
    ['2', { pain: 2 }, 'go'],
    ['3', { pain: 3 }, 'easier'],
    ['4', { pain: 4 }, 'easier'],
    ['5', { pain: 5 }, 'stopped'],
    ['1, and sharp', { pain: 1, sharp: true }, 'stopped'],
    ['sharp without a number', { pain: null, sharp: true }, 'stopped'],
    ['not done because it hurt', { pain: null, done: 'not', why: 'hurt' }, 'easier'],
  ] as const)('%s', (_name, said, state) => expect(drillState(KEY, [entry(said)], [])).toBe(state));

  it('is of that drill alone', () => {
    expect(drillState(drillKey(PATTERN), [entry({ pain: 7 })], [])).toBe('go');
  });

  it('a little of it has passed once it was done without any', () => {
    const hurt = entry({ pain: 3 });
    expect(drillState(KEY, [hurt, entry({ on: '2026-03-04' })], [])).toBe('go');
    expect(drillState(KEY, [hurt, entry({ on: '2026-03-04', pain: 1 })], [])).toBe('easier');
  });

  it('what stops a drill is not over when it was done all the same', () => {
    expect(drillState(KEY, [entry({ pain: 6 }), entry({ on: '2026-03-04' })], [])).toBe('stopped');
  });

  it('a worse morning halves what was done the day before, and nothing else', () => {
    const said = [entry(), morning('2026-03-03')];
    expect(drillState(KEY, said, [])).toBe('halved');
    expect(drillState(drillKey(PATTERN), said, [])).toBe('go');
    expect(drillState(KEY, [entry({ done: 'not' }), morning('2026-03-03')], [])).toBe('go');
    expect(drillState(KEY, [entry(), morning('2026-03-03', false)], [])).toBe('go');
  });

  it.each([
    ['go-on', 'go'],
    ['stay', 'stopped'],
    ['take-out', 'out'],
  ] as const)('the coach answers %s', (does, state) => {
    const hurt = entry({ pain: 8 });
    expect(drillState(KEY, [hurt], [answer(hurt, does)])).toBe(state);
  });

  it('another drill is not taken out by an answer', () => {
    const hurt = entry({ pain: 8 });
    expect(drillState(drillKey(PATTERN), [hurt], [answer(hurt, 'take-out')])).toBe('go');
  });
});

it('the gravest report comes first, then the newest; what is answered is gone', () => {
  const [mild, grave, older] = [
    entry({ pain: 3, on: '2026-03-06' }),
    entry({ pain: 9 }),
    entry({ pain: 3, on: '2026-03-04' }),
  ];
  const refer: HomeEntry = { ...morning('2026-03-02'), kind: 'safety', positives: ['fever'] };
  const all = [older, mild, grave, refer, morning('2026-03-05'), entry({ on: '2026-03-04' })];
  const kinds = openReports(all, []).map(({ kind }) => kind);
  expect(kinds).toEqual(['refer', 'stop', 'halve', 'easier', 'easier']);
  expect(openReports(all, []).at(-2)!.entry).toBe(mild);
  expect(openReports(all, [answer(grave, 'stay')]).map(({ kind }) => kind)).not.toContain('stop');
});

it.each([
  [
    { by: 'reps', reps: 8, sets: 3, secondsEach: 4 },
    { reps: 8, sets: 2 },
  ],
  [
    { by: 'reps', reps: 7, sets: 1, secondsEach: 4 },
    { reps: 4, sets: 1 },
  ],
  [
    { by: 'hold', seconds: 45, sets: 1 },
    { seconds: 23, sets: 1 },
  ],
  [{ by: 'breaths', breaths: 1, sets: 1 }, { breaths: 1 }],
] as const)('half of %j', (dose, halved) => expect(halvedDose(dose)).toMatchObject(halved));

describe('two devices', () => {
  it('nothing that was said is lost: the last word counts, and the worst pain', () => {
    const first = entry({ done: 'partly', pain: 4, said: '2026-03-02T08:00:00.000Z' });
    const second = entry({ done: 'done', pain: 1, said: '2026-03-02T08:05:00.000Z' });
    for (const order of [
      [first, second],
      [second, first],
    ])
      expect(maybeDoseLog(order, first)).toEqual({
        done: 'done',
        why: null,
        pain: 4,
        sharp: false,
        times: 2,
      });
  });

  it('another time of the same day is another dose', () => {
    expect(maybeDoseLog([entry()], { on: START, key: KEY, at: '20:00' })).toBeNull();
  });
});

it('a day as the rules leave it', () => {
  const sayings = [entry({ done: 'done' }), morning('2026-03-03')];
  const today = homeDay(plan(), sayings, '2026-03-04').doses.find(({ key }) => key === KEY)!;
  const before = homeDay(plan(), [], '2026-03-04').doses.find(({ key }) => key === KEY)!;
  expect(today.state).toBe('halved');
  expect(today.dose.sets).toBe(Math.ceil(before.dose.sets / 2));
  const out = plan({ answers: [answer(sayings[1], 'take-out')] });
  expect(homeDay(out, sayings, '2026-03-04').doses.some(({ key }) => key === KEY)).toBe(false);
});

it('nothing said is told apart from not done, and today does not count yet', () => {
  const said = [entry(), entry({ on: '2026-03-04', done: 'not', why: 'no-time' })];
  const sum = adherence(plan({ drills: [STRENGTH] }), said, START, '2026-03-07');
  expect(sum).toMatchObject({ planned: 3, done: 1, not: 1, partly: 0, silent: 1 });
  expect(adherence(plan(), said, START, START).planned).toBe(0);
  expect(adherence(plan(), said, '2020-01-01', START).planned).toBe(0);
});

describe('steps along a chain', () => {
  const done = (n: number, part: Partial<DoseEntry> = {}) =>
    Array.from({ length: n }, (_, i) => entry({ on: addDays(START, 2 * i), ...part }));

  it('up when six in a row were owned over ten days, not before', () => {
    expect(stepAdvice(plan(), done(5))).toEqual([]);
    expect(stepAdvice(plan(), done(6))).toMatchObject([
      { key: KEY, says: 'harder', to: 'tall-march' },
    ]);
    expect(stepAdvice(plan(), [...done(5), entry({ on: '2026-03-12', pain: 3 })])).toEqual([]);
    const hurried = done(6).map((one, i) => ({ ...one, on: addDays(START, i) }));
    expect(stepAdvice(plan(), hurried)).toEqual([]);
  });

  it('down when the last three hurt', () => {
    const march = plan({ drills: [homeDrill('tall-march', { side: 'left' })] });
    const said = done(3, { key: drillKey(march.drills[0]), done: 'partly', why: 'hurt', pain: 2 });
    const [step] = stepAdvice(march, said);
    expect(step).toMatchObject({ says: 'easier', to: 'side-hip-lift' });
    expect(withStep(march, step).drills[0]).toMatchObject({ drill: 'side-hip-lift', known: false });
  });
});

it.each([
  ['a dose', entry(), null],
  ['a morning', morning(START), null],
  ['pain of 11', entry({ pain: 11 }), 'pain'],
  ['a time that is none', entry({ at: '25:00' }), 'at'],
  ['a day that is none', entry({ on: '2026-02-30' }), 'on'],
  ['a field of another kind', { ...morning(START), done: 'done' }, 'done'],
  ['no kind', { ...morning(START), kind: 'mood' }, 'kind'],
])('an entry as it is taken: %s', (_name, value, path) => {
  const read = parse(homeEntrySchema, value);
  expect(read.status === 'ok' ? null : read.problems[0].path).toBe(path);
});
