import {
  clientLine,
  clientSummary,
  homePage,
  drillKey,
  maybeLeadingReport,
  maybeOpenPlan,
  NO_WEEK_WISH,
  NOTHING_HELD,
  NOTHING_SEEN,
  NOTHING_TOLD,
  FLAGS,
  oneDrill,
  rankOf,
  reportsToSee,
  WEEKDAYS,
  type ClientFile,
  type DoseEntry,
  type HomeEntry,
  type HomePlanRecord,
  noRecords,
  USUAL_SETUP,
} from '../src';
import { maybeForbidden } from '../src/inference/safety/flagRules';
import { homeDrill } from './weeks';
import { newDose } from './madeUp';

const CLIENT = '00000000-0000-4000-8000-00000000000c';
const VISIT = '00000000-0000-4000-8000-00000000000d';
const CONSENT = { on: '2026-01-01', wording: '2026-1', guardian: null };
const PATTERN = homeDrill('squat-to-target');

const plan: HomePlanRecord & { version: number } = {
  id: '00000000-0000-4000-8000-00000000000e',
  clientId: CLIENT,
  visitId: VISIT,
  version: 1,
  pattern: 'squat',
  approach: 'blended',
  startsOn: '2026-03-02',
  weeks: 4,
  timeZone: 'Europe/Oslo',
  minutes: 20,
  days: [...WEEKDAYS],
  moments: ['07:30'],
  trainings: [],
  kit: ['wall'],
  flags: [],
  drills: [PATTERN],
  wish: NO_WEEK_WISH,
  note: '',
  answers: [],
  madeOn: '2026-03-02T10:00:00.000Z',
  endedOn: null,
};

const file = (part: Partial<ClientFile> = {}, closedOn: string | null = 'x'): ClientFile => ({
  ...noRecords(),
  client: {
    id: CLIENT,
    version: 1,
    name: 'Maren',
    about: 'stonemason',
    heightM: 1.7,
    massKg: 70,
    ...NOTHING_TOLD,
  },
  visits: [
    {
      id: VISIT,
      version: 1,
      clientId: CLIENT,
      pattern: 'squat',
      openedOn: '2026-03-01T10:00:00.000Z',
      closedOn,
      step: 'verdict',
      asks: [{ on: '2026-03-01T10:00:00.000Z', positives: [] }],
      minutes: 12,
      next: 'rest',
      ...NOTHING_HELD,
    },
  ],
  homePlans: [plan],
  ...part,
});

let count = 0;
const base = (on: string) => ({
  id: `00000000-0000-4000-8000-${String(++count).padStart(12, '0')}`,
  planId: plan.id,
  planVersion: 1,
  on,
  said: `${on}T08:00:00.000Z`,
});
const dose = (on: string, part: Partial<DoseEntry> = {}): HomeEntry =>
  newDose(plan.id, { ...base(on), key: drillKey(PATTERN), ...part });
const refer = (on: string): HomeEntry => ({ ...base(on), kind: 'safety', positives: ['fever'] });

it.each([
  ['a stop-and-refer answer', [refer('2026-03-03'), dose('2026-03-03', { pain: 8 })], 0],
  ['pain that stops', [dose('2026-03-03', { pain: 5 }), dose('2026-03-04', { pain: 3 })], 1],
  ['pain that eases', [dose('2026-03-03', { pain: 3 })], 3],
  ['nothing but work', [dose('2026-03-03')], 6],
] as const)('%s comes in its place', (_name, homeEntries, rank) => {
  expect(rankOf(clientSummary(file({ homeEntries: [...homeEntries] })))).toBe(rank);
});

it('what hangs comes after pain and before the quiet', () => {
  expect(rankOf(clientSummary(file({}, null)))).toBe(4);
});

it.each([
  ['a little pain waits behind a clinician', 3, 2, null],
  ['pain that stops does not', 5, 1, 'stop'],
] as const)('%s', (_name, pain, rank, leads) => {
  const asked = file({ homeEntries: [dose('2026-03-03', { pain })] });
  const [visit] = asked.visits;
  const asks = [{ on: visit.openedOn, positives: ['fever' as const] }];
  const summary = clientSummary({ ...asked, visits: [{ ...visit, asks }] });
  expect(rankOf(summary)).toBe(rank);
  expect(maybeLeadingReport(summary.reports, true)?.kind ?? null).toBe(leads);
});

it('a stop-and-refer answer stays until it is cleared, also when the plan has ended', () => {
  const entry = refer('2026-03-03');
  const ended = file({ homeEntries: [entry], homePlans: [{ ...plan, endedOn: 'x' }] });
  expect(reportsToSee(ended)).toHaveLength(1);
  const clearance = {
    question: 'fever' as const,
    reportedIn: entry.id,
    recordedIn: VISIT,
    by: 'Dr Aune',
    on: '2026-03-05',
    scope: 'all',
  };
  const cleared = { ...ended, client: { ...ended.client, clearances: [clearance] } };
  expect(reportsToSee(cleared)).toEqual([]);
});

it('pain that comes in when its plan has ended is seen; what was seen by then is not asked again', () => {
  const [late, seen] = [dose('2026-03-04', { pain: 6 }), dose('2026-03-03', { pain: 7 })];
  const answers = [{ entry: seen.id, does: 'stay' as const, on: 'x' }];
  const old = { ...plan, endedOn: 'x', answers };
  const next = {
    ...plan,
    id: '00000000-0000-4000-8000-00000000000f',
    madeOn: '2026-03-05T10:00:00.000Z',
  };
  const now = file({ homePlans: [old, next], homeEntries: [seen, late] });
  expect(reportsToSee(now).map(({ entry }) => entry)).toEqual([late]);
  expect(maybeOpenPlan({ ...now, client: { ...now.client, consent: CONSENT } })!.entries).toEqual(
    [],
  );
});

