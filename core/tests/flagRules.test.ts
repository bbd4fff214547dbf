import { FLAGS, flagEffects, maybeForbidden, type DrillRow, type FlagId } from '../src';
import type { DrillLoad } from '../src/knowledge/drillLoad';
import { FLAG_RULES, maybeForbiddenLoad } from '../src/inference/safety/flagRules';
import { inOrder } from '../src/inference/safety/inOrder';
import { load } from './loadMadeUp';

type Load = Partial<DrillLoad>;
type Kind = Pick<DrillRow, 'family' | 'dose'>;

const drill = (kind: Partial<Kind>): DrillRow =>
  ({
    id: 'own-1',
    family: 'active',
    dose: { by: 'reps', sets: 1, reps: 5, secondsEach: 3 },
    ...kind,
  }) as DrillRow;
const held = (seconds: number, family: DrillRow['family'] = 'active') =>
  drill({ family, dose: { by: 'hold', sets: 1, seconds } });
const MOVED = drill({});
const END: Load = { joints: { hip: 'end' } };
const HALF: Load = { joints: { hip: 'half' } };

interface Row {
  readonly flag: FlagId;
  readonly effect: string;
  readonly says: string;
  /** What it speaks about, and what comes nearest that it does not. */
  readonly yes: readonly [Load, DrillRow | null][];
  readonly no: readonly [Load, DrillRow | null][];
}

const of = (...loads: Load[]): [Load, DrillRow | null][] => loads.map((one) => [one, null]);

