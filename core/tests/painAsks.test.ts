import type { DrillRow, MaybeSide, Pain } from '../src';
import type { DrillLoad } from '../src/knowledge/drillLoad';
import { maybeAgainstCheck, maybeAgainstProbe } from '../src/inference/safety/againstAsking';
import { goesDeep } from '../src/inference/safety/goesDeep';
import { maybeBarred } from '../src/inference/safety/maybeBarred';
import { maybeTooPainful, painEffects } from '../src/inference/safety/painRules';
import { careOf } from '../src/inference/safety/careOf';
import { painAt } from './painAt';
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

/** With a pain of six: what asks it for much is not asked of it. */
const isOut = (part: Partial<DrillLoad>, pain: Partial<Pain>, side: MaybeSide = null) =>
  maybeTooPainful(load(part), side, [painAt(pain)]) !== null;

describe('what asks a place for much', () => {
  it.each<[Partial<DrillLoad>, Partial<Pain>, boolean]>([
    // A joint: to its end, or half-way under the body, or at all under a weight.
    [{ joints: { knee: 'end' } }, {}, true],
    [{ joints: { knee: 'half' } }, {}, false],
    [{ joints: { knee: 'half' }, carries: 'part' }, {}, false],
    [{ joints: { knee: 'half' }, carries: 'body' }, {}, true],
    [{ joints: { knee: 'slight' }, carries: 'body' }, {}, false],
    [{ joints: { knee: 'slight' }, carries: 'weight' }, {}, true],
    [{ joints: { hip: 'end' } }, {}, false],
    // The back: whatever it is taken to, and what is carried on top of it.
    [{}, { region: 'low-back' }, false],
    [{ back: 'rounds' }, { region: 'low-back' }, true],
    [{ back: 'turns' }, { region: 'low-back' }, true],
    [{ back: 'leans' }, { region: 'low-back' }, true],
    [{ carries: 'weight' }, { region: 'low-back' }, true],
    [{ carries: 'body' }, { region: 'low-back' }, false],
    [{ back: 'rounds', carries: 'weight' }, {}, false],
    // Twisting, pressing and kneeling, where they touch.
    [{ turnsKnee: true }, {}, true],
    [{ turnsKnee: true }, { region: 'hip' }, false],
    [{ presses: true }, { region: 'calf' }, true],
    [{ presses: true }, { region: 'ankle' }, false],
    [{ on: 'knees' }, { region: 'kneecap' }, true],
    [{ on: 'knees' }, { region: 'calf' }, false],
    // Arms: what bears on them; a hand on a support only steadies.
    [{ arms: 'flat-hands' }, { region: 'wrist' }, true],
    [{ arms: 'flat-hands' }, { region: 'elbow' }, true],
    [{ arms: 'flat-hands' }, { region: 'shoulder' }, true],
    [{ arms: 'forearm' }, { region: 'wrist' }, false],
    [{ arms: 'forearm' }, { region: 'elbow' }, true],
    [{ arms: 'forearm' }, { region: 'shoulder' }, true],
    [{ arms: 'grip' }, { region: 'wrist' }, true],
    [{ arms: 'grip' }, { region: 'elbow' }, true],
    [{ arms: 'grip' }, { region: 'shoulder' }, true],
    [{ arms: 'grip' }, {}, false],
    [{ hand: true }, { region: 'wrist' }, false],
    // A line that shoots, along its leg only and however small.
    [{ line: 'back-of-leg' }, { region: 'calf', kind: 'electric', score: 1 }, true],
    [{ line: 'front-of-leg' }, { region: 'calf', kind: 'electric', score: 1 }, false],
    [{}, { region: 'calf', kind: 'electric', score: 1 }, false],
    [{ line: 'back-of-leg' }, { region: 'calf', kind: 'pull', score: 1 }, false],
  ])('%j, hurting at %j: out %s', (part, pain, expected) =>
    expect(isOut(part, pain)).toBe(expected),
  );

  it('what is only made easier is not kept from being asked', () => {
    expect(
      maybeTooPainful(load({ joints: { knee: 'end' } }), null, [painAt({ score: 4 })]),
    ).toBeNull();
    expect(maybeTooPainful(load({ joints: { knee: 'end' } }), null, [])).toBeNull();
  });

  it.each<[Partial<DrillLoad>, Partial<Pain>, boolean]>([
    [{ joints: { knee: 'end' }, stance: 'one' }, {}, false],
    [{ joints: { knee: 'end' }, stance: 'two' }, {}, true],
    [{ joints: { knee: 'end' }, stance: 'staggered' }, {}, true],
    // The middle of the body has a part in either side.
    [{ back: 'rounds' }, { region: 'low-back' }, true],
    [{ joints: { neck: 'end' } }, { region: 'neck' }, true],
    // The other arm bears what both do, and nothing that one does.
    [{ arms: 'forearm' }, { region: 'elbow' }, false],
    [{ arms: 'flat-hands' }, { region: 'elbow' }, true],
  ])('done on the left, hurting on the right: %j at %j: out %s', (part, pain, expected) =>
    expect(isOut(part, { side: 'right', ...pain }, 'left')).toBe(expected),
  );

  it('says what hurts', () => {
    expect(maybeTooPainful(load({ joints: { knee: 'end' } }), null, [painAt()])).toBe(
      'it loads the right knee, which hurts',
    );
    expect(
      maybeTooPainful(load({ line: 'back-of-leg' }), null, [
        painAt({ region: 'calf', kind: 'electric', score: 1 }),
      ]),
    ).toBe('it lengthens the line of the right calf, which hurts');
  });
});

