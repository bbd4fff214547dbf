import {
  chooseRung,
  doseDrill,
  doseMinutes,
  dropDrill,
  DRILLS,
  isWished,
  letGo,
  lockDrill,
  movedTo,
  NO_WISH,
  searchDrills,
  swapDrill,
  swapsFor,
  type DrillRow,
  type PlannedCause,
  type SessionLimits,
} from '../src';

const A = { drill: 'knee-over-outer-toes', side: 'right' } as const;
const B = { drill: 'bent-knee-calf-wall', side: 'right' } as const;

describe('what the coach holds on to', () => {
  it('is held once, and no longer out', () => {
    const wish = lockDrill(lockDrill(dropDrill(NO_WISH, A), A), A);
    expect([wish.locked, wish.dropped]).toEqual([[A], []]);
    expect(letGo(wish, 'knee-over-outer-toes@right')).toEqual(NO_WISH);
  });

  it('goes out and is not held any more', () => {
    const wish = dropDrill(lockDrill(NO_WISH, A), A);
    expect([wish.locked, wish.dropped]).toEqual([[], [A]]);
  });

  it('is swapped in the same place', () => {
    const ordered = { ...NO_WISH, order: ['x@', 'knee-over-outer-toes@right', 'y@'] };
    const wish = swapDrill(ordered, A, B);
    expect(wish.order).toEqual(['x@', 'bent-knee-calf-wall@right', 'y@']);
    expect([wish.locked, wish.dropped]).toEqual([[B], [A]]);
  });

  it('is dosed, and then as usual again', () => {
    const dose = { by: 'hold', seconds: 90, sets: 1 } as const;
    const wish = doseDrill(NO_WISH, B, dose);
    expect(wish.doses).toEqual({ 'bent-knee-calf-wall@right': dose });
    expect(wish.locked).toEqual([B]);
    expect(doseDrill(wish, B, null).doses).toEqual({});
  });

  it.each([
    ['c', 0, 'c a b'],
    ['a', 2, 'b c a'],
    ['b', 1, 'a b c'],
  ])('%s moved to place %p: %s', (key, place, words) => {
    expect(movedTo(['a', 'b', 'c'], key, place).join(' ')).toBe(words);
  });

  it('climbs to another rung, and is then held', () => {
    const wish = chooseRung(chooseRung(NO_WISH, A, 'low'), B, 'high');
    expect(wish.rungs).toEqual({
      'knee-over-outer-toes@right': 'low',
      'bent-knee-calf-wall@right': 'high',
    });
    expect(wish.locked).toEqual([A, B]);
    expect(chooseRung(wish, A, 'middle').rungs['knee-over-outer-toes@right']).toBe('middle');
  });

  it.each([
    [NO_WISH, false],
    [dropDrill(NO_WISH, A), true],
    [lockDrill(NO_WISH, A), true],
    [{ ...NO_WISH, order: ['x@'] }, true],
    [{ ...lockDrill(NO_WISH, A), order: ['x@'] }, true],
    [{ ...NO_WISH, doses: { 'x@': { by: 'hold', seconds: 5, sets: 1 } as const } }, true],
    [{ ...NO_WISH, rungs: { 'x@': 'low' } }, true],
  ])('%j is told from nothing: %p', (wish, is) => expect(isWished(wish)).toBe(is));
});

describe('others for the same cause', () => {
  const cause: PlannedCause = {
    key: 'ankle-joint:right',
    cause: 'ankle-joint',
    side: 'right',
    kind: 'restriction',
    sentence: 'Right ankle will not bend',
    p: 0.9,
  };
  const limits: SessionLimits = {
    pattern: 'squat',
    minutes: 12,
    flags: [],
    next: 'training',
    approach: 'blended',
  };

  it('aim at it on its side, what does most first', () => {
    const swaps = swapsFor(A, { causes: [cause] }, limits);
    expect(swaps[0].key).toBe('banded-ankle-glide@right');
    expect(
      swaps.every(({ drill }) => drill.targets.some((one) => one.cause === 'ankle-joint')),
    ).toBe(true);
    expect(swaps.every(({ side }) => side !== 'left')).toBe(true);
  });

  it('with a rule of the coach’s own are last and say so; what a caution forbids is not there', () => {
    const calf: PlannedCause = { ...cause, key: 'calf-deep:right', cause: 'calf-deep' };
    const of = (part: Partial<SessionLimits>) =>
      swapsFor({ drill: 'calf-roller', side: 'right' }, { causes: [calf] }, { ...limits, ...part });
    const held = of({}).find(({ drill }) => drill.id === 'bent-knee-calf-wall')!;
    expect(held.against).toMatchObject({ rule: 'hold-before-training', firm: false });
    expect(of({}).at(-1)!.against).not.toBeNull();
    expect(of({ flags: ['hypermobility'] }).some(({ drill }) => drill.family === 'hold')).toBe(
      false,
    );
  });

  it('of a pattern are patterns of the same look', () => {
    const swaps = swapsFor({ drill: 'squat-to-target', side: null }, { causes: [] }, limits);
    expect(swaps.length).toBeGreaterThan(2);
    expect(swaps.every(({ drill }) => drill.family === 'pattern')).toBe(true);
  });
});

describe('the library is searched', () => {
  const ids = (query: Parameters<typeof searchDrills>[0]) =>
    searchDrills(query).map(({ id }) => id);

  it('whole, when nothing is asked', () => expect(ids({})).toHaveLength(DRILLS.length));

  it('by words, in any order and case, names first', () => {
    const [first] = ids({ text: 'BRIDGE leg' });
    expect(first).toBe('one-leg-bridge');
    expect(ids({ text: 'barbell trampoline' })).toEqual([]);
  });

  it('by cause, position, kit and minutes, all at once', () => {
    const found = searchDrills({
      causes: ['hip-turn-in'],
      position: 'sitting',
      kit: [],
      minutes: 2,
    });
    expect(found.map(({ id }) => id)).toEqual(['seated-leg-turns']);
    const short = searchDrills({ minutes: 1.3 }) as DrillRow[];
    expect(short.length).toBeGreaterThan(0);
    expect(short.every(({ dose }) => doseMinutes(dose) <= 1.3)).toBe(true);
  });
});
