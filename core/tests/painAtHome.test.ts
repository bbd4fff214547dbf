import {
  careAtHome,
  careButDepth,
  handoutOf,
  homePage,
  drillKey,
  maybeOpenPlan,
  noRecords,
  NOTHING_HELD,
  NOTHING_SEEN,
  NOTHING_TOLD,
  planWeek,
  USUAL_SETUP,
  type ClientFile,
  type Kit,
  type Pain,
} from '../src';
import { painsAtHome } from '../src/planning/home/painsAtHome';
import { painAt } from './painAt';
import { newPlan } from './madeUp';
import { homeDrill } from './weeks';

const [VISIT, LATER, LAST] = ['v1', 'v2', 'v3'];
const about = { clientId: 'c', version: 1 };
const START = '2026-03-02';
const HIP_LIFT = homeDrill('side-hip-lift', { side: 'right' });
const STEP_DOWN = homeDrill('slow-step-down', { side: 'right' });
const PATTERN = homeDrill('squat-to-target');

const visit = (id: string, day: string): ClientFile['visits'][number] => ({
  ...NOTHING_HELD,
  ...about,
  id,
  pattern: 'squat',
  openedOn: `${day}T10:00:00.000Z`,
  closedOn: null,
  step: 'verdict',
  asks: [],
  minutes: 12,
  next: 'rest',
});
const look = (visitId: string, day: string, pain: Pain[]): ClientFile['looks'][number] => ({
  ...NOTHING_SEEN,
  ...about,
  id: `look-${visitId}`,
  visitId,
  role: 'first',
  setup: USUAL_SETUP,
  startedOn: `${day}T10:05:00.000Z`,
  pain: pain.map((one) => ({ ...one, on: `${day}T10:06:00.000Z` })),
});

/** A plan taken home, and looks in later visits in which so much hurt. */
function fileWith(...later: Pain[][]): ClientFile {
  const days = ['2026-03-09', '2026-03-16'];
  const ids = [LATER, LAST];
  return {
    ...noRecords(),
    client: {
      ...NOTHING_TOLD,
      id: 'c',
      version: 1,
      name: 'A B',
      about: '',
      heightM: 1.75,
      massKg: 75,
      consent: { on: START, wording: '2026-1', guardian: null },
    },
    visits: [visit(VISIT, '2026-03-01'), ...later.map((_, i) => visit(ids[i], days[i]))],
    looks: [look(VISIT, '2026-03-01', []), ...later.map((pain, i) => look(ids[i], days[i], pain))],
    homePlans: [
      {
        ...newPlan(
          { id: VISIT, clientId: 'c' },
          {
            id: 'p',
            startsOn: START,
            kit: ['wall', 'mat', 'post'],
            minutes: 30,
            drills: [HIP_LIFT, STEP_DOWN, PATTERN],
          },
        ),
        version: 1,
      },
    ],
  };
}

const onPage = (file: ClientFile) =>
  homePage(file, 'Saltreach', '2026-03-20').plan!.days.flatMap(({ doses }) =>
    doses.map(({ key }) => key),
  );
const onPaper = (file: ClientFile) => handout(file).map(({ drill }) => drillKey(drill));

it.each<[string, Pain[][], boolean]>([
  ['nothing hurts', [[]], true],
  ['a knee at 4', [[painAt({ score: 4 })]], true],
  ['a knee at 5', [[painAt({ score: 5 })]], false],
  ['a sharp knee at 1', [[painAt({ score: 1, kind: 'sharp' })]], false],
  ['the other knee at 7', [[painAt({ score: 7, side: 'left' })]], true],
  ['a knee that hurt, and no more in the visit after', [[painAt({ score: 7 })], []], true],
  ['a knee that hurts since', [[], [painAt({ score: 7 })]], false],
])('%s in a look since the plan was made', (_name, later, isThere) => {
  const file = fileWith(...later);
  for (const drills of [onPage(file), onPaper(file)]) {
    expect(drills.includes(drillKey(STEP_DOWN))).toBe(isThere);
    expect(drills).toContain(drillKey(HIP_LIFT));
    expect(drills).toContain(drillKey(PATTERN));
  }
});

const handout = (file: ClientFile, careOf = careAtHome) => {
  const open = maybeOpenPlan(file)!;
  return handoutOf(open.plan, open.entries, careOf(file, open.plan)).drills;
};
/** As a screen knows it before the posture model has said how deep. */
const quickCare: typeof careAtHome = (file, plan) => careButDepth(file, painsAtHome(file, plan));

it('what helped in the newest look stays at home, on the page and on both papers, where its kit is', () => {
  const HELPED = 'What helped stays: heels on the wedge.';
  const helped = (kit: Kit[]): ClientFile => {
    const file = fileWith([]);
    const { client, looks } = file;
    const done = {
      ...about,
      visitId: LATER,
      id: 'probe',
      probe: 'heels-up',
      setup: USUAL_SETUP,
      outcomes: [{ fault: 'depth-short', side: null, outcome: 'better' }],
      doneOn: looks[1].startedOn,
      removed: false,
    } as const;
    const probes = [{ ...done, outcomes: [...done.outcomes] }];
    return { ...file, probes, client: { ...client, home: { ...client.home, kit } } };
  };
  const told = (file: ClientFile) => [
    homePage(file, 'Saltreach', '2026-03-20').plan!.drills.flatMap(({ care }) => care),
    ...[careAtHome, quickCare].map((care) => handout(file, care).flatMap((one) => one.care)),
  ];
  for (const care of told(helped(['wedge', 'wall']))) expect(care).toContain(HELPED);
  for (const care of told(helped(['wall']))) expect(care).not.toContain(HELPED);
});

it('what a clinician has not allowed yet is not on the page, nor on paper', () => {
  const file = fileWith([]);
  const clearance = {
    question: 'recent-operation',
    reportedIn: VISIT,
    recordedIn: VISIT,
    by: 'Dr Orla Fenn',
    on: START,
    scope: 'squats',
    without: { not: ['one-leg'], region: 'knee', side: 'right' },
  } satisfies ClientFile['client']['clearances'][number];
  const cleared = { ...file, client: { ...file.client, clearances: [clearance] } };
  for (const drills of [onPage(cleared), onPaper(cleared)]) {
    expect(drills).not.toContain(drillKey(STEP_DOWN));
    expect(drills).toContain(drillKey(PATTERN));
  }
  expect(onPage(file)).toContain(drillKey(STEP_DOWN));
});

it('the coach reads why in the week', () => {
  const { plan } = maybeOpenPlan(fileWith([painAt({ score: 7 })]))!;
  const week = planWeek(plan, { introduces: false, deload: false, begins: 'mon' });
  expect(week).toMatchObject({
    status: 'planned',
    dropped: [
      { key: drillKey(STEP_DOWN), why: 'pain', says: 'it loads the right knee, which hurts' },
    ],
  });
});