const ROWS: readonly Row[] = [
  {
    flag: 'osteoporosis',
    effect: 'forbidden',
    says: 'no rounding or twisting of the back',
    yes: of({ back: 'rounds' }, { back: 'turns' }),
    no: of({ back: 'leans' }, { back: 'still' }),
  },
  {
    flag: 'osteoporosis',
    effect: 'easier',
    says: 'Light, with a long back; end before it rounds.',
    yes: of({ back: 'leans', carries: 'weight' }),
    no: of({ back: 'leans', carries: 'body' }, { back: 'still', carries: 'weight' }),
  },
  {
    flag: 'osteoporosis',
    effect: 'warned',
    says: 'Keep the back long; end before it rounds.',
    yes: of({ back: 'leans', carries: 'body' }, { back: 'leans' }),
    no: of({ back: 'leans', carries: 'weight' }, { back: 'still', carries: 'body' }),
  },
  {
    flag: 'osteoporosis',
    effect: 'forbidden',
    says: 'no weight at the end of a bend, where the low back rounds',
    yes: of({ ...END, carries: 'weight' }),
    no: of({ ...END, carries: 'body' }, { ...HALF, carries: 'weight' }),
  },
  {
    flag: 'osteoporosis',
    effect: 'warned',
    says: 'End before the low back rounds.',
    yes: of(END, { ...END, carries: 'body' }),
    no: of({ ...END, carries: 'weight' }, HALF, { joints: { knee: 'end' } }),
  },
  {
    flag: 'osteoporosis',
    effect: 'forbidden',
    says: 'no weight on one leg: a fall breaks bones',
    yes: of({ on: 'feet', stance: 'one', carries: 'weight' }),
    no: of(
      { on: 'feet', stance: 'one', carries: 'body' },
      { on: 'feet', stance: 'staggered', carries: 'weight' },
    ),
  },
  {
    flag: 'neuropathy',
    effect: 'forbidden',
    says: 'numb skin does not say when it is too much',
    yes: of({ presses: true }),
    no: of({}),
  },
  {
    flag: 'neuropathy',
    effect: 'forbidden',
    says: 'no standing on one leg without a support',
    yes: of({ on: 'feet', stance: 'one' }),
    no: of({ on: 'feet', stance: 'one', hand: true }, { on: 'feet', stance: 'two' }),
  },
  {
    flag: 'neuropathy',
    effect: 'forbidden',
    says: 'the hands are for a support and not for a weight',
    yes: of(
      { on: 'feet', stance: 'staggered', carries: 'weight' },
      { on: 'feet', stance: 'one', carries: 'weight', hand: true },
    ),
    no: of(
      { on: 'feet', stance: 'two', carries: 'weight' },
      { on: 'feet', stance: 'staggered', carries: 'body' },
    ),
  },
  {
    flag: 'neuropathy',
    effect: 'easier',
    says: 'A hand on a support all the time, eyes open.',
    yes: of({ on: 'feet', stance: 'staggered' }),
    no: of(
      { on: 'feet', stance: 'one' },
      { on: 'feet', stance: 'staggered', hand: true },
      { on: 'feet', stance: 'two' },
    ),
  },
  {
    flag: 'neuropathy',
    effect: 'easier',
    says: 'Keep the hand on the support all the time, eyes open.',
    yes: of(
      { on: 'feet', stance: 'one', hand: true },
      { on: 'feet', stance: 'staggered', hand: true },
    ),
    no: of(
      { on: 'feet', stance: 'staggered' },
      { on: 'feet', stance: 'two', hand: true },
      { hand: true },
    ),
  },
  {
    flag: 'neuropathy',
    effect: 'warned',
    says: 'Eyes open, a support within reach; look at the skin of the feet after.',
    yes: of({ on: 'feet', stance: 'two' }),
    no: of({ on: 'feet', stance: 'staggered' }, { on: 'seat' }, { on: 'knees', stance: 'two' }),
  },
  {
    flag: 'joint-replacement',
    effect: 'easier',
    says: 'Without the weight until the surgeon has allowed it.',
    yes: of({ carries: 'weight' }),
    no: of({ carries: 'body' }),
  },
  {
    flag: 'pregnancy',
    effect: 'forbidden',
    says: 'no lying on the back',
    yes: of({ on: 'back' }),
    no: of({ on: 'side' }, { on: 'front' }),
  },
  {
    flag: 'pregnancy',
    effect: 'forbidden',
    says: 'no lying on the front',
    yes: of({ on: 'front' }),
    no: of({ on: 'side' }, { on: 'back' }),
  },
  {
    flag: 'pregnancy',
    effect: 'forbidden',
    says: 'no long hold at the end of a range',
    yes: [[END, held(31)]],
    no: [
      [END, held(30)],
      [HALF, held(60)],
      [END, MOVED],
      [END, null],
    ],
  },
  {
    flag: 'pregnancy',
    effect: 'warned',
    says: 'Breathe out on the way up; never hold the breath.',
    yes: of({ carries: 'body' }, { carries: 'weight' }),
    no: of({ carries: 'part' }, {}),
  },
  {
    flag: 'hypermobility',
    effect: 'forbidden',
    says: 'no long hold at the end of a range, control first',
    yes: [
      [HALF, held(30, 'hold')],
      [END, held(5)],
      [END, drill({ family: 'hold' })],
    ],
    no: [
      [HALF, held(60)],
      [END, MOVED],
      [END, null],
    ],
  },
  {
    flag: 'hypermobility',
    effect: 'warned',
    says: 'Turn round well before the end of the range.',
    yes: [
      [END, MOVED],
      [END, null],
    ],
    no: [
      [HALF, MOVED],
      [END, held(5)],
    ],
  },
  {
    flag: 'minor',
    effect: 'forbidden',
    says: 'light weights only',
    yes: of({ carries: 'weight', heavy: true }),
    no: of({ carries: 'weight' }),
  },
  {
    flag: 'minor',
    effect: 'easier',
    says: 'Light enough to talk through: the form before the weight.',
    yes: of({ carries: 'weight' }),
    no: of({ carries: 'body' }, { carries: 'weight', heavy: true }),
  },
  {
    flag: 'blood-thinners',
    effect: 'forbidden',
    says: 'no pressing on the tissue without a clinician’s word',
    yes: of({ presses: true }),
    no: of({}),
  },
  {
    flag: 'blood-thinners',
    effect: 'warned',
    says: 'Kneel on something soft; look for bruises after.',
    yes: of({ on: 'knees' }),
    no: of({ on: 'feet' }),
  },
  {
    flag: 'prosthesis',
    effect: 'warned',
    says: 'Look at the skin of the stump first, and after.',
    yes: of({ presses: true }, { on: 'knees' }),
    no: of({ on: 'seat' }),
  },
];

