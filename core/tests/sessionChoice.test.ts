import {
  DRILLS,
  NO_WISH,
  planSession,
  type CauseId,
  type DrillRow,
  type PlannedCause,
  type SessionLimits,
  type SessionWish,
} from '../src';
import { candidatesOf } from '../src/planning/session/candidates';
import { choiceWorth, sessionChoice } from '../src/planning/session/planSession';
import { candidate, causeOf, ROOMY } from './planMadeUp';

const MANY: readonly PlannedCause[] = [
  ...(['hip-side-strength', 'quad-strength', 'calf-strength', 'hip-back-strength'] as const).map(
    (id) => causeOf(id, 'left', 0.95),
  ),
  ...(['hamstring-strength', 'foot-hold', 'hip-side-control'] as const).map((id) =>
    causeOf(id, 'right', 0.95),
  ),
  ...(['trunk-hold', 'breath'] as const).map((id) => causeOf(id, null, 0.95)),
];
const plan = (
  causes: readonly PlannedCause[],
  limits: Partial<SessionLimits> = {},
  wish: Partial<SessionWish> = {},
  library: readonly DrillRow[] = DRILLS,
) => planSession({ causes }, { ...ROOMY, ...limits }, { ...NO_WISH, ...wish }, library);
const partsIn = ({ drills }: ReturnType<typeof plan>) =>
  drills.filter(({ drill }) => drill.family !== 'pattern').length;

it.each([
  [7, 2],
  [7.9, 2],
  [8, 4],
  [14.9, 4],
  [15, 5],
  [24.9, 5],
  [25, 6],
  [60, 6],
])('with much to do, in %p minutes no more than %p drills before the pattern', (minutes, most) => {
  // Drills of half a minute: it is never the time that keeps more out.
  const doses = Object.fromEntries(
    MANY.flatMap(() => DRILLS as readonly DrillRow[])
      .filter(({ family }) => family !== 'pattern')
      .flatMap(({ id }) =>
        [`${id}@left`, `${id}@right`, `${id}@`].map((key) => [
          key,
          { by: 'hold', seconds: 20, sets: 1 } as const,
        ]),
      ),
  );
  expect(partsIn(plan(MANY, { minutes }, { doses }))).toBe(most);
});

it.each([
  [3, 1],
  [4.9, 1],
  [5, 2],
  [7.9, 2],
])('in %p minutes own strength is used in %p sets', (minutes, most) => {
  const { drills } = plan([causeOf('ankle-joint', 'left', 0.95)], { minutes, next: 'training' });
  const active = drills.filter(({ drill }) => drill.family === 'active');
  expect(active.map(({ dose }) => dose.sets)).toEqual([most]);
});

it('a pattern that the coach holds on to is the one there is', () => {
  const locked = [{ drill: 'squat-facing-wall', side: null }];
  const patterns = plan([causeOf('ankle-joint', 'left', 0.9)], {}, { locked }).drills.filter(
    ({ drill }) => drill.family === 'pattern',
  );
  expect(patterns.map(({ drill, locked: isHeld }) => [drill.id, isHeld])).toEqual([
    ['squat-facing-wall', true],
  ]);
});

describe('what is held', () => {
  const HOLD = 'bent-knee-calf-wall';
  const held = (seconds: number): Partial<SessionWish> => ({
    locked: [{ drill: HOLD, side: 'right' }],
    doses: { [`${HOLD}@right`]: { by: 'hold', seconds, sets: 3 } },
  });

  // Six and a half minutes are gone; a set of the pattern is half a minute, two are one and a quarter, three are two.
  it.each([
    [8.4, 2],
    [8.6, 3],
  ])('in %p minutes leaves the pattern time for %p sets', (minutes, sets) =>
    expect(plan([], { minutes }, held(120)).drills.at(-1)!.dose.sets).toBe(sets),
  );

  // Three and a half are gone, four and a half are left for both sides.
  it('leaves each side of a pattern half of the rest', () => {
    const patterns = plan([], { pattern: 'split', minutes: 8 }, held(60)).drills.slice(-2);
    expect(patterns.map(({ side }) => side)).toEqual(['left', 'right']);
    for (const { minutes } of patterns) {
      expect(minutes).toBeLessThanOrEqual(2.25);
      expect(minutes).toBeGreaterThan(1);
    }
  });
});

