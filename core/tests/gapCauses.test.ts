import {
  CHECKS,
  DRILLS,
  oneCause,
  planSession,
  traceReport,
  parseCase,
  type CheckFinding,
  type CheckRow,
  type DrillRow,
  type SessionLimits,
} from '../src';
import { CAUSE_OF_RANGE, gapCauses } from '../src/planning/session/gapCauses';

const LIMITS: SessionLimits = {
  pattern: 'squat',
  minutes: 15,
  flags: [],
  next: 'training',
  approach: 'blended',
};
const bend = (passive: number, active: number, part: Partial<CheckFinding> = {}): CheckFinding => ({
  check: 'hip-bend',
  side: 'left',
  passive,
  active,
  ...part,
});
const pOf = (...checks: CheckFinding[]) => gapCauses(checks)[0]?.p ?? 0;

describe('a range that is there and cannot be used', () => {
  it('is planned for when the gap is beyond what two readings miss, and more surely the larger it is', () => {
    expect(pOf(bend(120, 118))).toBe(0);
    expect(pOf(bend(120, 110))).toBe(0);
    expect(pOf(bend(120, 105))).toBeGreaterThan(0.6);
    expect(pOf(bend(120, 100))).toBeGreaterThan(0.9);
    expect(pOf(bend(120, 60))).toBe(0.95);
  });

  it('has a side, and of two checks of one range the larger gap', () => {
    const raise = { check: 'straight-leg-raise', side: 'left', passive: 80, active: 60 } as const;
    const bent = { ...raise, check: 'knee-straighten-90', passive: 10, active: 60 } as const;
    const [one, ...others] = gapCauses([raise, bent]);
    expect(one).toMatchObject({ key: 'hamstring-length:left:gap', side: 'left', kind: 'strength' });
    expect(others).toEqual([]);
    expect(one.sentence).toContain('50° more when moved than by itself');
  });

  /** Error of a hip bend is 3°: a real change is 8.3°, a gap is as likely as not from one and a half of them on. */
  it.each([
    [12.47, 0.5],
    [12.47 + 3 * Math.SQRT2, 0.841],
    [12.47 - 3 * Math.SQRT2, 0],
    [10.3, 0.305],
    [10.2, 0],
    [20, 0.95],
  ])('a gap of %p° is one at %p', (gap, p) => {
    expect(pOf(bend(120, 120 - gap))).toBeCloseTo(p, 2);
  });

  it('is said of the check, with its side and whole degrees', () => {
    const [{ key, cause, side, sentence, ownStrength }] = gapCauses([bend(120, 99.6)]);
    expect({ key, cause, side, ownStrength }).toEqual({
      ...{ key: 'hip-bend:left:gap', cause: 'hip-bend' },
      ...{ side: 'left', ownStrength: true },
    });
    expect(sentence).toBe('left hip bend: 20° more when moved than by itself');
    const [middle] = gapCauses([bend(180, 120, { check: 'shoulder-raise', side: undefined })]);
    expect([middle.key, middle.side]).toEqual(['shoulder-raise:-:gap', null]);
    expect(middle.sentence).toMatch(/^[a-z].*: 60° more when moved than by itself$/);
  });

  it('both sides have their own, the largest first, by the norm of the client', () => {
    const sides = gapCauses([
      bend(120, 104),
      bend(120, 90, { side: 'right' }),
      { check: 'knee-bend', side: 'left', passive: 140, active: 110 },
    ]);
    expect(sides.map(({ key }) => key).slice(-1)).toEqual(['hip-bend:left:gap']);
    expect(sides).toHaveLength(3);
    // By the size against the error of the check, not by degrees.
    const two = gapCauses([bend(120, 96), { check: 'shoulder-raise', passive: 180, active: 140 }]);
    expect(two.map(({ cause }) => cause)).toEqual(['shoulder-raise', 'hip-bend']);
    const wide = { 'hip-bend': { usual: [120, 8], restricted: [100, 8], sem: 12 } } as const;
    expect(gapCauses([bend(120, 104)], wide as never)).toEqual([]);
  });

  it('nothing is made of one reading, or of a result', () => {
    expect(gapCauses([bend(120, 90, { active: undefined })])).toEqual([]);
    expect(gapCauses([bend(120, 90, { passive: undefined })])).toEqual([]);
    expect(gapCauses([{ check: 'side-hip-hold', side: 'left', passive: 60, active: 5 }])).toEqual(
      [],
    );
    expect(gapCauses([{ check: 'double-leg-lift', result: 'lost' }])).toEqual([]);
  });

  const both = (CHECKS as readonly CheckRow[]).filter(
    (row) => row.type === 'range' && row.modes.includes('passive') && row.modes.includes('active'),
  );
  it.each(both.map(({ id, sided }) => [id, sided] as const))(
    '%s: what uses it by own strength is in the session, and nothing that only makes room',
    (id, sided) => {
      const row = both.find((one) => one.id === id)!;
      if (row.type !== 'range') throw new Error(id);
      const { usual, restricted } = row.norm;
      const [passive] = usual;
      const active = passive - Math.sign(passive - restricted[0]) * 60;
      const causes = gapCauses([
        { check: id as CheckFinding['check'], side: sided ? 'left' : null, passive, active },
      ]);
      expect(causes.map(({ cause }) => cause)).toEqual([CAUSE_OF_RANGE[id as never]]);
      expect(oneCause(causes[0].cause).sided).toBe(sided);
      const { drills } = planSession({ causes }, LIMITS);
      const parts = drills.filter(({ targets }) => targets.length > 0);
      expect(parts.length).toBeGreaterThan(0);
      for (const { drill, side } of parts) {
        expect(['active', 'strengthen', 'ladder']).toContain(drill.family);
        if (drill.oneSided && sided) expect(side).toBe('left');
      }
    },
  );

  it('every cause that a range stands for has a drill of own strength', () => {
    const strong = (DRILLS as readonly DrillRow[]).filter(({ family }) =>
      ['active', 'strengthen', 'ladder'].includes(family),
    );
    for (const cause of Object.values(CAUSE_OF_RANGE))
      expect(strong.some(({ targets }) => targets.some((one) => one.cause === cause))).toBe(true);
  });

  it('reaches the session of a case', () => {
    const parsed = parseCase({
      format: 'taxikine-case',
      version: 1,
      client: { heightM: 1.7, massKg: 70 },
      look: { pattern: 'squat', faults: [] },
      checks: [{ check: 'hip-turn-in', side: 'right', passive: 45, active: 15, unit: 'deg' }],
    });
    if (!('value' in parsed)) throw new Error('not parsed');
    const { drills } = traceReport(parsed.value).plan;
    expect(drills.some(({ family, side }) => family === 'active' && side === 'right')).toBe(true);
  });
});
