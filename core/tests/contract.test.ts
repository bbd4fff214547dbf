import {
  parse,
  RECORD_SCHEMAS,
  USUAL_SETUP,
  type RecordKind,
  NOTHING_MEASURED,
  NOTHING_SEEN,
} from '../src';

const ID = '7a169494-9e56-404e-a444-21a7f4dc885b';
const NOW = '2026-11-23T10:00:00.000Z';
const of = { id: ID, clientId: ID, visitId: ID };

const client = {
  id: ID,
  name: 'Maren',
  about: '',
  heightM: 1.72,
  massKg: 71,
  segments: {},
  flags: [],
  history: [],
  given: [],
  consent: null,
  clearances: [],
};
const look = {
  ...of,
  role: 'first',
  setup: USUAL_SETUP,
  ...NOTHING_SEEN,
  startedOn: NOW,
};
const { reps: _r, notes: _n, hold: _h, ...olderLook } = look;
const check = {
  ...of,
  role: 'first',
  check: 'ankle-bend-knee-bent',
  side: 'left',
  ...NOTHING_MEASURED,
  passive: 40,
  doneOn: NOW,
  removed: false,
};
const fault = { fault: 'hips-slide', side: 'left', phase: 'bottom', grade: 'plain' };

const GOOD: [string, RecordKind, object][] = [
  ['a client', 'clients', client],
  [
    'a look',
    'looks',
    {
      ...look,
      faults: [{ ...fault, value: 34, unit: 'mm' }],
      clear: ['knee-in@left', 'tips-back'],
    },
  ],
  ['a check at its most', 'checks', { ...check, passive: 70 }],
  [
    'a mean with its readings',
    'checks',
    { ...check, passive: 39.7, repeats: { passive: [39, 40, 40] } },
  ],
  ['a look from before repetitions were counted', 'looks', olderLook],
  [
    'repetitions, notes and a hold',
    'looks',
    {
      ...look,
      reps: [{ downS: 2.1, upS: null }],
      notes: [{ phrase: 'speeds-up', phase: 'down', on: NOW }],
      hold: { runningSince: NOW, heldS: 12 },
    },
  ],
  [
    'a client with a norm of their own',
    'clients',
    {
      ...client,
      norms: { 'hip-bend': { usual: [110, 8], restricted: [95, 8], sem: 3 } },
    },
  ],
  [
    'what is at home, and when',
    'clients',
    {
      ...client,
      home: { kit: ['mat'], minutes: 12, days: ['mon', 'thu'] },
    },
  ],
];

it.each(GOOD)('takes %s', (_name, kind, record) => {
  expect(parse(RECORD_SCHEMAS[kind], record)).toMatchObject({ status: 'ok' });
});

