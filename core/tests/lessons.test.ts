import {
  caseFileOf,
  lessonsOf,
  maybeVisitFile,
  NOTHING_DONE,
  NOTHING_HELD,
  NOTHING_MEASURED,
  NOTHING_SEEN,
  NOTHING_TOLD,
  oneDrill,
  trace,
  traceSnapshot,
  USUAL_SETUP,
  visitPart,
  type ClientFile,
  type SeenFault,
  noRecords,
} from '../src';

const at = (day: number) => `2026-11-${String(day).padStart(2, '0')}T10:00:00.000Z`;
const knee = (grade: SeenFault['grade']): SeenFault => ({
  fault: 'knee-in',
  side: 'left',
  phase: 'up',
  grade,
});

interface Done {
  readonly ankle?: number;
  readonly knee: SeenFault['grade'] | 'clear' | 'not seen';
}

/** One visit whose drill was for the left ankle, with what the second look found; and one after it. */
function twoVisits({ ankle, knee: after }: Done): ClientFile {
  const record = { version: 1, clientId: 'c', visitId: 'v1' };
  const look = (id: string, role: 'first' | 'again', visitId = 'v1') => ({
    ...record,
    ...NOTHING_SEEN,
    id,
    visitId,
    role,
    setup: USUAL_SETUP,
    startedOn: at(1),
  });
  const check = (id: string, role: 'first' | 'again', passive: number) => ({
    ...record,
    ...NOTHING_MEASURED,
    id,
    role,
    check: 'ankle-bend-knee-bent' as const,
    side: 'left' as const,
    passive,
    doneOn: at(1),
    removed: false,
  });
  const visit = (id: string, day: number) => ({
    version: 1,
    id,
    clientId: 'c',
    pattern: 'squat' as const,
    openedOn: at(day),
    closedOn: at(day),
    step: 'verdict' as const,
    asks: [],
    minutes: 12,
    next: 'rest' as const,
    ...NOTHING_HELD,
  });
  return {
    ...noRecords(),
    client: {
      ...NOTHING_TOLD,
      version: 1,
      id: 'c',
      name: 'Jory',
      about: '',
      heightM: 1.76,
      massKg: 64,
    },
    visits: [visit('v2', 20), visit('v1', 1)],
    looks: [
      { ...look('l1', 'first'), faults: [knee('plain')] },
      ...(after === 'not seen'
        ? []
        : [
            {
              ...look('l2', 'again'),
              faults: after === 'clear' ? [] : [knee(after)],
              clear: after === 'clear' ? ['knee-in' as const] : [],
            },
          ]),
      { ...look('l3', 'first', 'v2'), faults: [knee('plain')] },
    ],
    checks: [check('k1', 'first', 28), ...(ankle ? [check('k2', 'again', ankle)] : [])],
    drills: [
      {
        ...record,
        id: 'd1',
        drill: 'knee-over-outer-toes',
        side: 'left',
        targets: ['ankle-joint:left'],
        place: 0,
        ...NOTHING_DONE,
        dose: oneDrill('knee-over-outer-toes').dose,
        status: 'done',
        pain: 0,
        doneOn: at(1),
      },
    ],
  };
}

const lessonsIn = (done: Done) => {
  const file = twoVisits(done);
  return lessonsOf(
    visitPart(
      file,
      file.visits.find(({ id }) => id === 'v1')!,
    ),
  );
};

it.each([
  ['the pattern got better', { ankle: 36, knee: 'clear' }, 'helped'],
  ['the joint got better and the pattern did not', { ankle: 36, knee: 'plain' }, 'not-it'],
  ['neither moved', { ankle: 28.5, knee: 'plain' }, 'unmoved'],
  ['the joint was not measured again', { knee: 'plain' }, 'unmoved'],
] as const)('%s', (_name, done, outcome) => {
  expect(lessonsIn(done)).toEqual([
    expect.objectContaining({ cause: 'ankle-joint', side: 'left', outcome, visitId: 'v1' }),
  ]);
});

it('a pattern that was not looked at again teaches nothing', () =>
  expect(lessonsIn({ ankle: 36, knee: 'not seen' })).toEqual([]));

