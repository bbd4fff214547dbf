import { USUAL_SETUP } from '@taxikine/core/body/stance/setup';
import { NOTHING_SEEN } from '@taxikine/core/records/looks/nothingSeen';
import type { LookRecord } from '@taxikine/core/records/looks/lookRecord';
import {
  betterView,
  faultsAt,
  removeFault,
  setFaultValue,
  tapFault,
  toggleAllClear,
} from '../src/visit/look/lookState';

const look: LookRecord = {
  id: 'l',
  clientId: 'c',
  visitId: 'v',
  role: 'first',
  setup: USUAL_SETUP,
  ...NOTHING_SEEN,
  startedOn: '',
};
const ids = (...of: Parameters<typeof faultsAt>) => faultsAt(...of).map((row) => row.id);

it('offers only what can happen at this joint, in this view and phase', () => {
  expect(ids('squat', 'hips', 'back', 'bottom', look)).toEqual(['hips-slide', 'pelvis-turns']);
  expect(ids('squat', 'hips', 'side', 'bottom', look)).toEqual(['depth-short', 'pelvis-tucks']);
  expect(ids('squat', 'knee', 'side', 'bottom', look)).toEqual([]);
});

it.each([
  ['hinge', 'hips', 'side', 'bottom', ['pelvis-tucks', 'range-stops-early']],
  ['hinge', 'knee', 'side', 'bottom', ['bends-knees-instead']],
  ['hinge', 'foot', 'side', 'bottom', []],
  ['lunge', 'hips', 'side', 'bottom', ['depth-short', 'rear-hip-stops']],
  ['lunge', 'knee', 'front', 'down', ['knee-in', 'knee-wobbles']],
  ['split', 'knee', 'side', 'bottom', ['rear-leg-bends', 'thigh-off-calf']],
  ['split', 'hips', 'back', 'up', ['pelvis-drops']],
] as const)('in a %s, %s from the %s, %s', (pattern, zone, view, phase, expected) => {
  expect(ids(pattern, zone, view, phase, look).sort()).toEqual(expected);
});

it.each([
  ['arms ahead', 'forward', 'none', []],
  ['arms overhead', 'overhead', 'none', ['overhead-folds']],
  ['a load on the back', 'forward', 'back', ['load-drifts']],
] as const)('asks for what needs a set-up only with it: %s', (_name, arms, at, expected) => {
  const setup = { ...USUAL_SETUP, arms, load: { at, kg: 10 } };
  const special = ['trunk', 'foot']
    .flatMap((zone) => ids('squat', zone as 'trunk', 'side', 'bottom', { setup }))
    .filter((id) => ['overhead-folds', 'load-drifts'].includes(id));
  expect(special).toEqual(expected);
});

it('points to a view in which something could be seen', () => {
  expect(betterView('squat', 'knee', 'bottom', look)).toBe('back');
  expect(betterView('squat', 'knee', 'start', look)).toBeNull();
});

it('one tap logs, further taps raise the grade and begin again', () => {
  const grades = [1, 2, 3, 4].reduce<{ look: LookRecord; seen: string[] }>(
    (was) => {
      const next = tapFault(was.look, 'hips-slide', 'left', 'bottom');
      return { look: next, seen: [...was.seen, next.faults[0].grade] };
    },
    { look, seen: [] },
  );
  expect(grades.seen).toEqual(['slight', 'plain', 'marked', 'slight']);
  expect(grades.look.faults).toHaveLength(1);
});

it('what is seen is no longer clear', () => {
  const clear = {
    ...look,
    clear: ['hips-slide' as const, 'hips-slide@left' as const, 'tips-back' as const],
  };
  expect(tapFault(clear, 'hips-slide', 'left', 'bottom').clear).toEqual(['tips-back']);
});

it('a number keeps its unit, and goes with its fault', () => {
  const seen = tapFault(look, 'hips-slide', 'left', 'bottom');
  const valued = setFaultValue(seen, 'hips-slide@left', 34);
  expect(valued.faults[0]).toMatchObject({ value: 34, unit: 'mm' });
  expect(removeFault(valued, 'hips-slide@left').faults).toEqual([]);
});

it('all clear here leaves what was seen, and is taken back by the same tap', () => {
  const rows = faultsAt('squat', 'hips', 'back', 'bottom', look);
  const seen = tapFault(look, 'hips-slide', 'left', 'bottom');
  const clear = toggleAllClear(seen, rows);
  expect(clear.clear).toEqual(['pelvis-turns']);
  expect(toggleAllClear(clear, rows).clear).toEqual([]);
});
