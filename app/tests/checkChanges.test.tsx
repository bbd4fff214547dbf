import { oneCheck, type CheckId, type CheckRow } from '@taxikine/core/knowledge/checks';
import type { VisitFile } from '@taxikine/core/inference/case/visitFile';
import { act } from '@testing-library/react';
import { laidOver } from '../src/data/laidOver';
import { newCheck, orRemoved, toggled, withCheat } from '../src/visit/check/checkRecords';
import { addReading } from '../src/visit/check/readings';
import { useCheckSide } from '../src/visit/check/SideEntry';
import { onDevice } from './onDevice';

jest.mock('idb-keyval', () => ({
  get: async () => undefined,
  set: async () => undefined,
  del: async () => undefined,
}));

const VISIT = { client: { id: 'c' }, visit: { id: 'v' }, checks: [] } as unknown as VisitFile;
const AT = { role: 'first', afterDrill: null } as const;
const ROW: CheckRow = oneCheck('hip-bend');

const onScreen = () =>
  onDevice({}, () => useCheckSide({ row: ROW, visit: VISIT, time: AT, side: 'left' }));

it('two readings taken before the first is drawn are one check with both', async () => {
  const { result, kept } = onScreen();
  await act(async () => {
    const { change } = result.current;
    change((latest) => addReading(latest, 'passive', 100, 'phone inclinometer'));
    change((latest) => addReading(latest, 'passive', 110, 'phone inclinometer'));
  });
  expect(kept().checks).toEqual([
    expect.objectContaining({ passive: 105, repeats: { passive: [100, 110] } }),
  ]);
});

it('a check of which nothing is left is taken back', async () => {
  const { result, kept } = onScreen();
  await act(async () => {
    const { change } = result.current;
    change((latest) => toggled(latest, 'pinch', true));
    change((latest) => toggled(latest, 'pinch', true));
  });
  expect(kept().checks).toEqual([expect.objectContaining({ pinch: null, removed: true })]);
});

describe('a pelvis that was held', () => {
  const again = { role: 'again', afterDrill: null } as const;
  const seen = (held: boolean, check: CheckId = 'hip-bend') =>
    ({
      ...VISIT,
      checks: [{ ...newCheck(VISIT, AT, check, 'left'), held }],
    }) as unknown as VisitFile;

  it.each([
    ['held', seen(true), 'left', true],
    ['rolling', seen(false), 'left', false],
    ['held on the other side', seen(true), 'right', false],
    ['not taken', VISIT, 'left', false],
  ] as const)('is taken again as before: %s', (_, visit, side, held) =>
    expect(newCheck(visit, again, 'hip-bend', side).held).toBe(held),
  );

  it('said before a number is kept, and taken back is nothing', () => {
    const record = newCheck(VISIT, AT, 'hip-bend', 'left');
    expect(orRemoved({ ...record, held: true }).removed).toBe(false);
    expect(orRemoved(record).removed).toBe(true);
  });
});

it('a cheat is there once, however often it is said', () => {
  const record = { cheats: ['heel-lifts'] } as unknown as Parameters<typeof withCheat>[0];
  const cheat = record.cheats[0];
  expect(withCheat(record, cheat, true).cheats).toEqual([cheat]);
  expect(withCheat(record, cheat, false).cheats).toEqual([]);
});

it('a field that was changed is laid over what came from elsewhere', () => {
  const shown = { marks: {}, kept: false, phase: 'bottom' };
  const latest = { ...shown, phase: 'up' };
  expect(laidOver(latest, shown, { ...shown, kept: true })).toEqual({ ...latest, kept: true });
  expect(laidOver(latest, shown, shown)).toEqual(latest);
});