it('says what was done, and what moved', () =>
  expect(lessonsIn({ ankle: 36, knee: 'plain' })[0].words).toMatch(
    /^Earlier, half-kneeling ankle pump: .*28° → 36°.*plain → plain$/,
  ));

it('a later visit of the pattern knows it, and its trace is lower for that cause', () => {
  const file = twoVisits({ ankle: 36, knee: 'plain' });
  const later = maybeVisitFile(file, 'v2')!;
  expect(later.lessons.map(({ outcome }) => outcome)).toEqual(['not-it']);
  const p = (lessons: typeof later.lessons) =>
    trace(caseFileOf({ ...later, lessons })).causes.find(({ key }) => key === 'ankle-joint:left')!
      .p;
  expect(p(later.lessons)).toBeLessThan(p([]));
  expect(maybeVisitFile(file, 'v1')!.lessons).toEqual([]);
});

it('keeps the trace of a moment, most probable first, and nothing that was never thought of', () => {
  const found = trace(caseFileOf(maybeVisitFile(twoVisits({ knee: 'plain' }), 'v1')!));
  const { on, causes } = traceSnapshot(found, at(1));
  expect(on).toBe(at(1));
  expect(causes[0]).toMatchObject({ cause: 'ankle-joint', side: 'left' });
  expect(causes.every(({ p }) => p >= 0.05)).toBe(true);
  expect(causes.map(({ p }) => p)).toEqual([...causes.map(({ p }) => p)].sort((a, b) => b - a));
});

describe('what the weeks taught', () => {
  /** Visits a week apart, the ankle read cold in each and worked on in all but the last. */
  function weeks(readings: readonly number[], workedIn = readings.length - 1): ClientFile {
    const one = twoVisits({ ankle: 36, knee: 'clear' });
    const [, first] = one.visits;
    const day = (i: number) => new Date(Date.parse(at(1)) + 7 * i * 86_400_000).toISOString();
    const [check] = one.checks;
    const [drill] = one.drills;
    const inVisit = (i: number) => ({ id: `t${i}`, visitId: `v${i}` });
    return {
      ...one,
      visits: readings.map((_, i) => ({ ...first, id: `v${i}`, openedOn: day(i) })),
      looks: readings.map((_, i) => ({ ...one.looks[0], ...inVisit(i), startedOn: day(i) })),
      checks: readings.map((passive, i) => ({ ...check, ...inVisit(i), passive, doneOn: day(i) })),
      drills: readings.slice(0, workedIn).map((_, i) => ({ ...drill, ...inVisit(i) })),
    };
  }
  const learned = (file: ClientFile) =>
    maybeVisitFile(file, file.visits.at(-1)!.id)!.lessons.filter(({ words }) =>
      words.startsWith('Over '),
    );

  it.each([
    ['worked on for six weeks and where it was', [28, 28, 29, 28, 28, 28, 28], 6, 1],
    ['it moves', [28, 30, 32, 34, 36, 38, 40], 6, 0],
    ['too few readings to say', [28, 28], 1, 0],
    ['worked on only once', [28, 28, 29, 28, 28, 28, 28], 1, 0],
  ])('%s', (_name, readings, workedIn, count) => {
    const found = learned(weeks(readings, workedIn));
    expect(found).toHaveLength(count);
    if (count > 0) expect(found[0]).toMatchObject({ cause: 'ankle-joint', outcome: 'unmoved' });
  });

  it('lowers its cause, and its rivals rise', () => {
    const stuck = weeks([28, 28, 29, 28, 28, 28, 28]);
    const visit = maybeVisitFile(stuck, 'v6')!;
    const p = (lessons: typeof visit.lessons) =>
      new Map(trace(caseFileOf({ ...visit, lessons })).causes.map((one) => [one.key, one.p]));
    const [without, with_] = [p([]), p(learned(stuck))];
    expect(with_.get('ankle-joint:left')!).toBeLessThan(without.get('ankle-joint:left')! - 0.02);
    expect([...with_].some(([key, value]) => value > (without.get(key) ?? 0) + 0.001)).toBe(true);
  });

  it('what was read after a visit is not known in it', () => {
    const file = weeks([28, 28, 29, 28, 28, 28, 28]);
    expect(maybeVisitFile(file, 'v1')!.lessons.some(({ words }) => words.startsWith('Over '))).toBe(
      false,
    );
  });
});
