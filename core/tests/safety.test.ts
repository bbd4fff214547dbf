import {
  gateOf,
  openReferrals,
  painRule,
  type ClientFile,
  type Clearance,
  type ReferId,
  type VisitRecord,
  NOTHING_MEASURED,
  NOTHING_SEEN,
  NOTHING_TOLD,
  NOTHING_HELD,
  noRecords,
} from '../src';
import { hasConsent } from '../src/inference/safety/gate';

const visit = (
  id: string,
  positives: ReferId[] | null,
  on = '2026-11-01T10:00:00.000Z',
): VisitRecord & { version: number } => ({
  version: 1,
  id,
  clientId: 'c',
  pattern: 'squat',
  openedOn: on,
  closedOn: null,
  step: 'ask',
  asks: positives ? [{ on, positives }] : [],
  minutes: 12,
  next: 'training',
  ...NOTHING_HELD,
});

const consent = { on: '2026-10-01', wording: '2026-1', guardian: null };

const fileWith = (
  part: Partial<ClientFile['client']>,
  visits: ClientFile['visits'],
  pains: { on: string; score: number }[] = [],
): ClientFile => ({
  ...noRecords(),
  client: {
    version: 1,
    id: 'c',
    name: 'A',
    about: '',
    heightM: 1.7,
    massKg: 70,
    ...NOTHING_TOLD,
    consent,
    ...part,
  },
  visits,
  looks: [
    {
      version: 1,
      id: 'l',
      clientId: 'c',
      visitId: 'v2',
      role: 'first',
      setup: {} as never,
      ...NOTHING_SEEN,
      startedOn: '',
      pain: pains.map((one) => ({ region: 'knee', phase: 'bottom', kind: 'ache', ...one })),
    },
  ],
});

const cleared = (question: ReferId, reportedIn: string, recordedIn: string): Clearance => ({
  question,
  reportedIn,
  recordedIn,
  by: 'Dr. Feld',
  on: '2026-11-02',
  scope: 'squats',
});
const later = '2026-11-08T10:00:00.000Z';

const ROWS: [string, ClientFile, string][] = [
  ['nobody asked', fileWith({}, [visit('v2', null)]), 'unasked'],
  ['asked, all no', fileWith({}, [visit('v2', [])]), 'open'],
  ['no consent', fileWith({ consent: null }, [visit('v2', [])]), 'no-consent'],
  ['under age without a guardian', fileWith({ flags: ['minor'] }, [visit('v2', [])]), 'no-consent'],
  [
    'under age with one',
    fileWith({ flags: ['minor'], consent: { ...consent, guardian: 'Wenna' } }, [visit('v2', [])]),
    'open',
  ],
  ['positive', fileWith({}, [visit('v2', ['night-pain'])]), 'blocked'],
  [
    'positive and cleared in the same visit',
    fileWith({ clearances: [cleared('night-pain', 'v2', 'v2')] }, [visit('v2', ['night-pain'])]),
    'open',
  ],
  [
    'another question cleared',
    fileWith({ clearances: [cleared('fever', 'v2', 'v2')] }, [visit('v2', ['night-pain'])]),
    'blocked',
  ],
  [
    'positive last time, "no" today: still not cleared',
    fileWith({}, [visit('v1', ['night-pain']), visit('v2', [], later)]),
    'blocked',
  ],
  [
    'cleared last time, positive again today',
    fileWith({ clearances: [cleared('night-pain', 'v1', 'v1')] }, [
      visit('v1', ['night-pain']),
      visit('v2', ['night-pain'], later),
    ]),
    'blocked',
  ],
  [
    'emergency cleared in its own visit',
    fileWith({ clearances: [cleared('calf-clot', 'v2', 'v2')] }, [visit('v2', ['calf-clot'])]),
    'blocked',
  ],
  [
    'emergency cleared in a later visit',
    fileWith({ clearances: [cleared('calf-clot', 'v1', 'v2')] }, [
      visit('v1', ['calf-clot']),
      visit('v2', [], later),
    ]),
    'open',
  ],
  [
    'pain after the questions',
    fileWith({}, [visit('v2', [])], [{ on: later, score: 2 }]),
    'unasked',
  ],
  [
    'pain of nought after the questions',
    fileWith({}, [visit('v2', [])], [{ on: later, score: 0 }]),
    'open',
  ],
  [
    'pain before the questions',
    fileWith({}, [visit('v2', [], later)], [{ on: '2026-11-08T09:59:59.000Z', score: 4 }]),
    'open',
  ],
];

