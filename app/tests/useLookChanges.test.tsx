import { USUAL_SETUP } from '@taxikine/core/body/stance/setup';
import { NOTHING_SEEN } from '@taxikine/core/records/looks/nothingSeen';
import type { LookRecord } from '@taxikine/core/records/looks/lookRecord';
import { act } from '@testing-library/react';
import { tapFault } from '../src/visit/look/lookState';
import { useLookChanges } from '../src/visit/look/useLookChanges';
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

const onScreen = () => {
  const { result, kept } = onDevice({ looks: [{ ...LOOK, version: 1 }] }, () =>
    useLookChanges(LOOK),
  );
  return { result, kept: () => kept().looks[0] };
};

it('two taps in one moment are both kept', async () => {
  const { result, kept } = onScreen();
  await act(async () => {
    const { change } = result.current;
    change((latest) => tapFault(latest, 'hips-slide', 'left', 'bottom'));
    change((latest) => tapFault(latest, 'pelvis-turns', 'right', 'bottom'));
  });
  expect(kept().faults.map(({ fault }) => fault)).toEqual(['hips-slide', 'pelvis-turns']);
});

it('three repetitions counted faster than they are drawn are three', async () => {
  const { result, kept } = onScreen();
  const rep = { downS: null, upS: null };
  await act(async () => {
    for (let count = 0; count < 3; count++)
      result.current.change((latest) => ({ ...latest, reps: [...latest.reps, rep] }));
  });
  expect(kept().reps).toHaveLength(3);
});

it('the last change is taken back, and only once', async () => {
  const { result, kept } = onScreen();
  expect(result.current.canUndo).toBe(false);
  await act(async () => result.current.change((latest) => ({ ...latest, rating: 'easy' })));
  await act(async () => result.current.change((latest) => ({ ...latest, rating: 'hard' })));
  await act(async () => result.current.undo());
  expect([kept().rating, result.current.canUndo]).toEqual(['easy', false]);
  await act(async () => result.current.undo());
  expect(kept().rating).toBe('easy');
});
