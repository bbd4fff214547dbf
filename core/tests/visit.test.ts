import {
  boardOf,
  caseFileOf,
  levelIn,
  clientLine,
  clientSummary,
  maybeVisitFile,
  threadThrough,
  trace,
  USUAL_SETUP,
  verdictsOf,
  type ClientFile,
  type LookRecord,
  NOTHING_MEASURED,
  NOTHING_SEEN,
  NOTHING_TOLD,
  NOTHING_HELD,
  noRecords,
} from '../src';

const of = { clientId: 'c', visitId: 'v', version: 1 };
const NOW = '2026-11-20';
const slide = {
  fault: 'hips-slide',
  side: 'left',
  phase: 'bottom',
  grade: 'plain',
  value: 34,
  unit: 'mm',
} as const;
const first = {
  ...of,
  id: 'l1',
  role: 'first',
  setup: USUAL_SETUP,
  ...NOTHING_SEEN,
  faults: [slide],
  startedOn: '2026-11-20T10:00:00.000Z',
} as unknown as LookRecord & { version: number };
const check = {
  ...of,
  id: 'k1',
  role: 'first',
  check: 'ankle-bend-knee-bent',
  side: 'right',
  ...NOTHING_MEASURED,
  passive: 26,
  felt: 'front',
  doneOn: '',
  removed: false,
} as unknown as ClientFile['checks'][number];
const drill = {
  ...of,
  id: 'd1',
  drill: 'knee-over-outer-toes',
  side: 'right',
  targets: ['ankle-joint:right'],
  place: 0,
  status: 'done',
  clock: { set: 0, runningSince: null, workedS: 0 },
  pain: 0,
  doneOn: '',
  removed: false,
} as unknown as ClientFile['drills'][number];

const fileWith = (
  part: Partial<Pick<ClientFile, 'looks' | 'checks' | 'drills'>> & {
    closedOn?: string;
    openedOn?: string;
    positives?: ['fever'];
  } = {},
): ClientFile => ({
  ...noRecords(),
  client: {
    version: 1,
    id: 'c',
    name: 'Maren',
    about: '',
    heightM: 1.7,
    massKg: 70,
    ...NOTHING_TOLD,
    consent: { on: '', wording: '', guardian: null },
  },
  visits: [
    {
      version: 1,
      id: 'v',
      clientId: 'c',
      pattern: 'squat',
      openedOn: part.openedOn ?? '2026-11-20T10:00:00.000Z',
      closedOn: part.closedOn ?? null,
      step: 'work',
      asks: [{ on: '2026-11-20T10:00:00.000Z', positives: part.positives ?? [] }],
      minutes: 12,
      next: 'training',
      ...NOTHING_HELD,
    },
  ],
  looks: part.looks ?? [first],
  checks: part.checks ?? [check],
  drills: part.drills ?? [],
});

const again = (part: Partial<LookRecord>) =>
  ({ ...first, id: 'l2', role: 'again', faults: [], ...part }) as typeof first;
const visitOf = (file: ClientFile) => maybeVisitFile(file, 'v')!;
const withAgain = (part: Partial<LookRecord>, rest: Partial<ClientFile> = {}) =>
  visitOf({ ...fileWith({ drills: [drill] }), looks: [first, again(part)], ...rest });

it('knows no visit that is not there', () => {
  expect(maybeVisitFile(fileWith(), 'other')).toBeNull();
});

it('leaves out what was taken back, and the retest, of the case', () => {
  const file = fileWith({
    checks: [
      check,
      { ...check, id: 'k2', side: 'left', removed: true },
      { ...check, id: 'k3', role: 'again', passive: 33 },
    ],
  });
  expect(caseFileOf(visitOf(file)).checks).toEqual([
    expect.objectContaining({ side: 'right', passive: 26, felt: 'front' }),
  ]);
});