const BAD: [string, RecordKind, object, string, RegExp][] = [
  [
    'an ankle bend of 300°',
    'checks',
    { ...check, passive: 300 },
    '',
    /passive of ankle-bend-knee-bent must be -20 to 70 deg/,
  ],
  ['just over its most', 'checks', { ...check, passive: 70.1 }, '', /must be/],
  [
    'height typed as centimetres',
    'clients',
    { ...client, heightM: 172 },
    'heightM',
    /metres.*centimetres/,
  ],
  ['too heavy a body', 'clients', { ...client, massKg: 720 }, 'massKg', /kilograms/],
  [
    'a thigh of 70 m',
    'clients',
    { ...client, segments: { thighM: 70 } },
    'segments.thighM',
    /too long/,
  ],
  [
    'an unknown fault',
    'looks',
    { ...look, faults: [{ ...fault, fault: 'nose-lifts' }] },
    'faults.0.fault',
    /must be one of/,
  ],
  [
    'a missing side',
    'looks',
    { ...look, faults: [{ ...fault, side: undefined }] },
    'faults.0',
    /hips-slide needs a side/,
  ],
  [
    'a side where there is none',
    'looks',
    { ...look, faults: [{ ...fault, fault: 'tips-back' }] },
    'faults.0',
    /has no side/,
  ],
  [
    'a number where a grade is taken',
    'looks',
    { ...look, faults: [{ fault: 'tips-back', phase: 'bottom', grade: 'plain', value: 3 }] },
    'faults.0',
    /takes a grade/,
  ],
  [
    'a slide of half a metre',
    'looks',
    { ...look, faults: [{ ...fault, value: 500 }] },
    'faults.0',
    /0 to 200 mm/,
  ],
  [
    'both seen and clear',
    'looks',
    { ...look, faults: [fault], clear: ['hips-slide'] },
    '',
    /both seen and clear/,
  ],
  [
    'both seen and clear on that side',
    'looks',
    { ...look, faults: [fault], clear: ['hips-slide@left'] },
    '',
    /both seen and clear/,
  ],
  ['an unknown field', 'looks', { ...look, mood: 'fine' }, 'mood', /not allowed/],
  ['a check without its side', 'checks', { ...check, side: null }, '', /needs a side/],
  [
    'a result that is none',
    'checks',
    { ...check, check: 'double-leg-lift', side: null, passive: null, result: 'maybe' },
    '',
    /holds, wavers, lost/,
  ],
  ['felt where nobody asks', 'checks', { ...check, felt: 'sit-bone' }, '', /not asked/],
  [
    'a mean that is not one',
    'checks',
    { ...check, passive: 44, repeats: { passive: [39, 40] } },
    '',
    /not the mean/,
  ],
  [
    'readings without their mean',
    'checks',
    { ...check, passive: null, repeats: { passive: [39] } },
    '',
    /without its mean/,
  ],
  ['a pain of eleven', 'checks', { ...check, pain: { score: 11, on: NOW } }, 'pain.score', /10/],
  [
    'a norm that tells nothing apart',
    'clients',
    { ...client, norms: { 'hip-bend': { usual: [110, 8], restricted: [110, 8], sem: 3 } } },
    'norms.hip-bend',
    /must differ/,
  ],
  [
    'a day that is none',
    'clients',
    { ...client, home: { kit: [], minutes: 10, days: ['someday'] } },
    'home.days.0',
    /must be one of/,
  ],
  [
    'two hours and a minute a day',
    'clients',
    { ...client, home: { kit: [], minutes: 121, days: [] } },
    'home.minutes',
    /120/,
  ],
  [
    'a phrase nobody says',
    'looks',
    { ...look, notes: [{ phrase: 'hums', phase: 'down', on: NOW }] },
    'notes.0.phrase',
    /must be one of/,
  ],
  ['not a number', 'checks', { ...check, passive: Number.NaN }, 'passive', /number/],
  ['a text for a number', 'clients', { ...client, heightM: '1.72' }, 'heightM', /number/],
];

it.each(BAD)('refuses %s and names the field', (_name, kind, record, path, message) => {
  const read = parse(RECORD_SCHEMAS[kind], record);
  if (read.status !== 'bad') throw new Error('it was taken');
  expect(read.problems[0].path).toBe(path);
  expect(read.problems[0].message).toMatch(message);
});

it('lists every problem, not only the first', () => {
  const read = parse(RECORD_SCHEMAS.clients, { ...client, heightM: 172, massKg: 7 });
  expect(read.status === 'bad' && read.problems.map((one) => one.path)).toEqual([
    'heightM',
    'massKg',
  ]);
});

const wide = { ...USUAL_SETUP, stanceCm: 50 };
it.each([
  ['none: none', {}, {}],
  ['one for each pattern stays', { setups: { hinge: USUAL_SETUP } }, { hinge: USUAL_SETUP }],
  ['an older app’s one is the squat’s', { setup: wide }, { squat: wide }],
  ['an older app’s none', { setup: null }, {}],
  ['the newer of both', { setup: USUAL_SETUP, setups: { squat: wide } }, { squat: wide }],
])('set-ups of a client: %s', (_, part, setups) => {
  const read = parse(RECORD_SCHEMAS.clients, { ...client, ...part });
  expect(read).toMatchObject({ status: 'ok', value: { setups } });
  if (read.status === 'ok' && 'setups' in part) expect(read.value).not.toHaveProperty('setup');
});