it.each(ROWS)('gate: %s', (_name, file, status) => {
  expect(gateOf(file, 'v2').status).toBe(status);
});

it.each([
  ['pain in a check after the questions', { score: 1, on: '2026-11-08T23:00:00.000Z' }, 'unasked'],
  ['no pain in a check', { score: 0, on: '2026-11-08T23:00:00.000Z' }, 'open'],
  ['pain in a check before the questions', { score: 6, on: '2026-11-01T10:00:00.000Z' }, 'open'],
  ['a check in which nobody asked', null, 'open'],
])('gate: %s', (_, pain, status) => {
  const check = {
    ...NOTHING_MEASURED,
    pain,
    visitId: 'v2',
  } as unknown as ClientFile['checks'][number];
  const file = { ...fileWith({}, [visit('v2', [])]), checks: [check] };
  expect(gateOf(file, 'v2').status).toBe(status);
});

it('says that an emergency is one, and that it cannot be cleared now', () => {
  const gate = gateOf(fileWith({}, [visit('v2', ['chest-pain-effort'])]), 'v2');
  expect(gate).toMatchObject({
    status: 'blocked',
    emergency: true,
    reasons: [{ clearableNow: false }],
  });
});

it.each([
  [0, 'ache', 'go-on'],
  [2, 'ache', 'go-on'],
  [3, 'ache', 'easier'],
  [4, 'pull', 'easier'],
  [5, 'ache', 'stop'],
  [1, 'sharp', 'stop'],
  [1, 'pinch', 'stop'],
  [1, 'electric', 'stop'],
  [0, 'sharp', 'go-on'],
] as const)('pain of %p, %s: %s', (score, kind, rule) => {
  expect(painRule(score, kind)).toBe(rule);
});

