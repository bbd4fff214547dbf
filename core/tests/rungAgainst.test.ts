import {
  LADDERS,
  loadOfRung,
  maybeLadder,
  maybeRungAgainst,
  type FlagId,
  type MaybeSide,
  type Pain,
} from '../src';
import type { NotYetId } from '../src/knowledge/notYet';
import { DRILL_LOADS } from '../src/knowledge/drillLoads';
import type { CareFor } from '../src/inference/safety/careOf';

const ladderOf = (drill: string) => maybeLadder(drill)!;
const [SPLIT, SQUAT, HINGE, ONE_LEG] = [
  'front-foot-high-split',
  'fading-counterweight-squat',
  'hinge-climb',
  'one-leg-climb',
].map(ladderOf);

/** The highest rung that nothing speaks against. */
function highest(drill: string, known: CareFor): string {
  const ladder = ladderOf(drill);
  const side: MaybeSide = ladder.sided ? 'left' : null;
  return ladder.rungs.findLast((rung) => maybeRungAgainst(ladder, rung, side, known) === null)!.id;
}

describe('what a rung does to a body', () => {
  it.each(LADDERS.map((one) => [one.name, one] as const))(
    '%s: the first rung is what the ladder is taken for, and no first rung carries anything',
    (_name, ladder) => {
      const [first] = ladder.rungs;
      expect(loadOfRung(ladder, first)).toEqual(DRILL_LOADS[ladder.drill]);
      expect(first.weight).toBeNull();
    },
  );

  it.each(
    LADDERS.flatMap((ladder) =>
      ladder.rungs.map((rung) => [ladder.name, rung.id, ladder, rung] as const),
    ),
  )(
    '%s, %s: a hand is said in its words, and a weight takes the hands',
    (_name, _id, ladder, rung) => {
      const load = loadOfRung(ladder, rung);
      expect(load.hand === true).toBe(/hands? (on|as)/.test(rung.how));
      expect(load.arms === 'grip').toBe(rung.weight !== null);
      expect(load.carries === 'weight').toBe(
        rung.weight !== null && rung.weight.as !== 'counterweight',
      );
    },
  );

  it.each([
    ['sides-5', undefined],
    ['sides-12', true],
    ['chest-25', true],
  ])('a weight of %s in a split is heavy: %s', (id, heavy) =>
    expect(
      loadOfRung(
        SPLIT,
        SPLIT.rungs.find((one) => one.id === id)!,
      ).heavy,
    ).toBe(heavy),
  );

  it('a tenth of the body in each hand is light yet', () =>
    expect(
      loadOfRung(
        SQUAT,
        SQUAT.rungs.find(({ id }) => id === 'sides-10')!,
      ).heavy,
    ).toBeUndefined());
});

describe('how high a flag lets a ladder be climbed', () => {
  it.each<[FlagId, string, string]>([
    // Numb feet: never away from the hand, and nothing in the hands.
    ['neuropathy', SPLIT.drill, 'floor-hand'],
    ['neuropathy', ONE_LEG.drill, 'high-seat-hand'],
    ['neuropathy', SQUAT.drill, 'chest-25'],
    ['osteoporosis', SQUAT.drill, 'arms-home'],
    ['osteoporosis', HINGE.drill, 'free'],
    ['osteoporosis', ONE_LEG.drill, 'step-free'],
    ['minor', SPLIT.drill, 'sides-5'],
    ['minor', SQUAT.drill, 'sides-10'],
    ['minor', HINGE.drill, 'sides-10'],
    ['joint-replacement', HINGE.drill, 'free'],
    ['pregnancy', SPLIT.drill, 'chest-25'],
    ['blood-thinners', SQUAT.drill, 'chest-25'],
  ])('%s, %s: %s', (flag, drill, rung) => expect(highest(drill, { flags: [flag] })).toBe(rung));

  it('says why', () => {
    const [, second] = ONE_LEG.rungs;
    expect(maybeRungAgainst(ONE_LEG, second, 'left', { flags: ['neuropathy'] })).toBe(
      'no standing on one leg without a support',
    );
  });

  it('a replaced knee is not taken below a chair', () =>
    expect(
      highest(ONE_LEG.drill, {
        flags: ['joint-replacement'],
        replaced: [{ joint: 'knee', side: 'left', mostDeg: 110 }],
      }),
    ).toBe('chair'));

  it('without a flag or a pain nothing is against any rung', () => {
    for (const ladder of LADDERS)
      for (const rung of ladder.rungs)
        expect(
          maybeRungAgainst(ladder, rung, ladder.sided ? 'left' : null, { flags: [] }),
        ).toBeNull();
  });
});

it.each<[NotYetId, string, string]>([
  ['weight', SPLIT.drill, 'heel-down'],
  ['weight', SQUAT.drill, 'arms-home'],
  ['weight', HINGE.drill, 'free'],
])('while %s is not allowed yet, %s: %s', (not, drill, rung) =>
  expect(
    highest(drill, { flags: [], notYet: [{ by: 'Dr Orla Fenn', not: [not], place: null }] }),
  ).toBe(rung),
);

describe('how high a pain lets a ladder be climbed', () => {
  const pain = (part: Partial<Pain>): CareFor => ({
    flags: [],
    pains: [{ region: 'knee', side: 'left', phase: 'bottom', score: 4, kind: 'ache', ...part }],
  });

  it.each<[string, Partial<Pain>, string, string]>([
    ['no more than 2 at the knee', { score: 2 }, SPLIT.drill, 'chest-25'],
    ['a knee', {}, SPLIT.drill, 'floor-hand'],
    ['a knee', {}, ONE_LEG.drill, 'high-seat-hand'],
    ['a knee', {}, SQUAT.drill, 'rail'],
    ['the other knee, which hangs', { side: 'right' }, ONE_LEG.drill, 'sides-12'],
    ['a wrist that is sharp', { region: 'wrist', kind: 'sharp' }, SPLIT.drill, 'heel-down'],
    ['a wrist that is sharp', { region: 'wrist', kind: 'sharp' }, SQUAT.drill, 'arms-home'],
  ])('%s (%j), %s: %s', (_name, part, drill, rung) =>
    expect(highest(drill, pain(part))).toBe(rung),
  );
});
