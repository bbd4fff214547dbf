import fc from 'fast-check';
import {
  DRILLS,
  flagEffects,
  maybeForbidden,
  nextChecks,
  oneDrill,
  parseCase,
  REPLACEABLE,
  standingOf,
  USUAL_SETUP,
  type CaseFile,
  type DrillRow,
  type MaybeSide,
  type MissingLimb,
  type ReplacedJoint,
  type Side,
  type Standing,
} from '../src';
import { CHECK_LOADS } from '../src/knowledge/checkLoads';
import { cautionsOf } from '../src/inference/safety/cautionsOf';
import { maybeForbiddenLoad } from '../src/inference/safety/flagRules';
import { trace } from '../src/inference/trace/trace';
import { howMany } from './howMany';

const library = DRILLS as readonly DrillRow[];

const withReplaced = (...replaced: ReplacedJoint[]): Standing => ({
  flags: ['joint-replacement'],
  replaced,
});
const hip = (mostDeg: number | null, side: Side = 'left'): ReplacedJoint => ({
  joint: 'hip',
  side,
  mostDeg,
});
const knee = (mostDeg: number | null): ReplacedJoint => ({ joint: 'knee', side: 'left', mostDeg });
const effectOf = (id: string, side: MaybeSide, standing: Standing) =>
  flagEffects(oneDrill(id), side, standing)[0]?.effect ?? null;

describe('a replaced joint', () => {
  it.each<[string, MaybeSide, Standing, string | null]>([
    // Its end, on its side; the other hip and every knee are free.
    ['hip-across-body', 'left', withReplaced(hip(90)), 'forbidden'],
    ['hip-across-body', 'right', withReplaced(hip(90)), null],
    ['rock-back-knee-pump', 'left', withReplaced(hip(120)), null],
    // On all fours and in floor sits both hips go to their end, whichever side is meant.
    ['hip-rock-back', 'right', withReplaced(hip(90)), 'forbidden'],
    ['floor-sit-fold', 'right', withReplaced(hip(90)), 'forbidden'],
    // As far as it goes by its own strength.
    ['active-hip-lift', 'left', withReplaced(hip(120)), 'forbidden'],
    ['active-hip-lift', 'right', withReplaced(hip(120)), null],
    // Half-way, on both sides of what the surgeon allows; a pattern is cut, a drill is left out.
    // A squat to level takes a hip beyond a right angle: a limit of 95° is not kept by itself.
    ['squat-to-target', null, withReplaced(hip(120)), null],
    ['squat-to-target', null, withReplaced(hip(119)), 'easier'],
    ['squat-to-target', null, withReplaced(hip(60)), 'easier'],
    ['hinge-climb', null, withReplaced(hip(119)), 'easier'],
    ['hinge-climb', null, withReplaced(hip(89)), 'forbidden'],
    ['quiet-back-heel-taps', 'left', withReplaced(hip(90)), null],
    ['quiet-back-heel-taps', 'left', withReplaced(hip(89)), 'forbidden'],
    // Not told: asked for.
    ['squat-to-target', null, withReplaced(hip(null)), 'warned'],
    ['bridge-press', null, withReplaced(knee(null)), 'warned'],
    ['seated-shin-turns', 'left', withReplaced(knee(120)), 'forbidden'],
    ['seated-shin-turns', 'right', withReplaced(knee(120)), null],
    ['knee-over-outer-toes', 'right', withReplaced(knee(120)), 'warned'],
    ['knee-over-outer-toes', 'right', withReplaced(hip(120)), null],
    [
      'wall-arm-climb',
      'left',
      withReplaced({ joint: 'shoulder', side: 'left', mostDeg: 120 }),
      'forbidden',
    ],
    [
      'wall-arm-climb',
      'right',
      withReplaced({ joint: 'shoulder', side: 'left', mostDeg: 120 }),
      null,
    ],
    // The stricter of two.
    ['squat-to-target', null, withReplaced(hip(120), hip(70, 'right')), 'easier'],
    // Nobody said which: every hip and knee.
    ['hip-across-body', 'right', { flags: ['joint-replacement'] }, 'forbidden'],
    ['heel-to-seat-pull', 'right', { flags: ['joint-replacement'] }, 'forbidden'],
    ['squat-weight-ahead', null, withReplaced(hip(120)), 'easier'],
  ])('%s %s with %j: %s', (id, side, standing, expected) =>
    expect(effectOf(id, side, standing)).toBe(expected),
  );

  it('says what the surgeon allows', () => {
    const [{ says }] = flagEffects(oneDrill('squat-to-target'), null, withReplaced(hip(80)));
    expect(says).toBe('Only so deep: the surgeon lets the left hip bend to 80°.');
    expect(maybeForbidden(oneDrill('quiet-back-heel-taps'), 'left', withReplaced(hip(70)))).toBe(
      'joint replacement: the surgeon lets the left hip bend to 70°, and it takes about 90°',
    );
  });

  it('less allowed, never more offered', () => {
    const strict = (standing: Standing, drill: DrillRow, side: MaybeSide) =>
      ['none', 'warned', 'easier', 'forbidden'].indexOf(
        flagEffects(drill, side, standing)
          .filter(({ flag }) => flag === 'joint-replacement')
          .map(({ effect }) => effect as string)[0] ?? 'none',
      );
    fc.assert(
      fc.property(
        fc.constantFrom(...library),
        fc.constantFrom<MaybeSide>('left', 'right', null),
        fc.constantFrom(...(Object.keys(REPLACEABLE) as ReplacedJoint['joint'][])),
        fc.integer({ min: 10, max: 130 }),
        fc.integer({ min: 0, max: 20 }),
        (drill, side, joint, deg, less) => {
          const one = (mostDeg: number) => withReplaced({ joint, side: 'left', mostDeg });
          const [more, fewer] = [
            strict(one(deg), drill, side),
            strict(one(deg - less), drill, side),
          ];
          expect(fewer).toBeGreaterThanOrEqual(more);
        },
      ),
      { seed: 2, numRuns: howMany(600, 200) },
    );
  });
});

