import { flagEffects, standingOf, type DrillRow, type MaybeSide, type Standing } from '../src';
import type { DrillLoad } from '../src/knowledge/drillLoad';
import { maybeForbiddenLoad } from '../src/inference/safety/flagRules';
import { jointEffects } from '../src/inference/safety/jointRules';
import type { MissingLimb, ReplacedJoint } from '../src/inference/safety/standing';
import { load } from './loadMadeUp';

const own = (part: Partial<DrillRow> = {}): DrillRow =>
  ({
    id: 'own-1',
    family: 'strengthen',
    position: 'sitting',
    kit: [],
    oneSided: false,
    targets: [],
    dose: { by: 'reps', sets: 1, reps: 5, secondsEach: 3 },
    ...part,
  }) as DrillRow;
const replaced = (part: Partial<ReplacedJoint> = {}): Standing => ({
  flags: ['joint-replacement'],
  replaced: [{ joint: 'hip', side: 'left', mostDeg: 100, ...part }],
});
const UNTOLD: Standing = { flags: ['joint-replacement'] };

const said = (part: Partial<DrillLoad>, standing: Standing, row: DrillRow | null = null) =>
  jointEffects({ load: load(part), drill: row, side: null }, standing).map(
    ({ effect, says }) => `${effect}: ${says}`,
  );

describe('a replaced joint, in words', () => {
  it.each<[string, Partial<DrillLoad>, Standing, string[]]>([
    [
      'its end',
      { joints: { hip: 'end' } },
      replaced(),
      ['forbidden: no end of the range of the left hip, only what the surgeon allows'],
    ],
    [
      'its own strength',
      { joints: { hip: 'half' }, ownEnd: true },
      replaced(),
      ['forbidden: not as far as it goes of the left hip, only what the surgeon allows'],
    ],
    ['its own strength, hardly', { joints: { hip: 'slight' }, ownEnd: true }, replaced(), []],
    [
      'a twist',
      { turnsKnee: true },
      replaced({ joint: 'knee' }),
      ['forbidden: no turning of the left knee'],
    ],
    ['a twist beneath a hip', { turnsKnee: true }, replaced(), []],
    ['a twist, nobody said which', { turnsKnee: true }, UNTOLD, []],
    [
      'kneeling',
      { on: 'knees' },
      replaced({ joint: 'knee' }),
      ['warned: Kneel only if the surgeon allows it.'],
    ],
    ['kneeling beneath a hip', { on: 'knees' }, replaced(), []],
    ['half-way, enough', { joints: { hip: 'half' } }, replaced({ mostDeg: 90 }), []],
    ['hardly', { joints: { hip: 'slight' } }, replaced({ mostDeg: 20 }), []],
    [
      'half-way, not enough',
      { joints: { hip: 'half' } },
      replaced({ mostDeg: 89 }),
      ['forbidden: the surgeon lets the left hip bend to 89°, and it takes about 90°'],
    ],
    [
      'half-way, not told',
      { joints: { hip: 'half' } },
      replaced({ mostDeg: null }),
      [
        'warned: Ask how far the surgeon lets the left hip bend; until that is told, well short of its end.',
      ],
    ],
    ['half-way, nobody said which', { joints: { hip: 'half' } }, UNTOLD, []],
    ['another joint', { joints: { knee: 'end' } }, replaced(), []],
    ['no flag', { joints: { hip: 'end' } }, { ...replaced(), flags: [] }, []],
  ])('%s', (_name, part, standing, expected) => expect(said(part, standing)).toEqual(expected));

  it('nobody said which: any hip and knee, without a side', () =>
    expect(new Set(said({ joints: { hip: 'end' } }, UNTOLD))).toEqual(
      new Set(['forbidden: no end of the range, only what the surgeon allows']),
    ));

  it.each<[DrillRow['family'], number, string[]]>([
    ['pattern', 119, ['easier: Only so deep: the surgeon lets the left hip bend to 119°.']],
    ['pattern', 120, []],
    ['fit', 60, ['easier: Only so deep: the surgeon lets the left hip bend to 60°.']],
    ['fit', 120, []],
    ['ladder', 119, ['easier: Only so deep: the surgeon lets the left hip bend to 119°.']],
    ['ladder', 120, []],
    [
      'ladder',
      89,
      ['forbidden: the surgeon lets the left hip bend to 89°, and it takes about 90°'],
    ],
    ['strengthen', 90, []],
  ])('a %s where %d° are allowed', (family, mostDeg, expected) =>
    expect(said({ joints: { hip: 'half' } }, replaced({ mostDeg }), own({ family }))).toEqual(
      expected,
    ),
  );

  it.each<[Partial<ReplacedJoint>, MaybeSide, boolean]>([
    [{ joint: 'shoulder' }, 'left', true],
    [{ joint: 'shoulder' }, 'right', false],
    [{ joint: 'hip' }, 'left', true],
    [{ joint: 'hip' }, 'right', false],
  ])('%j, done on the %s: out %s', (part, side, expected) =>
    expect(
      maybeForbiddenLoad(
        load({ joints: { hip: 'end', shoulder: 'end' } }),
        side,
        replaced(part),
      ) !== null,
    ).toBe(expected),
  );
});

