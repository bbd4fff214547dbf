import {
  DRILLS,
  flagEffects,
  maybeForbidden,
  standingOf,
  type Clearance,
  type DrillRow,
  type MaybeSide,
} from '../src';
import { clientSchema } from '../src/records/clients/clientSchema';
import type { DrillLoad } from '../src/knowledge/drillLoad';
import { NOT_YET, type NotYetId } from '../src/knowledge/notYet';
import { clearedFor } from '../src/inference/safety/clearedFor';
import { maybeForbiddenLoad } from '../src/inference/safety/flagRules';
import type { Place } from '../src/records/case/notYetAllowed';
import { notYetEffects } from '../src/inference/safety/notYetRules';
import { newClient } from './madeUp';
import { load } from './loadMadeUp';

const BY = 'Dr Orla Fenn';
const DAY = '2026-03-31';
const KNEE: Place = { region: 'knee', side: 'right' };
const library = DRILLS as readonly DrillRow[];

const effects = (
  not: NotYetId,
  place: Place | null,
  [part, side = null]: readonly [Partial<DrillLoad>, MaybeSide?],
) => notYetEffects({ load: load(part), drill: null, side }, [{ by: BY, not: [not], place }]);

type Case = readonly [Partial<DrillLoad>, MaybeSide?];
const END = { joints: { knee: 'end' } } as const;
const HALF = { joints: { knee: 'half' } } as const;
const ON_FEET = { on: 'feet', carries: 'body' } as const;

/** What each thing bars, and what comes nearest that it does not. */
const ROWS: readonly [NotYetId, Place | null, readonly Case[], readonly Case[]][] = [
  ['weight', null, [[{ carries: 'weight' }]], [[{ carries: 'body' }], [{ arms: 'grip' }]]],
  ['weight', KNEE, [[{ ...ON_FEET, carries: 'weight', stance: 'two' }]], [[ON_FEET]]],
  [
    'end',
    KNEE,
    [
      [END],
      [END, 'right'],
      [{ ...HALF, ownEnd: true }, 'right'],
      [{ otherLeg: { knee: 'end' }, joints: {} }, 'left'],
    ],
    [[END, 'left'], [HALF, 'right'], [{ joints: { hip: 'end' } }, 'right'], [{ back: 'rounds' }]],
  ],
  [
    'end',
    null,
    [[END, 'left'], [{ joints: { neck: 'end' } }], [{ back: 'turns' }]],
    [[HALF], [{ back: 'leans' }]],
  ],
  [
    'end',
    { region: 'low-back', side: null },
    [[{ back: 'rounds' }], [{ back: 'turns' }, 'left']],
    [[{ back: 'leans' }], [END]],
  ],
  [
    'loading',
    KNEE,
    [
      [HALF, 'right'],
      [{ ...ON_FEET, ...HALF, stance: 'two' }, null],
      [{ on: 'knees' }, 'left'],
    ],
    [
      [HALF, 'left'],
      [{ joints: { hip: 'half' } }, 'right'],
    ],
  ],
  [
    'loading',
    null,
    [[{ carries: 'body' }], [{ carries: 'weight' }], [{ arms: 'flat-hands' }]],
    [[{ carries: 'part' }], [HALF]],
  ],
  [
    'one-leg',
    KNEE,
    [
      [{ ...ON_FEET, stance: 'one' }, 'right'],
      [{ ...ON_FEET, stance: 'one' }, null],
    ],
    [
      [{ ...ON_FEET, stance: 'one' }, 'left'],
      [{ ...ON_FEET, stance: 'staggered' }, 'right'],
    ],
  ],
  ['one-leg', null, [[{ ...ON_FEET, stance: 'one' }, 'left']], [[ON_FEET]]],
  ['kneeling', KNEE, [[{ on: 'knees' }]], [[{ on: 'seat' }], [ON_FEET]]],
  ['kneeling', null, [[{ on: 'knees' }, 'left']], [[{ on: 'front' }]]],
];