describe('a prosthesis', () => {
  const leg = (from: MissingLimb['from']): Standing => ({
    flags: ['prosthesis'],
    missing: [{ from, side: 'left' }],
  });
  it.each<[string, MaybeSide, Standing, string | null]>([
    ['point-and-pull', 'left', leg('ankle'), 'forbidden'],
    ['point-and-pull', 'right', leg('ankle'), null],
    ['slow-heel-raise', 'left', leg('ankle'), 'forbidden'],
    ['slow-heel-raise', 'right', leg('ankle'), null],
    ['tall-march', 'right', leg('ankle'), 'easier'],
    ['tall-march', 'left', leg('ankle'), 'forbidden'],
    ['heel-to-seat-pull', 'left', leg('ankle'), null],
    ['heel-to-seat-pull', 'left', leg('knee'), 'forbidden'],
    ['hip-across-body', 'left', leg('knee'), null],
    ['hip-across-body', 'left', leg('hip'), 'forbidden'],
    ['squat-to-target', null, leg('knee'), null],
    // Nobody said which limb: any foot may be the one, and no more than a foot is known to be gone.
    ['tall-march', 'right', { flags: ['prosthesis'] }, 'forbidden'],
    ['point-and-pull', 'right', { flags: ['prosthesis'] }, 'forbidden'],
    ['calf-roller', 'left', { flags: ['prosthesis'] }, 'forbidden'],
    ['heel-to-seat-pull', 'left', { flags: ['prosthesis'] }, null],
    ['side-hip-lift', 'left', { flags: ['prosthesis'] }, null],
    ['squat-to-target', null, { flags: ['prosthesis'] }, null],
  ])('%s %s with %j: %s', (id, side, standing, expected) =>
    expect(effectOf(id, side, standing)).toBe(expected),
  );
});

describe('checks', () => {
  it.each<[keyof typeof CHECK_LOADS, Side, Standing, boolean]>([
    ['hip-bend', 'left', withReplaced(hip(100)), true],
    ['hip-bend', 'right', withReplaced(hip(100)), false],
    ['hip-bend', 'right', { flags: ['joint-replacement'] }, true],
    [
      'ankle-bend-knee-bent',
      'left',
      { flags: ['prosthesis'], missing: [{ from: 'ankle', side: 'left' }] },
      true,
    ],
    [
      'ankle-bend-knee-bent',
      'right',
      { flags: ['prosthesis'], missing: [{ from: 'ankle', side: 'left' }] },
      false,
    ],
    [
      'heel-raises',
      'left',
      { flags: ['prosthesis'], missing: [{ from: 'ankle', side: 'left' }] },
      true,
    ],
    [
      'big-toe-bend',
      'right',
      { flags: ['prosthesis'], missing: [{ from: 'ankle', side: 'left' }] },
      false,
    ],
  ])('%s %s with %j: forbidden %s', (check, side, standing, expected) =>
    expect(maybeForbiddenLoad(CHECK_LOADS[check], side, standing) !== null).toBe(expected),
  );
});

