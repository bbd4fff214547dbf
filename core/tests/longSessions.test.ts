import fc from 'fast-check';
import {
  CAUSES,
  FAMILY_DOSES,
  NO_WISH,
  planSession,
  type CauseRow,
  type PlannedCause,
  type SessionLimits,
} from '../src';
import { doseMinutes } from '../src/knowledge/doseSeconds';
import { maybeSpare } from '../src/planning/session/spareMinutes';
import { howMany } from './howMany';

const table = CAUSES as readonly CauseRow[];
const cause = (id: string, side: 'left' | 'right' | null, p: number): PlannedCause => {
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
  pattern: 'squat',
  minutes: 15,
  flags: [],
  next: 'rest',
  approach: 'blended',
};
const STIFF = [cause('ankle-joint', 'right', 0.95)];
const plan = (limits: Partial<SessionLimits> = {}, causes = STIFF, wish = NO_WISH) =>
  planSession({ causes }, { ...LIMITS, ...limits }, wish);
type Plan = ReturnType<typeof plan>;
const minutesOf = ({ drills }: Plan) => drills.reduce((sum, { minutes }) => sum + minutes, 0);
const setsOf = ({ drills }: Plan, family: string) =>
  drills.filter(({ drill }) => drill.family === family).map(({ dose }) => dose.sets);

describe('minutes that are left go into what more sets help', () => {
  it.each([
    [7, [2], [2]],
    [8, [2], [4]],
    [9, [3], [4]],
    [10, [3], [5]],
    [60, [3], [5]],
  ])('in %d minutes', (minutes, joint, pattern) => {
    const answer = plan({ minutes });
    expect(setsOf(answer, 'joint')).toEqual(joint);
    expect(setsOf(answer, 'pattern')).toEqual(pattern);
    expect(minutesOf(answer)).toBeLessThanOrEqual(minutes);
  });

  it('before training nothing that tires gets more', () => {
    const weak = [cause('hip-side-strength', 'left', 0.9)];
    const [before, after] = (['training', 'rest'] as const).map((next) =>
      setsOf(plan({ next, minutes: 20 }, weak), 'strengthen'),
    );
    expect(before.length).toBeGreaterThan(0);
    expect(Math.max(...after)).toBeGreaterThan(Math.max(...before));
  });

  it('what the coach dosed stays as it was dosed', () => {
    const [{ key, dose }] = plan().drills;
    const asked = { ...dose, sets: 1 };
    const { drills } = plan({}, STIFF, { ...NO_WISH, doses: { [key]: asked } });
    expect(drills.find((one) => one.key === key)!.dose).toEqual(asked);
  });

  it('what asks of a place that hurts stays small', () => {
    const pains = [
      { region: 'knee', side: 'right', phase: 'bottom', score: 3, kind: 'ache' },
    ] as const;
    const [free, hurt] = [plan(), plan({ pains })].map((one) => setsOf(one, 'pattern'));
    expect(hurt[0]).toBeLessThan(free[0]);
  });

  it('what a nerve or a flag asks care for stays small', () => {
    const nerve = [cause('nerve-back', 'right', 0.9)];
    expect(setsOf(plan({ pattern: 'hinge', minutes: 20 }, nerve), 'pattern')).toEqual([3]);
    const weak = [cause('hip-side-strength', 'left', 0.9)];
    const [free, numb] = [[], ['neuropathy' as const]].map((flags) =>
      setsOf(plan({ pattern: 'split', minutes: 20, flags }, weak), 'pattern'),
    );
    expect(numb[0]).toBeLessThan(free[0]);
  });

  it('what is given is no suspect: beside it guesses are guesses', () => {
    const fused = [cause('fixed-ankle', 'left', 1), cause('hip-side-strength', 'right', 0.4)];
    expect(plan({ minutes: 30 }, fused).spare).toMatch(/nothing is likely enough/);
  });

  it('guesses get no more', () =>
    expect(setsOf(plan({ minutes: 30 }, [cause('ankle-joint', 'right', 0.49)]), 'joint')).toEqual([
      2,
    ]));

  it('both sides of a drill get the same, whatever there is', () => {
    const sided = table.filter(({ kind }) => kind !== 'given');
    fc.assert(
      fc.property(
        fc.array(
          fc.tuple(fc.constantFrom(...sided), fc.double({ min: 0.3, max: 1, noNaN: true })),
          {
            minLength: 1,
            maxLength: 4,
          },
        ),
        fc.integer({ min: 8, max: 60 }),
        fc.constantFrom('training' as const, 'rest' as const),
        fc.constantFrom('squat' as const, 'hinge' as const, 'lunge' as const, 'split' as const),
        (some, minutes, next, pattern) => {
          const causes = some.map(([{ id, sided: isSided }, p]) =>
            cause(id, isSided ? 'left' : null, p),
          );
          const unique = causes.filter(
            ({ key }, i) => causes.findIndex((one) => one.key === key) === i,
          );
          const { drills } = plan({ minutes, next, pattern }, unique);
          expect(drills.reduce((sum, one) => sum + one.minutes, 0)).toBeLessThanOrEqual(
            minutes + 1e-6,
          );
          for (const { drill, dose, minutes: takes } of drills) {
            expect(dose.sets).toBeLessThanOrEqual(FAMILY_DOSES[drill.family].sets[1]);
            expect(takes).toBeCloseTo(doseMinutes(dose), 9);
            const others = drills.filter((one) => one.drill.id === drill.id);
            for (const other of others) expect(other.dose).toEqual(dose);
          }
        },
      ),
      { seed: 20261130, numRuns: howMany(400, 60) },
    );
  });
});

describe('in a long session one more drill costs less attention', () => {
  it.each([
    [15, 3],
    [30, 3],
    [60, 6],
  ])('in %d minutes: %d parts', (minutes, parts) =>
    expect(plan({ minutes }).drills).toHaveLength(parts),
  );
});

describe('what is left is told, with why', () => {
  it.each([
    [30, STIFF, {}, /minutes are left: more of this would tire/],
    [30, [cause('ankle-joint', 'right', 0.4)], {}, /nothing is likely enough .* on checks/],
    [
      30,
      STIFF,
      { pains: [{ region: 'knee', side: 'right', phase: 'bottom', score: 7, kind: 'sharp' }] },
      /what hurts keeps more/,
    ],
  ] as [number, PlannedCause[], Partial<SessionLimits>, RegExp][])(
    'in %d minutes',
    (minutes, causes, limits, says) =>
      expect(plan({ minutes, ...limits }, causes).spare).toMatch(says),
  );

  const [one] = plan().drills;
  const taking = (minutes: number) => [{ ...one, minutes } as never];
  it.each([
    [10, 7.01, false],
    [10, 7, true],
    [20, 15.01, false],
    [20, 15, true],
  ])('of %d minutes %f are used: %s', (minutes, used, isTold) =>
    expect(maybeSpare(taking(used), minutes, 'enough') !== null).toBe(isTold),
  );

  it('where there is no session, there is nothing to say', () =>
    expect(maybeSpare([], 30, 'enough')).toBeNull());
});