describe('every flag against what it speaks about', () => {
  it('has a row here for every rule, in the same order', () =>
    expect(FLAG_RULES.map(({ flag, effect, says }) => [flag, effect, says])).toEqual(
      ROWS.map(({ flag, effect, says }) => [flag, effect, says]),
    ));

  it('every flag has one', () =>
    expect(new Set(FLAG_RULES.map(({ flag }) => flag))).toEqual(
      new Set(FLAGS.map(({ id }) => id)),
    ));

  it.each(ROWS.map((row, at) => [row.flag, row.says, row, at] as const))(
    '%s: %s',
    (_flag, _says, { yes, no }, at) => {
      const { when } = FLAG_RULES[at];
      for (const [part, row] of yes) expect([part, when(load(part), row)]).toEqual([part, true]);
      for (const [part, row] of no) expect([part, when(load(part), row)]).toEqual([part, false]);
    },
  );

  it.each(ROWS.filter(({ yes }) => yes[0][1] === null).map((row) => [row.flag, row] as const))(
    'of a check: %s',
    (flag, { effect, says, yes }) => {
      const [[part]] = yes;
      const found = maybeForbiddenLoad(load(part), null, { flags: [flag] });
      if (effect === 'forbidden') expect(found).toBe(`${flag.replaceAll('-', ' ')}: ${says}`);
      else expect(found ?? '').not.toContain(says);
    },
  );

  it('somebody else’s flag says nothing', () =>
    expect(maybeForbiddenLoad(load({ back: 'rounds' }), null, { flags: ['minor'] })).toBeNull());

  it('nobody’s flag says nothing', () =>
    expect(maybeForbiddenLoad(load({ back: 'rounds' }), null, { flags: [] })).toBeNull());
});

describe('a drill of a coach’s own', () => {
  const own = (part: Partial<DrillRow>): DrillRow =>
    ({
      ...drill({}),
      position: 'sitting',
      kit: [],
      oneSided: false,
      targets: [],
      ...part,
    }) as DrillRow;

  it('is out by what its maker said, where no rule keeps it out', () => {
    const one = own({ excludedBy: ['blood-thinners'] });
    expect(maybeForbidden(one, null, { flags: ['blood-thinners'] })).toBe(
      'not with blood thinners',
    );
    expect(maybeForbidden(one, null, { flags: ['minor'] })).toBeNull();
    expect(maybeForbidden(own({}), null, { flags: ['minor'] })).toBeNull();
  });

  it('is out by a rule first', () =>
    expect(
      maybeForbidden(own({ position: 'lying', excludedBy: ['pregnancy'] }), null, {
        flags: ['pregnancy'],
      }),
    ).toBe('pregnancy: no lying on the back'));

  it('is not out by what only changes it', () =>
    expect(
      maybeForbidden(own({ family: 'strengthen', kit: ['weight'] }), null, { flags: ['minor'] }),
    ).toBeNull());

  it('what keeps it out is said before what changes it', () => {
    const one = own({ position: 'lying', family: 'strengthen', kit: ['weight'] });
    const flags: FlagId[] = ['minor', 'pregnancy'];
    expect(flagEffects(one, null, { flags }).map(({ effect }) => effect)).toEqual([
      'forbidden',
      'warned',
      'easier',
    ]);
  });
});

it('what is said twice is said once, as it was said first; what is out comes first', () => {
  const one = (effect: 'forbidden' | 'easier' | 'warned', says: string) => ({ effect, says });
  expect(
    inOrder([one('warned', 'a'), one('easier', 'b'), one('forbidden', 'c'), one('easier', 'a')]),
  ).toEqual([one('forbidden', 'c'), one('warned', 'a'), one('easier', 'b')]);
});
