import fc from 'fast-check';
import {
  CAUSES,
  NO_WISH,
  PATTERNS,
  planSession,
  SIDES,
  type CauseRow,
  type MaybeSide,
  type PlannedCause,
  type SessionLimits,
} from '../src';
import { loadOf } from '../src/knowledge/loadOf';
import { mirrored } from './cases/mirrored';
import { howMany } from './howMany';

const table = CAUSES as readonly CauseRow[];
const cause = (id: string, side: MaybeSide, p: number): PlannedCause => {
  const { kind, sentence } = table.find((one) => one.id === id)!;
  return {
    key: `${id}:${side ?? '-'}`,
    cause: id as PlannedCause['cause'],
    side,
    kind,
    sentence,
    p,
  };
};
const LIMITS: SessionLimits = {
  pattern: 'split',
  minutes: 15,
  flags: [],
  next: 'rest',
  approach: 'blended',
};
const keysOf = (causes: PlannedCause[], limits: Partial<SessionLimits> = {}) =>
  planSession({ causes }, { ...LIMITS, ...limits }).drills.map(({ key }) => key);

it.each(SIDES)(
  'a pattern on staggered feet is practised on both, the suspect %s side first',
  (side) => {
    const other = side === 'left' ? 'right' : 'left';
    const keys = keysOf([cause('hip-side-control', side, 0.8)]);
    const patterns = keys.filter((key) => /^(split|step)-/.test(key));
    expect(patterns.slice(-2).map((key) => key.split('@')[1])).toEqual([side, other]);
    expect(new Set(patterns.map((key) => key.split('@')[0])).size).toBe(1);
  },
);

it('a rear hip is worked with that leg behind: the other one is in front', () => {
  const { drills } = planSession(
    { causes: [cause('hip-extend', 'right', 0.9)] },
    { ...LIMITS, approach: 'strength-through-range', minutes: 30 },
  );
  for (const { drill, side, targets } of drills)
    if (['front-foot-high-split', 'split-small-and-tall'].includes(drill.id) && targets.length > 0)
      expect(side).toBe('left');
  expect(
    drills.some(({ drill, side }) => drill.id === 'kneeling-hip-glide' && side === 'right'),
  ).toBe(true);
});

it.each([['mid-back-turns', cause('midback', null, 0.8)]])(
  '%s, for the whole body, is done on both sides',
  (id, one) => {
    const keys = keysOf([one], { pattern: 'squat' });
    expect(keys.filter((key) => key.startsWith(id))).toEqual([`${id}@left`, `${id}@right`]);
  },
);

it('both sides take the time of both, and fit the minutes', () => {
  const { drills, broken } = planSession(
    { causes: [cause('midback', null, 0.8), cause('hip-side-control', 'left', 0.6)] },
    { ...LIMITS, minutes: 10 },
  );
  expect(drills.reduce((sum, { minutes }) => sum + minutes, 0)).toBeLessThanOrEqual(10);
  expect(broken).toEqual([]);
});

it('what the coach took out on one side is not brought back by the other', () => {
  const dropped = [{ drill: 'mid-back-turns', side: 'right' as const }];
  const { drills } = planSession(
    { causes: [cause('midback', null, 0.8)] },
    { ...LIMITS, pattern: 'squat' },
    { ...NO_WISH, dropped },
  );
  expect(drills.map(({ key }) => key)).not.toContain('mid-back-turns@right');
});

it.each([
  ['3 minutes: one set each, and the cause is still worked on', 3, 1],
  ['just below five: one set', 4.9, 1],
  ['five: two sets', 5, 2],
  ['just below eight: two sets', 7.9, 2],
])('%s', (_name, minutes, most) => {
  const { drills } = planSession(
    { causes: [cause('ankle-joint', 'right', 0.9)] },
    { ...LIMITS, pattern: 'squat', minutes },
  );
  expect(drills.some(({ targets }) => targets.includes('ankle-joint:right'))).toBe(true);
  expect(drills.at(-1)!.drill.family).toBe('pattern');
  for (const { dose, drill } of drills)
    if (drill.family !== 'pattern') expect(dose.sets).toBeLessThanOrEqual(most);
});

const sidedCauses = table.filter(({ kind }) => kind !== 'given');
const someCauses = fc.array(
  fc.record({
    row: fc.constantFrom(...sidedCauses),
    side: fc.constantFrom(...SIDES),
    p: fc.double({ min: 0.05, max: 0.99, noNaN: true }),
  }),
  { minLength: 1, maxLength: 7 },
);

it('mirrored causes, mirrored plan', () => {
  fc.assert(
    fc.property(
      someCauses,
      fc.constantFrom(...PATTERNS),
      fc.constantFrom(3, 8, 15, 25),
      (list, pattern, minutes) => {
        const causes = list
          .map(({ row, side, p }) => cause(row.id, row.sided ? side : null, p))
          .filter((one, i, all) => all.findIndex(({ key }) => key === one.key) === i);
        const flipped = causes.map(({ cause: id, side, p }) => cause(id, mirrored(side), p));
        const limits = { pattern, minutes };
        const there = keysOf(causes, limits).map((key) =>
          key
            .split('@')
            .map((part) => mirrored(part))
            .join('@'),
        );
        expect([...there].sort()).toEqual([...keysOf(flipped, limits)].sort());
      },
    ),
    { seed: 19, numRuns: howMany(2000, 150) },
  );
});

it('no staggered pattern stands alone on one side, whatever the causes', () => {
  fc.assert(
    fc.property(someCauses, fc.constantFrom('split', 'lunge'), (list, pattern) => {
      const causes = list
        .map(({ row, side, p }) => cause(row.id, row.sided ? side : null, p))
        .filter((one, i, all) => all.findIndex(({ key }) => key === one.key) === i);
      const { drills } = planSession({ causes }, { ...LIMITS, pattern });
      const staggered = drills.filter(
        ({ drill }) => drill.family === 'pattern' && loadOf(drill).stance === 'staggered',
      );
      for (const { drill } of staggered)
        expect(staggered.filter((one) => one.drill.id === drill.id)).toHaveLength(2);
    }),
    { seed: 20, numRuns: howMany(1000, 100) },
  );
});

it('one side of the pattern before its parts is against the rule', () => {
  const causes = [cause('hip-extend', 'right', 0.9)];
  const usual = keysOf(causes);
  const { broken } = planSession({ causes }, LIMITS, {
    ...NO_WISH,
    order: [usual.at(-1)!, ...usual.slice(0, -1)],
  });
  expect(broken).toMatchObject([{ rule: 'pattern-last', key: usual.at(-1) }]);
});