it.each([
  ['gone on both sides', { clear: ['hips-slide'] }, 'clear'],
  ['gone on this side', { clear: ['hips-slide@left'] }, 'clear'],
  ['gone on the other side only', { clear: ['hips-slide@right'] }, null],
  ['still there', { faults: [{ ...slide, grade: 'slight' }] }, 'slight'],
  ['not graded again', {}, null],
] as [string, Partial<LookRecord>, string | null][])('a fault %s', (_name, part, level) => {
  expect(levelIn(again(part), slide)).toBe(level);
});

it.each([
  [
    'by number, more than the error',
    { faults: [{ ...slide, grade: 'slight', value: 12 }] },
    'better',
  ],
  ['by number, within the error', { faults: [{ ...slide, value: 26 }] }, 'same'],
  [
    'by grade alone, one step',
    { faults: [{ ...slide, grade: 'slight', value: undefined }] },
    'same',
  ],
  ['looked for and gone', { clear: ['hips-slide@left'] }, 'better'],
] as [string, Partial<LookRecord>, string][])('verdict %s', (_name, part, word) => {
  expect(verdictsOf(withAgain(part))[0]).toMatchObject({ word, key: 'fault:hips-slide@left' });
});

it('a shin that leans more is better, not worse', () => {
  const shin = {
    fault: 'shin-stays-upright',
    side: 'left',
    phase: 'bottom',
    grade: 'plain',
    value: 18,
    unit: 'deg',
  } as const;
  const visit = visitOf({
    ...fileWith(),
    looks: [{ ...first, faults: [shin] }, again({ faults: [{ ...shin, value: 34 }] })],
  });
  expect(verdictsOf(visit)[0].word).toBe('better');
});

it('a check taken again is held against its own error', () => {
  const visit = withAgain(
    {},
    { checks: [check, { ...check, id: 'k2', role: 'again', passive: 33 }] },
  );
  expect(verdictsOf(visit)).toEqual([
    expect.objectContaining({
      key: 'check:ankle-bend-knee-bent@right',
      word: 'better',
      change: '26° → 33°',
    }),
  ]);
});

describe('the thread', () => {
  const visit = withAgain({ clear: ['hips-slide@left'] });
  const board = boardOf(visit, trace(caseFileOf(visit)));

  it('runs from fault to cause to drill to verdict', () => {
    const steps = board.strands.map(({ from, to }) => `${from} > ${to}`);
    expect(steps).toEqual(
      expect.arrayContaining([
        'fault:hips-slide@left > ankle-joint:right',
        'ankle-joint:right > d1',
        'd1 > verdict:fault:hips-slide@left',
      ]),
    );
  });

  it('lights up whole, from any knot', () => {
    const lit = threadThrough(board.strands, 'd1');
    expect([...lit]).toEqual(
      expect.arrayContaining([
        'fault:hips-slide@left',
        'ankle-joint:right',
        'd1',
        'verdict:fault:hips-slide@left',
      ]),
    );
  });

  it('is loose where nobody carried it on', () => {
    const open = visitOf(fileWith({ drills: [drill] }));
    const knots = boardOf(open, trace(caseFileOf(open))).knots;
    expect(knots.find((knot) => knot.key === 'd1')!.loose).toBe(true);
    expect(board.knots.find((knot) => knot.key === 'd1')!.loose).toBe(false);
  });
});

it.each([
  ['in the middle', fileWith(), 'mid-visit'],
  ['worked and not looked at again', fileWith({ drills: [drill] }), 'not-retested'],
  ['blocked', fileWith({ positives: ['fever'] }), 'blocked'],
  ['closed today', fileWith({ closedOn: '2026-11-20T11:00:00.000Z' }), null],
  ['closed 13 days ago', fileWith({ closedOn: 'x', openedOn: '2026-11-07T12:00:01.000Z' }), null],
  [
    'closed 14 days ago',
    fileWith({ closedOn: 'x', openedOn: '2026-11-06T12:00:00.000Z' }),
    'look-due',
  ],
])('loose end: %s', (_name, file, kind) => {
  expect(clientLine(clientSummary(file), NOW).looseEnd?.kind ?? null).toBe(kind);
});
