import { parse } from '@taxikine/core/records/schemas/problems';
import { RECORD_SCHEMAS } from '@taxikine/core/records/recordSchemas';
import { NOTHING_MEASURED } from '@taxikine/core/records/checks/nothingMeasured';
import type { CheckRecord } from '@taxikine/core/records/checks/checkRecord';
import { addReading, readingsOf, setReading, takeReadingBack } from '../src/visit/check/readings';

const ID = '00000000-0000-4000-8000-000000000001';
const check: CheckRecord = {
  ...NOTHING_MEASURED,
  id: ID,
  clientId: ID,
  visitId: ID,
  role: 'first',
  check: 'hip-bend',
  side: 'left',
  doneOn: '2026-11-20T10:00:00.000Z',
  removed: false,
};
const read = (...values: number[]) =>
  values.reduce((sofar, value) => addReading(sofar, 'passive', value, 'simulated'), check);

it.each([
  ['nothing', check, null, []],
  ['one reading', read(110), 110, [110]],
  ['two, and their mean', read(110, 113), 111.5, [110, 113]],
  ['three, rounded to a tenth', read(110, 111, 111), 110.7, [110, 111, 111]],
  ['one taken back', takeReadingBack(read(110, 113), 'passive'), 110, [110]],
  ['all taken back', takeReadingBack(read(110), 'passive'), null, []],
  ['set by hand after three', setReading(read(110, 111, 112), 'passive', 90), 90, [90]],
] as const)('%s', (_, record, value, readings) => {
  expect(record.passive).toBe(value);
  expect(readingsOf(record, 'passive')).toEqual(readings);
  expect(parse(RECORD_SCHEMAS.checks, record)).toMatchObject({ status: 'ok' });
});

it('modes keep their own readings', () => {
  const both = addReading(read(110, 112), 'active', 100, 'phone inclinometer');
  expect(readingsOf(both, 'active')).toEqual([100]);
  expect(readingsOf(both, 'passive')).toEqual([110, 112]);
  expect(both.device).toBe('phone inclinometer');
});
