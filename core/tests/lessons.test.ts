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
    probes: [],
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
    pictures: [],
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
    /^Earlier, knee over outer toes: .*28° → 36°.*plain → plain$/,
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
