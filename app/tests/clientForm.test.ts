import { parse } from '@taxikine/core/records/schemas/problems';
import { RECORD_SCHEMAS } from '@taxikine/core/records/recordSchemas';
import { clientFormSchema, formOf, recordOf, type ClientForm } from '../src/client/meet/clientForm';

const schema = clientFormSchema((key) => key, 'metric');
const form: ClientForm = {
  ...formOf(null, 'metric'),
  name: ' Maren ',
  height: '1,72',
  mass: '71.5',
  consent: '2026-11-23',
  wording: '2026-1',
};
const problems = (part: Partial<ClientForm>) =>
  schema
    .validate({ ...form, ...part }, { abortEarly: false })
    .error?.details.map((one) => `${one.path.join('.')}: ${one.message}`) ?? [];

it('makes a record that the API takes, decimal comma and all', () => {
  const record = recordOf(form, null, 'metric');
  expect(record).toMatchObject({
    name: 'Maren',
    heightM: 1.72,
    massKg: 71.5,
    consent: { on: '2026-11-23', guardian: null },
  });
  expect(parse(RECORD_SCHEMAS.clients, record)).toMatchObject({ status: 'ok' });
});

it('keeps what the form does not show', () => {
  const known = {
    ...recordOf(form, null, 'metric'),
    segments: { thighM: { left: 0.5, right: 0.49 }, trunkM: 0.55, hipWidthM: 0.3 },
    clearances: [{ by: 'x' } as never],
  };
  const record = recordOf(formOf(known, 'metric'), known, 'metric');
  expect(record).toEqual(known);
});

it.each([
  ['none', '', null],
  ['blanks', '  ', null],
  [
    'one with a blank after it',
    'maren@quay.example ',
    { email: 'maren@quay.example', reminders: true },
  ],
])('an address: %s', (_what, email, contact) => {
  const given = { ...form, email, reminders: true };
  expect(problems({ email })).toEqual([]);
  expect(recordOf(given, null, 'metric').contact).toEqual(contact);
  expect(parse(RECORD_SCHEMAS.clients, recordOf(given, null, 'metric'))).toMatchObject({
    status: 'ok',
  });
});

it.each(['maren', 'maren@', 'a@b.example, c@d.example'])('no address: %s', (email) => {
  expect(problems({ email })).toEqual(['email: outbox.emailWrong']);
});

const taped = (left: string, right: string) => ({
  tape: { ...formOf(null, 'metric').tape, thighM: { left, right } },
});

it.each([
  ['both sides the same', '47', '47', 0.47],
  ['sides that differ', '47', '46,5', { left: 0.47, right: 0.465 }],
  ['left alone', '47', '', 0.47],
  ['right alone', ' ', '46.5', 0.465],
  ['neither', '', '', undefined],
])('a tape measure of %s', (_, left, right, thighM) => {
  const record = recordOf({ ...form, ...taped(left, right) }, null, 'metric');
  expect(record.segments.thighM).toEqual(thighM);
  expect(formOf(record, 'metric').tape.thighM.left === '').toBe(thighM === undefined);
});

it.each([
  ['fine as it is', {}, []],
  ['centimetres', { height: '172' }, ['height: client.inMetres']],
  ['at the tallest', { height: '2.4' }, []],
  ['just taller', { height: '2.41' }, ['height: client.inMetres']],
  ['too short', { height: '0.89' }, ['height: client.heightRange']],
  ['no number', { mass: 'heavy' }, ['mass: client.number']],
  ['no name', { name: '' }, ['name: client.nameNeeded']],
  ['a thigh in metres', taped('0.47', ''), ['tape.thighM.left: client.lengthRange']],
  ['a trunk that is no number', { trunk: 'long' }, ['trunk: client.number']],
  [
    'a thigh of 70 cm at 1.60 m',
    { height: '1.60', ...taped('70', '40') },
    [
      'tape.thighM.left: a thigh of 70 cm is too long for a height of 1.60 m, where 28 cm to 51 cm would be believed',
    ],
  ],
  ['under age without a guardian', { flags: ['minor'] }, ['guardian: client.guardianNeeded']],
  ['under age with one', { flags: ['minor'], guardian: 'Wenna Penhale' }, []],
] as [string, Partial<ClientForm>, string[]][])('%s', (_name, part, expected) => {
  expect(problems(part)).toEqual(expected);
});

describe('in feet, inches and pounds', () => {
  const imperial = clientFormSchema((key) => key, 'imperial');
  const typed: ClientForm = { ...form, height: `5'8"`, mass: '158', trunk: '22.5' };

  it('makes the record that the same body makes in metres', () => {
    const record = recordOf(typed, null, 'imperial');
    expect(record).toMatchObject({ heightM: 1.727, massKg: 71.67, segments: { trunkM: 0.5715 } });
    expect(parse(RECORD_SCHEMAS.clients, record)).toMatchObject({ status: 'ok' });
    expect(formOf(record, 'imperial')).toMatchObject({
      height: '5 ft 8 in',
      mass: '158',
      trunk: '22.5',
    });
  });

  it('what was not touched stays as exact as it was', () => {
    const known = {
      ...recordOf({ ...form, height: '1.723', mass: '71.43' }, null, 'metric'),
      segments: { thighM: { left: 0.431, right: 0.428 }, trunkM: 0.553, hipWidthM: 0.3 },
    };
    expect(recordOf(formOf(known, 'imperial'), known, 'imperial')).toEqual(known);
  });

  it.each([
    ['a height in metres', { height: '1.72' }, 'height: client.heightRange'],
    ['a height in words', { height: 'tall' }, 'height: client.heightFeet'],
    ['a mass that is a height', { mass: '20' }, 'mass: client.massRange'],
    [
      'a thigh as long as a leg',
      { tape: { ...form.tape, thighM: { left: '27.6', right: '' } } },
      /thigh of 27.6 in is too long for a height of 5 ft 8 in/,
    ],
  ])('%s is told where it was typed', (_what, part, problem) => {
    const { error } = imperial.validate({ ...typed, ...part }, { abortEarly: false });
    const words = error?.details.map(({ path, message }) => `${path.join('.')}: ${message}`) ?? [];
    expect(words).toEqual([expect.stringMatching(problem)]);
  });
});
