import { CAUSES, DRILLS, FAULTS, SIDES, type CauseRow } from '../src';
import { apart, onSide } from '../src/foundation/sides/onSide';
import { causeKey, causeOfKey, drillKey, faultKey } from '../src/knowledge/keys';

const sides = [...SIDES, null];

it.each(FAULTS.map(({ id }) => id))('%s on a side is taken apart as it was put together', (id) => {
  for (const side of sides) expect(apart(onSide(id, side))).toEqual({ id, side });
  expect(faultKey({ fault: id })).toBe(id);
});

it.each((CAUSES as readonly CauseRow[]).map(({ id }) => id))(
  '%s as a cause is taken apart as it was put together',
  (cause) => {
    for (const side of sides) expect(causeOfKey(causeKey(cause, side))).toEqual({ cause, side });
  },
);

it('keys are what is kept and sent, letter by letter', () => {
  expect(sides.map((side) => faultKey({ fault: 'knee-in', side }))).toEqual([
    'knee-in@left',
    'knee-in@right',
    'knee-in',
  ]);
  expect(sides.map((side) => causeKey('ankle-joint', side))).toEqual([
    'ankle-joint:left',
    'ankle-joint:right',
    'ankle-joint:-',
  ]);
  const [{ id: drill }] = DRILLS;
  expect(sides.map((side) => drillKey({ drill, side }))).toEqual([
    `${drill}@left`,
    `${drill}@right`,
    `${drill}@`,
  ]);
});

it('a key with more behind it is that of its cause', () =>
  expect(causeOfKey('hip-bend:left:gap')).toEqual({ cause: 'hip-bend', side: 'left' }));