describe('what is held and gone', () => {
  const OWN: DrillRow = { ...(DRILLS as readonly DrillRow[])[0], id: 'own-1', name: 'Mine' };
  const locked = [{ drill: 'own-1', side: null }];
  const GONE = [
    { drill: 'own-1', name: 'A drill of your own', reason: 'it is no longer in the library' },
  ];
  it.each<[string, SessionWish['locked'], readonly DrillRow[], object[]]>([
    ['a drill of one’s own that was deleted', locked, DRILLS, GONE],
    ['one that is still there', locked, [...DRILLS, OWN], []],
    [
      'one that ships, of another pattern',
      [{ drill: 'hinge-along-stick', side: null }],
      DRILLS,
      [],
    ],
    ['nothing', [], DRILLS, []],
  ])('%s', (_name, held, library, refused) =>
    expect(plan([], {}, { locked: held }, library).refused).toEqual(refused),
  );
});

describe('what a choice is worth', () => {
  const causes = (['ankle-joint', 'calf-deep'] as CauseId[]).map((id, i) =>
    causeOf(id, 'right', 0.9 - 0.3 * i),
  );
  const worth = (chosen: Parameters<typeof choiceWorth>[0], minutes = 15) =>
    choiceWorth(chosen, { causes }, { ...ROOMY, minutes });
  const PUMP = candidate('knee-over-outer-toes', 'right');
  const shareOf = (one: typeof PUMP, target: string) =>
    candidatesOf(one.drill, causes, 'blended')
      .find(({ side }) => side === one.side)!
      .serves.find((serve) => serve.target === target)?.share ?? 0;

  it('is what it takes away of what is likely, less the price of each', () => {
    expect(worth([])).toBe(0);
    const share = shareOf(PUMP, 'ankle-joint:right');
    expect(share).toBeGreaterThan(0.1);
    const takes = causes.reduce((sum, { key, p }) => sum + p * shareOf(PUMP, key), 0);
    expect(worth([PUMP])).toBeCloseTo(takes - 0.08, 9);
    // Half the price in a session of twice the length, the whole one in a shorter one.
    expect(worth([PUMP], 30)).toBeCloseTo(takes - 0.04, 9);
    expect(worth([PUMP], 8)).toBeCloseTo(takes - 0.08, 9);
  });

  it('a second one takes of what is left', () => {
    const takes = causes.reduce((sum, { key, p }) => {
      const share = shareOf(PUMP, key);
      return sum + p * (1 - (1 - share) ** 2);
    }, 0);
    expect(worth([PUMP, PUMP])).toBeCloseTo(takes - 0.16, 9);
  });

  it('is nothing but its price on the other side, for what nobody has, or on no side of it', () => {
    expect(worth([candidate('knee-over-outer-toes', 'left')])).toBeCloseTo(-0.08, 9);
    expect(worth([candidate('side-hip-lift', 'right')])).toBeCloseTo(-0.08, 9);
    expect(worth([candidate('knee-over-outer-toes', null)])).toBeCloseTo(-0.08, 9);
  });

  it('what is not likely enough is worth nothing', () => {
    const unlikely = [causeOf('ankle-joint', 'right', 0.1)];
    expect(choiceWorth([PUMP], { causes: unlikely }, ROOMY)).toBeCloseTo(-0.08, 9);
  });

  it('is most for what is chosen', () => {
    const chosen = sessionChoice({ causes }, ROOMY);
    const without = chosen.filter(({ drill }) => drill.family === 'pattern');
    expect(chosen.length).toBeGreaterThan(without.length);
    expect(worth(chosen)).toBeGreaterThan(worth(without));
  });
});