describe('how it is easier', () => {
  const HIGHER =
    'Stop above where the right knee hurts: a higher target, slower, a hand on a support, no weight.';
  const SMALLER = 'Smaller and slower, short of where the right knee hurts.';
  it.each<[Partial<DrillRow>, Partial<Pain>, string]>([
    [{ family: 'pattern', position: 'standing' }, { score: 4 }, HIGHER],
    [{ family: 'fit', position: 'standing' }, { score: 4 }, HIGHER],
    [{ family: 'ladder', position: 'standing' }, { score: 4 }, HIGHER],
    [{ family: 'pattern', position: 'standing' }, { score: 7 }, HIGHER],
    [{ family: 'fit', position: 'standing' }, { score: 7 }, HIGHER],
    [{ family: 'strengthen', position: 'standing' }, { score: 4 }, SMALLER],
    [{ family: 'pattern', position: 'kneeling' }, { score: 4 }, SMALLER],
    [
      { family: 'strengthen', position: 'sitting', kit: ['weight'] },
      { region: 'wrist', score: 4 },
      'Nothing held with the right wrist, and no leaning on it.',
    ],
    [
      { family: 'pattern', position: 'standing' },
      { region: 'neck', side: null, score: 4 },
      'Smaller and slower, short of where the neck hurts.',
    ],
  ])('%j at %j', (part, pain, says) =>
    expect(painEffects(own(part), null, [painAt(pain)])).toEqual([{ effect: 'easier', says }]),
  );

  it.each<[Partial<DrillRow>]>([
    [{ family: 'ladder', position: 'standing' }],
    [{ family: 'strengthen', position: 'standing' }],
    // Nobody cuts a depth under a weight.
    [{ family: 'pattern', position: 'standing', kit: ['weight'] }],
    [{ family: 'fit', position: 'standing', kit: ['weight'] }],
  ])('what cannot be cut is out: %j', (part) =>
    expect(painEffects(own(part), null, [painAt()])).toEqual([
      { effect: 'forbidden', says: 'it loads the right knee, which hurts' },
    ]),
  );

  it('of two pains what is out is said first; one that is told twice once', () => {
    const effects = painEffects(own({ position: 'standing' }), null, [
      painAt({ score: 3 }),
      painAt({ region: 'hip' }),
      painAt({ score: 4 }),
    ]);
    expect(effects.map(({ effect }) => effect)).toEqual(['forbidden', 'easier']);
  });
});

describe('as deep as the pattern', () => {
  it.each<[Partial<DrillRow>, boolean]>([
    [{ family: 'pattern', position: 'standing' }, true],
    [{ family: 'fit', position: 'standing' }, true],
    [{ family: 'ladder', position: 'standing' }, true],
    [{ family: 'pattern', position: 'sitting' }, false],
    [{ family: 'strengthen', position: 'standing' }, false],
  ])('%j: %s', (part, expected) => expect(goesDeep(own(part))).toBe(expected));
});

describe('who may not be given a drill', () => {
  const lying = own({ position: 'lying' });
  it.each([
    ['a flag', { flags: ['pregnancy'] }, { by: 'flag', says: 'pregnancy: no lying on the back' }],
    [
      'a flag before a pain',
      { flags: ['pregnancy'], pains: [painAt({ region: 'low-back' })] },
      { by: 'flag', says: 'pregnancy: no lying on the back' },
    ],
    [
      'a pain',
      { flags: [], pains: [painAt({ region: 'low-back' })] },
      { by: 'pain', says: 'it loads the right low back, which hurts' },
    ],
    ['nothing that only changes it', { flags: [], pains: [painAt({ score: 3 })] }, null],
    ['nobody', { flags: [] }, null],
  ] as const)('by %s', (_by, known, expected) =>
    expect(maybeBarred(lying, null, { ...known, flags: [...known.flags] })).toEqual(expected),
  );

  it('one that was chosen before it was known is said to be left out', () =>
    expect(careOf(lying, null, { flags: ['pregnancy'] })).toEqual([
      'Leave it out: no lying on the back.',
    ]));
  it('nothing is said where nothing was told', () =>
    expect(careOf(lying, null, { flags: [] })).toEqual([]));
});

describe('what is not asked', () => {
  it('a check where it hurts, and where a flag forbids it', () => {
    expect(maybeAgainstCheck('knee-bend', 'right', { flags: [], pains: [painAt()] })).toMatch(
      'right knee',
    );
    expect(maybeAgainstCheck('knee-bend', 'right', { flags: [] })).toBeNull();
  });
  it('a probe that adds nothing to the pattern is always asked', () =>
    expect(
      maybeAgainstProbe('wider', null, { flags: ['pregnancy'], pains: [painAt()] }),
    ).toBeNull());
});