it.each([
  ['consent', {}, true],
  ['no consent', { consent: null }, false],
  ['under age, without a guardian', { flags: ['minor' as const] }, false],
])('what leaves the practice: %s', (_name, part, open) => {
  const one = file();
  const client = { ...one.client, consent: CONSENT, ...part };
  expect(maybeOpenPlan({ ...one, client }) !== null).toBe(open);
});

it.each([
  ['the day before the review', '2026-03-15', null],
  ['the day of the review', '2026-03-16', 'look-due'],
])('with a plan a look is due when the plan says so: %s', (_name, today, kind) => {
  expect(clientLine(clientSummary(file()), today).looseEnd?.kind ?? null).toBe(kind);
});

it('without a plan after two weeks', () => {
  const { due } = clientSummary(file({ homePlans: [] }));
  expect(due).toEqual({ on: '2026-03-15', why: 'fortnight' });
});

it('a flag that became known since keeps a drill out of the plan', () => {
  const held = homeDrill('front-thigh-half-kneeling');
  const flag = FLAGS.find(({ id }) =>
    maybeForbidden(oneDrill(held.drill), held.side, { flags: [id] }),
  )!.id;
  const both = {
    ...plan,
    kit: [...oneDrill(held.drill).kit, 'wall' as const],
    drills: [held, PATTERN],
  };
  const days = (flags: (typeof flag)[]) => {
    const known = file({ homePlans: [both] });
    const page = homePage(
      { ...known, client: { ...known.client, flags, consent: CONSENT } },
      'x',
      '2026-03-03',
    );
    return JSON.stringify(page.plan!.days);
  };
  expect(days([])).toContain(held.drill);
  expect(days([flag])).not.toContain(held.drill);
});

describe('what hurts is looked out for at home', () => {
  const both = { ...plan, drills: [PATTERN] };
  const visitOn = (id: string, day: string, pattern: 'squat' | 'hinge' = 'squat') => ({
    ...NOTHING_HELD,
    version: 1,
    id,
    clientId: CLIENT,
    pattern,
    openedOn: `${day}T10:00:00.000Z`,
    closedOn: null,
    step: 'ask' as const,
    asks: [],
    minutes: 12,
    next: 'training' as const,
  });
  const lookIn = (visitId: string, scores: readonly number[]) => ({
    ...NOTHING_SEEN,
    version: 1,
    id: `look-of-${visitId}`,
    clientId: CLIENT,
    visitId,
    role: 'first' as const,
    setup: USUAL_SETUP,
    startedOn: '2026-03-01T10:00:00.000Z',
    pain: scores.map((score) => ({
      region: 'knee' as const,
      side: 'right' as const,
      phase: 'bottom' as const,
      score,
      kind: 'ache' as const,
      on: '2026-03-01T10:05:00.000Z',
    })),
  });
  const LATER = '00000000-0000-4000-8000-0000000000aa';
  const careWith = (visits: ReturnType<typeof visitOn>[], looks: ReturnType<typeof lookIn>[]) => {
    const one = file({ homePlans: [both], visits, looks });
    const page = homePage(
      { ...one, client: { ...one.client, consent: CONSENT } },
      'x',
      '2026-03-03',
    );
    return page.plan!.drills[0].care ?? [];
  };

  it.each([
    ['with a depth', 6, 2],
    ['not when it hardly hurts', 2, 0],
  ])('%s', (_name, score, says) => {
    const care = careWith([visitOn(VISIT, '2026-03-01')], [lookIn(VISIT, [score])]);
    expect(care).toHaveLength(says);
    if (says)
      expect(care[1]).toMatch(/^Thighs no lower than \d+° above level: there the right knee/);
  });

  it('what was told since counts, with the depth of its own pattern only, and what is gone is gone', () => {
    const visits = [visitOn(VISIT, '2026-03-01'), visitOn(LATER, '2026-03-02')];
    expect(careWith(visits, [lookIn(VISIT, []), lookIn(LATER, [6])])).toHaveLength(2);
    expect(careWith(visits, [lookIn(VISIT, [6]), lookIn(LATER, [])])).toEqual([]);
    const hinge = [visits[0], visitOn(LATER, '2026-03-02', 'hinge')];
    const care = careWith(hinge, [lookIn(VISIT, []), lookIn(LATER, [6])]);
    expect(care).toEqual([expect.stringMatching(/^Stop above where the right knee hurts/)]);
  });
});

it('the week behind us tells silence apart from not done', () => {
  const said = [
    dose('2026-03-02'),
    dose('2026-03-04', { done: 'partly' }),
    dose('2026-03-05', { done: 'not', why: 'no-time' }),
  ];
  const summary = clientSummary(file({ homeEntries: said }));
  const week = clientLine(summary, '2026-03-09').week!;
  expect(week).toMatchObject({ planned: 7, done: 1, partly: 1, not: 1, silent: 4 });
  expect(week.minutes).toBeGreaterThan(0);
  expect(clientLine(summary, '2026-03-03').week).toMatchObject({ planned: 1, done: 1 });
  expect(clientLine(summary, '2026-03-02').week).toBeNull();
  expect(clientLine(summary, '2026-05-01').week).toBeNull();
});
