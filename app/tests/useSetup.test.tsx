import { USUAL_SETUP } from '@taxikine/core/body/stance/setup';
import type { ClientFile } from '@taxikine/core/records/clientFile';
import { NOTHING_SEEN } from '@taxikine/core/records/looks/nothingSeen';
import type { LookRecord } from '@taxikine/core/records/looks/lookRecord';
import { noRecords } from '@taxikine/core/records/noRecords';
import { act } from '@testing-library/react';
import type { OpenVisit } from '../src/data/useVisit';
import { useSetup } from '../src/visit/setup/useSetup';
import { withPart } from '../src/visit/setup/withPart';
import { onDevice } from './onDevice';

jest.mock('idb-keyval', () => ({
  get: async () => undefined,
  set: async () => undefined,
  del: async () => undefined,
}));

const LOOK: LookRecord = {
  id: 'l',
  clientId: 'c',
  visitId: 'v',
  role: 'first',
  setup: USUAL_SETUP,
  ...NOTHING_SEEN,
  startedOn: '',
};

const open = (first: LookRecord | null) =>
  ({
    file: { ...noRecords(), client: { id: 'c', setups: {} } },
    visit: { client: { id: 'c' }, visit: { id: 'v', pattern: 'squat' }, first, again: null },
  }) as unknown as OpenVisit;

const onScreen = (first: LookRecord | null) =>
  onDevice({ looks: first ? [{ ...first, version: 1 }] : [] } as Partial<ClientFile>, () =>
    useSetup(open(first)),
  );

it('two parts changed in one moment are both there, on the screen and in the look', async () => {
  const { result, kept } = onScreen(LOOK);
  await act(async () => {
    const { change } = result.current;
    change({ stanceCm: 50 });
    change({ heelLiftMm: 25 });
  });
  const both = { ...USUAL_SETUP, stanceCm: 50, heelLiftMm: 25 };
  expect([result.current.setup, kept().looks[0].setup]).toEqual([both, both]);
});

it('what was seen on another device meanwhile stays', async () => {
  const { result, kept } = onDevice(
    { looks: [{ ...LOOK, rating: 'hard', version: 2 }] } as Partial<ClientFile>,
    () => useSetup(open(LOOK)),
  );
  await act(async () => result.current.change({ shoes: 'flat' }));
  expect(kept().looks[0]).toMatchObject({ rating: 'hard', setup: { shoes: 'flat' } });
});

it('nothing is written before it begins; then a look with this set-up, once', async () => {
  const { result, kept } = onScreen(null);
  await act(async () => result.current.change({ stanceCm: 44 }));
  expect(kept().looks).toEqual([]);
  await act(async () => result.current.begin());
  expect(kept().looks).toEqual([expect.objectContaining({ role: 'first', faults: [] })]);
  expect(kept().looks[0].setup.stanceCm).toBe(44);
});

it.each([
  ['a leg that is stood on', { oneLeg: 'left' }, { ...USUAL_SETUP, oneLeg: 'left' }],
  ['both legs again', { oneLeg: undefined }, USUAL_SETUP],
  ['nothing', {}, USUAL_SETUP],
] as const)('a set-up with %s', (_, part, expected) =>
  expect(withPart(USUAL_SETUP, part)).toStrictEqual(expected),
);