const file = (client: Partial<CaseFile['client']>): CaseFile => ({
  client: { heightM: 1.7, massKg: 70, flags: [], refer: [], history: [], given: [], ...client },
  look: {
    pattern: 'squat',
    setup: USUAL_SETUP,
    faults: [{ fault: 'depth-short', phase: 'bottom', grade: 'plain' }],
    clear: [],
    pain: [],
  },
  probes: [],
  checks: [],
});

describe('what was told', () => {
  const operated = { what: 'operation', region: 'hip', side: 'left', replaced: true } as const;

  it('stands, flagged or not', () => {
    const told = file({
      history: [operated],
      given: [{ cause: 'prosthesis', side: 'right', region: 'calf' }],
    });
    expect(standingOf(told.client)).toEqual({
      flags: ['joint-replacement', 'prosthesis'],
      replaced: [{ joint: 'hip', side: 'left', mostDeg: null }],
      missing: [{ from: 'ankle', side: 'right' }],
      notYet: [],
    });
  });

  it.each([
    ['hip', 'hip'],
    ['knee', 'knee'],
    ['inner-knee', 'knee'],
    ['calf', 'ankle'],
    [undefined, 'ankle'],
  ] as const)('a limb told at the %s ends at the %s', (region, from) =>
    expect(
      standingOf(file({ given: [{ cause: 'prosthesis', side: 'left', region }] }).client).missing,
    ).toEqual([{ from, side: 'left' }]),
  );

  it('keeps the replaced hip from being measured, and not the other', () => {
    const asked = nextChecks(file({ history: [{ ...operated, mostDeg: 100 }] })).ranked;
    const hips = asked.filter((one) => 'check' in one && one.check === 'hip-bend');
    expect(hips.map(({ side }) => side)).toEqual(['right']);
  });

  it.each<[string, Partial<CaseFile['client']>, RegExp]>([
    ['which joint', { flags: ['joint-replacement'] }, /^Ask which joint was replaced/],
    ['how far', { history: [operated] }, /^Ask how far the surgeon lets the replaced left hip/],
    ['which limb', { flags: ['prosthesis'] }, /^Say on which side the prosthesis is/],
  ])('asks %s', (_name, client, words) => {
    const one = file(client);
    expect(cautionsOf(one, trace(one)).some((says) => words.test(says))).toBe(true);
    const told = file({ history: [{ ...operated, mostDeg: 90 }] });
    expect(cautionsOf(told, trace(told)).some((says) => words.test(says))).toBe(false);
  });

  const parsed = (history: object[], given: object[] = []) =>
    parseCase({
      format: 'taxikine-case',
      version: 1,
      client: { heightM: 1.7, massKg: 70, history, given },
      look: { pattern: 'squat', faults: [] },
    });
  it.each<[string, object[], object[], string | null]>([
    ['as it should be', [{ ...operated, mostDeg: 90 }], [], null],
    ['more than a hip has', [{ ...operated, mostDeg: 131 }], [], 'client.history.0.mostDeg'],
    [
      'less than a joint is left with',
      [{ ...operated, mostDeg: 9 }],
      [],
      'client.history.0.mostDeg',
    ],
    ['a limit of nothing', [{ what: 'sprain', mostDeg: 90 }], [], 'client.history.0.mostDeg'],
    ['no operation', [{ ...operated, what: 'sprain' }], [], 'client.history.0.replaced'],
    ['a neck', [{ ...operated, region: 'neck' }], [], 'client.history.0.region'],
    [
      'no side',
      [{ what: 'operation', region: 'hip', replaced: true }],
      [],
      'client.history.0.side',
    ],
    ['a limb', [], [{ cause: 'prosthesis', side: 'left', region: 'calf' }], null],
    [
      'a limb of a neck',
      [],
      [{ cause: 'prosthesis', side: 'left', region: 'neck' }],
      'client.given.0.region',
    ],
    [
      'an end of no limb',
      [],
      [{ cause: 'fixed-knee', side: 'left', region: 'knee' }],
      'client.given.0.region',
    ],
  ])('%s', (_name, history, given, path) => {
    const answer = parsed(history, given);
    expect('problems' in answer ? answer.problems.map((one) => one.path) : []).toEqual(
      path ? [path] : [],
    );
  });
});
