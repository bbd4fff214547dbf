import { USUAL_SETUP } from '@taxikine/core/body/stance/setup';
import type { SeenFault } from '@taxikine/core/records/case/caseFile';
import { NOTHING_SEEN } from '@taxikine/core/records/looks/nothingSeen';
import type { LookRecord } from '@taxikine/core/records/looks/lookRecord';
import { levelIn } from '@taxikine/core/inference/visit/verdicts';
import type { VisitFile } from '@taxikine/core/inference/case/visitFile';
import { checksToRepeat, newAgain, regrade, revalue } from '../src/visit/look/againLook';

const slide: SeenFault = {
  fault: 'hips-slide',
  side: 'left',
  phase: 'bottom',
  grade: 'plain',
  value: 34,
  unit: 'mm',
};
const first: LookRecord = {
  id: 'l',
  clientId: 'c',
  visitId: 'v',
  role: 'first',
  setup: { ...USUAL_SETUP, stanceCm: 41 },
  ...NOTHING_SEEN,
  faults: [slide],
  clear: ['tips-back'],
  rating: 'hard',
  startedOn: '',
};

it('opens with the set-up of the first look and nothing graded', () => {
  expect(newAgain(first)).toMatchObject({
    role: 'again',
    setup: first.setup,
    faults: [],
    clear: [],
    rating: null,
  });
});

it.each(['clear', 'slight', 'plain', 'marked'] as const)(
  'one tap grades it %s, a second tap changes its mind',
  (level) => {
    const graded = regrade(newAgain(first), slide, level);
    expect(levelIn(graded, slide)).toBe(level);
    expect(levelIn(regrade(graded, slide, 'slight'), slide)).toBe('slight');
  },
);

it('does not carry the old number over as if it had been measured', () => {
  expect(regrade(newAgain(first), slide, 'plain').faults[0]).not.toHaveProperty('value');
  expect(revalue(newAgain(first), slide, 12).faults[0]).toMatchObject({
    value: 12,
    unit: 'mm',
    grade: 'plain',
  });
});

it('asks again for the ranges that were short, and for no others', () => {
  const check = (side: string, passive: number) => ({
    role: 'first',
    check: 'ankle-bend-knee-bent',
    side,
    passive,
    active: null,
  });
  const visit = { checks: [check('left', 41), check('right', 26)] } as unknown as VisitFile;
  expect(checksToRepeat(visit).map(({ row, side }) => [row.id, side])).toEqual([
    ['ankle-bend-knee-bent', 'right'],
  ]);
});