describe('a prosthesis, in words', () => {
  const limb = (from: MissingLimb['from']): Standing => ({
    flags: ['prosthesis'],
    missing: [{ from, side: 'left' }],
  });
  const done = (part: Partial<DrillLoad>, side: MaybeSide, row: DrillRow | null = null) =>
    jointEffects({ load: load(part), drill: row, side }, limb('ankle')).map(
      ({ effect, says }) => `${effect}: ${says}`,
    );

  it.each<[string, Partial<DrillLoad>, MaybeSide, string[]]>([
    [
      'standing on it',
      { stance: 'one' },
      'left',
      ['forbidden: no standing on the left leg alone, which is a prosthesis'],
    ],
    [
      'standing beside it',
      { stance: 'one' },
      'right',
      ['easier: A hand on a support all the time.'],
    ],
    ['standing beside it, with a hand', { stance: 'one', hand: true }, 'right', []],
    ['on both', { stance: 'two' }, 'right', []],
    ['on both, of it', { stance: 'two' }, 'left', []],
  ])('%s', (_name, part, side, expected) => expect(done(part, side)).toEqual(expected));

  it.each<[MissingLimb['from'], readonly string[]]>([
    ['ankle', ['toes', 'foot', 'ankle']],
    ['knee', ['toes', 'foot', 'ankle', 'knee']],
    ['hip', ['toes', 'foot', 'ankle', 'knee', 'hip']],
  ])('from the %s on nothing is there to be worked on', (from, gone) => {
    for (const joint of ['toes', 'foot', 'ankle', 'knee', 'hip', 'shoulder'] as const) {
      const found = maybeForbiddenLoad(load({ joints: { [joint]: 'end' } }), 'left', limb(from));
      const half = maybeForbiddenLoad(load({ joints: { [joint]: 'half' } }), 'left', limb(from));
      const says = `prosthesis: the left ${from} is not there to be worked on`;
      expect([joint, found]).toEqual([joint, gone.includes(joint) ? says : null]);
      expect(half).toBeNull();
    }
  });

  const meant = (...causes: string[]) =>
    own({ oneSided: true, targets: causes.map((cause) => ({ cause, effect: 'medium' })) as never });
  const GONE = ['forbidden: the left ankle is not there to be worked on'];
  it.each<[string, string[], MaybeSide, string[]]>([
    ['for what is gone', ['ankle-joint'], 'left', GONE],
    ['for the calf of it', ['calf-strength'], 'left', GONE],
    ['for two that are gone', ['ankle-joint', 'calf-long'], 'left', GONE],
    ['also for what is there', ['ankle-joint', 'hip-bend'], 'left', []],
    ['for what is there', ['hip-bend'], 'left', []],
    ['for no place', ['balance-deep'], 'left', []],
    ['for the back', ['trunk-hold'], 'left', []],
    ['for the other side', ['ankle-joint'], 'right', []],
    ['on both at once', ['ankle-joint'], null, []],
    ['for nothing', [], 'left', []],
  ])('a drill %s', (_name, causes, side, expected) =>
    expect(done({}, side, meant(...causes))).toEqual(expected),
  );

  it('of a check there is nothing that it is for', () => expect(done({}, 'left')).toEqual([]));

  it.each<[Partial<DrillLoad>, string[]]>([
    [{ stance: 'one' }, ['forbidden: no standing on one leg with a prosthesis']],
    [{ stance: 'one', hand: true }, ['forbidden: no standing on one leg with a prosthesis']],
    ...(['toes', 'foot', 'ankle'] as const).map((joint): [Partial<DrillLoad>, string[]] => [
      { joints: { [joint]: 'end' } },
      ['forbidden: no ankle or foot is worked on until it is told which one is not there'],
    ]),
    [{ joints: { ankle: 'half', knee: 'end' } }, []],
    [{ stance: 'staggered' }, []],
  ])('nobody said which: %j', (part, expected) =>
    expect(said(part, { flags: ['prosthesis'] })).toEqual(expected),
  );

  it('of who has none', () =>
    expect(said({ stance: 'one' }, { ...limb('ankle'), flags: [] })).toEqual([]));

  it('every effect carries its flag', () =>
    expect(
      flagEffects(meant('ankle-joint'), 'left', limb('ankle')).map(({ flag }) => flag),
    ).toEqual(['prosthesis']));
});

describe('what stands', () => {
  const none = { flags: [], history: [], given: [] } as const;
  const operation = { what: 'operation', region: 'hip', side: 'left', replaced: true } as const;
  it.each([
    ['not replaced', { ...operation, replaced: undefined }, 0],
    ['without a side', { ...operation, side: undefined }, 0],
    ['of a neck', { ...operation, region: 'neck' }, 0],
    ['of no place', { ...operation, region: undefined }, 0],
    ['as it should be', operation, 1],
  ] as const)('an operation %s', (_name, item, count) => {
    const found = standingOf({ ...none, history: [item as never] });
    expect(found.replaced).toHaveLength(count);
    expect(found.flags).toEqual(count ? ['joint-replacement'] : []);
  });
  it('what is given and no prosthesis is no missing limb', () =>
    expect(standingOf({ ...none, given: [{ cause: 'fixed-knee', side: 'left' }] })).toEqual({
      flags: [],
      replaced: [],
      missing: [],
      notYet: [],
    }));
  it('a flag that is told and implied stands once', () =>
    expect(
      standingOf({ flags: ['joint-replacement'], history: [operation], given: [] }).flags,
    ).toEqual(['joint-replacement']));
});