describe('what the gate says', () => {
  const [EARLY, ASKED, LATE] = ['T09', 'T10', 'T11'].map((at) => `2026-11-01${at}:00:00.000Z`);
  const asked = (id: string, on = ASKED) => visit(id, [], on);
  type Extra = Partial<Pick<ClientFile, 'checks' | 'drills' | 'homeEntries' | 'looks'>>;
  const withExtra = (file: ClientFile, extra: Record<string, object[]>): ClientFile => ({
    ...file,
    ...(extra as Extra),
  });
  const because = (file: ClientFile, id = 'v2') => {
    const gate = gateOf(file, id);
    return gate.status === 'unasked' ? gate.because : gate.status;
  };
  const pained = (on: string, visitId = 'v2') => ({ visitId, pain: 3, painOn: on });

  it.each<[string, ClientFile, string]>([
    ['nobody asked', fileWith({}, [visit('v2', null)]), 'new-visit'],
    ['another visit was asked in', fileWith({}, [asked('v1'), visit('v2', null)]), 'new-visit'],
    ['there is no such visit', fileWith({}, [asked('v1')]), 'new-visit'],
    ['it hurt since', fileWith({}, [asked('v2')], [{ on: LATE, score: 1 }]), 'pain'],
    [
      'asked, hurt, asked again',
      fileWith(
        {},
        [{ ...asked('v2'), asks: [EARLY, LATE].map((on) => ({ on, positives: [] })) }],
        [{ on: ASKED, score: 5 }],
      ),
      'open',
    ],
    [
      'it hurt, and did not hurt after: the hurting counts',
      fileWith(
        {},
        [asked('v2')],
        [
          { on: LATE, score: 5 },
          { on: EARLY, score: 5 },
        ],
      ),
      'pain',
    ],
    [
      'a look of another visit hurt',
      withExtra(fileWith({}, [asked('v1'), asked('v2')], [{ on: LATE, score: 5 }]), {
        looks: [],
      }),
      'open',
    ],
    ['a drill hurt', withExtra(fileWith({}, [asked('v2')]), { drills: [pained(LATE)] }), 'pain'],
    [
      'a drill of another visit hurt',
      withExtra(fileWith({}, [asked('v1'), asked('v2')]), { drills: [pained(LATE, 'v1')] }),
      'open',
    ],
    [
      'a drill hurt before',
      withExtra(fileWith({}, [asked('v2')]), { drills: [pained(EARLY)] }),
      'open',
    ],
    [
      'a drill hurt, nobody knows when',
      withExtra(fileWith({}, [asked('v2')]), {
        drills: [{ visitId: 'v2', pain: 3, painOn: null }],
      }),
      'open',
    ],
    [
      'a drill without a word of pain',
      withExtra(fileWith({}, [asked('v2')]), {
        drills: [{ visitId: 'v2', pain: null, painOn: LATE }],
      }),
      'open',
    ],
    [
      'a drill did not hurt',
      withExtra(fileWith({}, [asked('v2')]), {
        drills: [{ visitId: 'v2', pain: 0, painOn: LATE }],
      }),
      'open',
    ],
    [
      'a check of another visit hurt',
      withExtra(fileWith({}, [asked('v1'), asked('v2')]), {
        checks: [{ visitId: 'v1', pain: { score: 4, on: LATE } }],
      }),
      'open',
    ],
  ])('%s', (_name, file, expected) => expect(because(file)).toBe(expected));

  it('a look of another visit that hurt does not ask again in this one', () => {
    const file = fileWith({}, [asked('v1'), asked('v2')], [{ on: LATE, score: 5 }]);
    expect(because(file)).toBe('pain');
    expect(because(file, 'v1')).toBe('open');
  });

  it.each<[string, ReferId, string, string | null, boolean]>([
    ['a clinician’s matter of this visit', 'night-pain', 'v2', 'v2', true],
    ['a clinician’s matter of an earlier one', 'night-pain', 'v1', 'v2', true],
    ['an emergency of this visit', 'calf-clot', 'v2', 'v2', false],
    ['an emergency of an earlier one', 'calf-clot', 'v1', 'v2', true],
    ['an emergency, seen from no visit', 'calf-clot', 'v1', null, true],
  ])('can be cleared now: %s', (_name, question, reportedIn, seenFrom, expected) => {
    const file = fileWith({}, [visit(reportedIn, [question])]);
    expect(openReferrals(file, seenFrom)).toMatchObject([
      { question, reportedIn, clearableNow: expected },
    ]);
  });

  it('one emergency among several makes it one; without any it is none', () => {
    const emergency = (...positives: ReferId[]) => {
      const gate = gateOf(fileWith({}, [visit('v2', positives)]), 'v2');
      return gate.status === 'blocked' && gate.emergency;
    };
    expect(emergency('night-pain', 'calf-clot')).toBe(true);
    expect(emergency('night-pain')).toBe(false);
  });

  it('what was answered at home counts as much, and nothing else that came from there', () => {
    const home = [
      { id: 'e1', kind: 'done', positives: ['fever'] },
      { id: 'e2', kind: 'safety', positives: ['night-pain', 'calf-clot'] },
    ];
    const file = withExtra(fileWith({}, [asked('v2')]), { homeEntries: home });
    expect(
      openReferrals(file, 'v2').map(({ question, reportedIn }) => [question, reportedIn]),
    ).toEqual([
      ['night-pain', 'e2'],
      ['calf-clot', 'e2'],
    ]);
    const { homeEntries: _, ...without } = file;
    expect(openReferrals(without, 'v2')).toEqual([]);
  });

  it('consent is there, or it is not', () => {
    expect(hasConsent(fileWith({}, []))).toBe(true);
    expect(hasConsent(fileWith({ consent: null }, []))).toBe(false);
    expect(hasConsent(fileWith({ flags: ['minor'] }, []))).toBe(false);
  });

  it.each([
    [{ consent: null }, false],
    [{ consent: null, flags: ['minor' as const] }, true],
    [{ flags: ['minor' as const] }, true],
  ])('whose consent is missing: %j, a guardian’s %s', (part, guardian) =>
    expect(gateOf(fileWith(part, [asked('v2')]), 'v2')).toEqual({
      status: 'no-consent',
      guardian,
    }),
  );

  it.each([undefined, 'ache'])('pain of 4, %s', (kind) => {
    expect(painRule(4, kind)).toBe('easier');
    expect(painRule(1, kind)).toBe('go-on');
  });
});