describe('what a clinician has not allowed yet', () => {
  it.each(ROWS)('%s for %j: keeps out %j, and not %j', (not, place, barred, open) => {
    expect(barred.map((one) => effects(not, place, one).length)).toEqual(barred.map(() => 1));
    expect(open.map((one) => effects(not, place, one))).toEqual(open.map(() => []));
  });

  it('every one of them is in the table with a place and without', () =>
    expect(new Set(ROWS.map(([not, place]) => `${not} ${place !== null}`))).toEqual(
      new Set(NOT_YET.flatMap(({ id }) => [`${id} true`, `${id} false`])),
    ));

  it('is said with the name, the thing and the place', () => {
    expect(effects('weight', KNEE, [{ carries: 'weight' }])).toEqual([
      {
        flag: 'clearance',
        effect: 'forbidden',
        says: 'Dr Orla Fenn has not allowed weights for the right knee yet',
      },
    ]);
    expect(effects('kneeling', null, [{ on: 'knees' }])[0].says).toBe(
      'Dr Orla Fenn has not allowed kneeling yet',
    );
  });

  it.each(['pattern', 'fit'] as const)('of a %s the end is stayed away from', (family) => {
    const done = { load: load(END), drill: { family } as DrillRow, side: null };
    expect(notYetEffects(done, [{ by: BY, not: ['end'], place: KNEE }])).toEqual([
      {
        flag: 'clearance',
        effect: 'easier',
        says: 'Well short of the end of the range for the right knee, as Dr Orla Fenn said.',
      },
    ]);
    const weighted = { ...done, load: load({ carries: 'weight' }) };
    expect(notYetEffects(weighted, [{ by: BY, not: ['weight'], place: null }])[0].effect).toBe(
      'forbidden',
    );
  });

  it('each keeps some of the library out and leaves some of it', () => {
    for (const { id } of NOT_YET) {
      const barred = library.filter((row) =>
        maybeForbidden(row, null, { flags: [], notYet: [{ by: BY, not: [id], place: null }] }),
      );
      expect(barred.length).toBeGreaterThan(0);
      expect(barred.length).toBeLessThan(library.length);
    }
  });

  it('drills, checks and probes obey, with whose word it is', () => {
    const standing = { flags: [], notYet: [{ by: BY, not: ['end'] as const, place: KNEE }] };
    const [row] = library.filter(({ id }) => id === 'heel-to-seat-pull');
    const says = 'Dr Orla Fenn has not allowed the end of the range for the right knee yet';
    expect(maybeForbidden(row, 'right', standing)).toBe(`clearance: ${says}`);
    expect(maybeForbidden(row, 'left', standing)).toBeNull();
    expect(maybeForbiddenLoad(load(END), 'right', standing)).toBe(`clearance: ${says}`);
    expect(flagEffects(row, 'right', standing).map((one) => one.says)).toContain(says);
  });
});

const cleared = (part: Partial<Clearance> = {}): Clearance => ({
  question: 'recent-operation',
  reportedIn: 'b6f5c1de-2c51-4f25-9bb8-0f1f10c0a001',
  recordedIn: 'b6f5c1de-2c51-4f25-9bb8-0f1f10c0a001',
  by: BY,
  on: DAY,
  scope: 'squats to a chair',
  ...part,
});
const without: Clearance['without'] = {
  not: ['kneeling', 'weight'],
  region: 'knee',
  side: 'right',
};
const notYetOf = (...clearances: Clearance[]) =>
  standingOf({ flags: [], history: [], given: [], clearances }).notYet;

describe('a clearance that leaves something out', () => {
  it('stands about the client, with its place or without', () => {
    expect(notYetOf(cleared({ without }))).toEqual([
      { by: BY, not: ['kneeling', 'weight'], place: { region: 'knee', side: 'right' } },
    ]);
    expect(notYetOf(cleared({ without: { not: ['weight'] } }))).toEqual([
      { by: BY, not: ['weight'], place: null },
    ]);
    expect(notYetOf(cleared({ without: { not: ['weight'], region: 'knee' } }))).toEqual([
      { by: BY, not: ['weight'], place: { region: 'knee', side: null } },
    ]);
    expect(notYetOf(cleared())).toEqual([]);
    expect(standingOf({ flags: [], history: [], given: [] }).notYet).toEqual([]);
  });

  it('holds until there is a newer word on the same question', () => {
    const other = cleared({ question: 'night-pain', on: '2026-04-20' });
    const newer = cleared({ on: '2026-04-20', scope: 'everything' });
    expect(notYetOf(cleared({ without }), other)).toHaveLength(1);
    expect(notYetOf(cleared({ without }), newer)).toEqual([]);
    // Written later, but said earlier.
    expect(notYetOf(cleared({ without }), { ...newer, on: '2026-01-01' })).toHaveLength(1);
  });

  it('is said as long as it holds, with what is left out in the order of the form', () => {
    const says =
      'Cleared by Dr Orla Fenn on 2026-03-31 for “squats to a chair”: keep to that. Not yet for the right knee: weights, kneeling.';
    expect(clearedFor([cleared({ without })], '2027-03-31')).toEqual([says]);
    expect(clearedFor([cleared({ without: { not: ['end'] } })], DAY)[0]).toMatch(
      /keep to that\. Not yet: end of the range\.$/,
    );
  });

  it.each([
    [without, null],
    [{ not: ['weight'] }, null],
    [{ not: [] }, 'without.not'],
    [{ not: ['flying'] }, 'without.not.0'],
    [{ not: ['weight', 'weight'] }, 'without.not.1'],
    [{ not: ['weight'], region: 'tail' }, 'without.region'],
    [{ not: ['weight'], side: 'left' }, 'without'],
    [{ region: 'knee' }, 'without.not'],
  ])('%j: a problem at %s', (left, field) => {
    const record = {
      ...newClient(),
      clearances: [{ ...cleared(), without: left }],
    };
    const { error } = clientSchema.validate(record);
    expect(error ? error.details[0].path.slice(2).join('.') : null).toBe(field);
  });
});
