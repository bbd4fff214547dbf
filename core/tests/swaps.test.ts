import { DRILLS, swapsFor, type DrillRow, type PlannedCause, type SessionLimits } from '../src';
import { LIKELY_ENOUGH } from '../src/inference/trace/likelyEnough';
import { causeOf, ROOMY } from './planMadeUp';

const library = DRILLS as readonly DrillRow[];
const PUMP = { drill: 'knee-over-outer-toes', side: 'right' } as const;
const SQUAT = { drill: 'squat-to-target', side: null } as const;
const STIFF = causeOf('ankle-joint', 'right', 0.9);

const swaps = (
  one: Parameters<typeof swapsFor>[0],
  causes: readonly PlannedCause[],
  limits: Partial<SessionLimits> = {},
  drills = library,
) => swapsFor(one, { causes }, { ...ROOMY, ...limits }, drills);
const serves = (id: string, cause: string) =>
  library.find((row) => row.id === id)!.targets.some((one) => one.cause === cause);

describe('what could be done instead', () => {
  it('serves the cause that one aims at first, and is not that one', () => {
    const found = swaps(PUMP, [STIFF, causeOf('trunk-hold', null, 0.8)]);
    expect(found.length).toBeGreaterThan(2);
    for (const { key, drill, side } of found) {
      expect(key).not.toBe('knee-over-outer-toes@right');
      expect(serves(drill.id, 'ankle-joint')).toBe(true);
      expect([null, 'right']).toContain(side);
      expect(drill.family).not.toBe('pattern');
    }
  });

  it('is of the pattern that is looked at', () => {
    const shown = swaps({ drill: 'tall-march', side: null }, [causeOf('trunk-hold', null, 0.9)]);
    for (const { drill } of shown) expect(drill.patterns ?? ['squat']).toContain('squat');
    const hinges = library.filter(
      ({ patterns, family, targets }) =>
        patterns &&
        !patterns.includes('squat') &&
        family !== 'pattern' &&
        targets.some(({ cause }) => cause === 'trunk-hold'),
    );
    expect(hinges.length).toBeGreaterThan(0);
    for (const { id } of hinges) expect(shown.map(({ drill }) => drill.id)).not.toContain(id);
  });

  it.each([
    [LIKELY_ENOUGH - 0.001, 0],
    [LIKELY_ENOUGH, 1],
  ])('of a cause as likely as %p: any, %p', (p, any) =>
    expect(Number(swaps(PUMP, [causeOf('ankle-joint', 'right', p)]).length > 0)).toBe(any),
  );

  it('is nothing for what aims at nothing, and for what no library has', () => {
    expect(swaps(PUMP, [])).toEqual([]);
    expect(swaps({ drill: 'own-gone', side: null }, [STIFF])).toEqual([]);
  });

  it('what does most comes first, unless a rule of the coach’s own speaks against it', () => {
    const row = library.find(({ id }) => id === 'point-and-pull')!;
    const own = (id: string, effect: 'small' | 'medium' | 'large', kit: DrillRow['kit'] = []) => ({
      ...row,
      ...{ id, kit, schools: [] },
      targets: [{ cause: 'ankle-joint', effect }] as const,
    });
    const drills: DrillRow[] = [
      library.find(({ id }) => id === PUMP.drill)!,
      own('small', 'small'),
      own('needs', 'large', ['band']),
      own('large', 'large'),
      own('medium', 'medium'),
    ];
    const found = swaps(PUMP, [STIFF], { kit: [] }, drills);
    expect(found.map(({ drill, against }) => [drill.id, against?.rule ?? null])).toEqual([
      ['large', null],
      ['medium', null],
      ['small', null],
      ['needs', 'kit'],
    ]);
  });

  it('of a pattern is a pattern, whatever it is for', () => {
    const found = swaps(SQUAT, [STIFF]);
    expect(found.length).toBeGreaterThan(2);
    expect(new Set(found.map(({ drill }) => drill.family))).toEqual(new Set(['pattern']));
    expect(found.map(({ key }) => key)).not.toContain('squat-to-target@');
  });
});
