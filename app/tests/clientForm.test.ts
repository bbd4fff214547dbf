import { parse, RECORD_SCHEMAS } from '@taxikine/core';
import { clientFormSchema, formOf, recordOf, type ClientForm } from '../src/screens/clientForm';

const schema = clientFormSchema((key) => key);
const form: ClientForm = {
  ...formOf(null),
  name: ' Maren ',
  height: '1,72',
  mass: '71.5',
  consent: '2026-11-23',
};
const problems = (part: Partial<ClientForm>) =>
  schema
    .validate({ ...form, ...part }, { abortEarly: false })
    .error?.details.map((one) => `${one.path.join('.')}: ${one.message}`) ?? [];

it('makes a record that the API takes, decimal comma and all', () => {
  const record = recordOf(form, null);
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
    ...recordOf(form, null),
    segments: { thighM: 0.5, trunkM: 0.55 },
    clearances: [{ by: 'x' } as never],
  };
  const record = recordOf({ ...formOf(known), thigh: '' }, known);
  expect(record).toMatchObject({
    id: known.id,
    segments: { trunkM: 0.55 },
    clearances: known.clearances,
  });
  expect(record.segments).not.toHaveProperty('thighM');
});

it.each([
  ['fine as it is', {}, []],
  ['centimetres', { height: '172' }, ['height: client.inMetres']],
  ['at the tallest', { height: '2.4' }, []],
  ['just taller', { height: '2.41' }, ['height: client.inMetres']],
  ['too short', { height: '0.89' }, ['height: client.heightRange']],
  ['no number', { mass: 'heavy' }, ['mass: client.number']],
  ['no name', { name: '' }, ['name: client.nameNeeded']],
  ['a thigh in centimetres', { thigh: '47' }, ['thigh: client.lengthRange']],
  [
    'a thigh of 70 cm at 1.60 m',
    { height: '1.60', thigh: '0.70' },
    [
      'thigh: a thigh of 70 cm is too long for a height of 1.60 m, where 28 cm to 51 cm would be believed',
    ],
  ],
  ['under age without a guardian', { flags: ['minor'] }, ['guardian: client.guardianNeeded']],
  ['under age with one', { flags: ['minor'], guardian: 'Wenna Penhale' }, []],
] as [string, Partial<ClientForm>, string[]][])('%s', (_name, part, expected) => {
  expect(problems(part)).toEqual(expected);
});
