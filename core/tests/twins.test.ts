import { oneDrill, type DrillRow, type MaybeSide, type PlannedCause } from '../src';
import { apart, maybeTwin, withTwins } from '../src/planning/session/bothSides';
import { candidate, likely } from './planMadeUp';

const TRUNK = likely('trunk-hold:-');
const HIP = (side: MaybeSide, p = 0.8) => likely(`hip-side-control:${side}`, { p });
const on = (drill: DrillRow | string, side: MaybeSide, ...causes: PlannedCause[]) =>
  candidate(
    drill,
    side,
    causes.map((one) => [one, 0.5]),
  );
const plank = (side: MaybeSide, ...causes: PlannedCause[]) => on('side-plank', side, ...causes);
const split = (side: MaybeSide, ...causes: PlannedCause[]) =>
  on('split-small-and-tall', side, ...causes);
const keys = (list: readonly { readonly key: string }[]) => list.map(({ key }) => key);

describe('what is done on both sides', () => {
  it.each<[string, boolean, ReturnType<typeof on>[]]>([
    ['a pattern on staggered feet, whatever for', true, [split('left'), split('right')]],
    ['also for a side', true, [split('left', HIP('left')), split('right')]],
    ['what is for the whole body', true, [plank('left', TRUNK), plank('right', TRUNK)]],
    ['not what is for a side', false, [plank('left', HIP('left')), plank('right', HIP('left'))]],
    [
      'nor for a side as well',
      false,
      [plank('left', TRUNK, HIP('left')), plank('right', TRUNK, HIP('left'))],
    ],
    [
      'nor where the other side is for another thing',
      false,
      [plank('left', TRUNK), plank('right')],
    ],
    ['nor for nothing', false, [plank('left'), plank('right')]],
    ['nor another drill', false, [plank('left', TRUNK), on('side-hip-lift', 'right', TRUNK)]],
    ['nor without the other side', false, [plank('left', TRUNK)]],
    [
      'nor on staggered feet what is no pattern',
      false,
      [on('rear-leg-press', 'left', HIP('left')), on('rear-leg-press', 'right', HIP('left'))],
    ],
    [
      'nor on two feet',
      false,
      [on('squat-to-target', null, TRUNK), on('squat-to-target', null, TRUNK)],
    ],
  ])('%s: %p', (_name, isTwin, free) =>
    expect(maybeTwin(free[0], free)).toBe(isTwin ? free[1] : null),
  );

  it('a pattern with a side, which is no staggered one, has no twin', () => {
    const row: DrillRow = { ...oneDrill('side-plank'), family: 'pattern' };
    const free = [on(row, 'left', HIP('left')), on(row, 'right', HIP('left'))];
    expect(maybeTwin(free[0], free)).toBeNull();
  });
});

describe('one that stands for both', () => {
  it.each<[string, PlannedCause[], PlannedCause[], 'left' | 'right']>([
    ['the one that is named first, of equals', [], [], 'left'],
    ['the suspect side', [HIP('left', 0.4)], [HIP('right', 0.6)], 'right'],
    ['the suspect side: left', [HIP('left', 0.6)], [HIP('right', 0.4)], 'left'],
    ['by all that has a side', [HIP('left', 0.6)], [HIP('right', 0.4), HIP('right', 0.3)], 'right'],
    ['not by what has none', [TRUNK, HIP('left', 0.3)], [HIP('right', 0.4)], 'right'],
    ['whatever the last digit says', [HIP('left', 0.3)], [HIP('right', 0.1 + 0.2)], 'left'],
  ])('is %s', (_name, left, right, side) => {
    const free = [split('left', ...left), split('right', ...right)];
    expect(withTwins(free)).toEqual([{ ...free[side === 'left' ? 0 : 1], minutes: 4 }]);
  });

  it('of equals is the first, in whatever order', () =>
    expect(keys(withTwins([split('right'), split('left')]))).toEqual([
      'split-small-and-tall@right',
    ]));

  it('leaves all others as they are', () => {
    const others = [plank('left', HIP('left')), on('squat-to-target', null)];
    expect(withTwins(others)).toEqual(others);
  });
});

describe('apart again', () => {
  const free = [split('left'), split('right'), plank('left', HIP('left'))];
  const dose = { by: 'reps', reps: 3, sets: 1, secondsEach: 4 } as const;

  it('each side has half of the minutes and the dose that was chosen, the chosen one first', () => {
    const chosen = { ...split('right'), minutes: 3, dose };
    expect(apart([chosen], free)).toEqual([
      { ...split('right'), minutes: 1.5, dose },
      { ...split('left'), minutes: 1.5, dose },
    ]);
  });

  it('what is alone stays alone', () => {
    const one = plank('left', HIP('left'));
    expect(apart([one], free)).toEqual([one]);
  });
});
