import {
  gateOf,
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
