import fc from 'fast-check';
import {
  CAUSES,
  careOf,
  DRILLS,
  FLAG_RULES,
  FLAGS,
  LADDERS,
  onRung,
  flagEffects,
  maybeForbidden,
  nextChecks,
  NO_WISH,
  oneDrill,
  painEffects,
  PATTERNS,
  planSession,
  SIDES,
  type CauseRow,
  type DrillRow,
  type FlagId,
  USUAL_SETUP,
  type MaybeSide,
  type PlannedCause,
  type SessionLimits,
} from '../src';
import { DRILL_LOADS } from '../src/knowledge/drillLoads';
import { CHECK_LOADS } from '../src/knowledge/checkLoads';
import { loadOf } from '../src/knowledge/loadOf';
import { maybeForbiddenLoad } from '../src/inference/safety/flagRules';
import { REGION_OF_CAUSE } from '../src/knowledge/regionOfCause';
import { REGIONS } from '../src/knowledge/regions';
import { PAIN_KINDS, type CaseFile, type Pain } from '../src/records/case/caseFile';
import { howMany } from './howMany';
import { painAt } from './painAt';

const library = DRILLS as readonly DrillRow[];
const flags = FLAGS.map(({ id }) => id);
const effect = (drill: string, side: MaybeSide, part: Partial<Pain>) =>
  painEffects(oneDrill(drill), side, [painAt(part)])[0]?.effect ?? null;

/** Every likely cause of a body, so that a plan wants every drill there is. */
const causesOf = (p: (row: CauseRow) => number): PlannedCause[] =>
  (CAUSES as readonly CauseRow[])
    .filter(({ kind }) => kind !== 'given')
    .flatMap(({ id, kind, sentence, sided }) =>
      (sided ? SIDES : [null]).map((side) => ({
        key: `${id}:${side ?? '-'}`,
        cause: id as PlannedCause['cause'],
        side,
        kind,
        sentence,
        p: p({ id, kind, sentence, sided } as CauseRow),
      })),
    );
/** Where every cause is likely, a nerve is: a pattern on its line says so, after all else. */
const apartFromNerves = (care: readonly string[]) =>
  care.filter((says) => !says.startsWith('Stop before the line'));
const LIMITS: SessionLimits = {
  pattern: 'squat',
  minutes: 30,
  flags: [],
  next: 'rest',
  approach: 'blended',
};

describe('what a drill does to a body', () => {
  it.each(library.map((drill) => [drill.id, drill] as const))('%s says it', (id, drill) => {
    const load = DRILL_LOADS[id as keyof typeof DRILL_LOADS];
    expect(load.stance !== undefined).toBe(load.on === 'feet');
    expect(load.carries === 'body' || load.carries === 'weight').toBe(load.on === 'feet');
    if (drill.kit.includes('post')) expect(load.hand).toBe(true);
    if (drill.family === 'tissue') expect(load.presses).toBe(true);
    if (drill.family === 'nerve') expect(load.line).toBeDefined();
    if (drill.position === 'kneeling') expect(load.on).toBe('knees');
    if (drill.position === 'lying') expect(['back', 'side', 'front']).toContain(load.on);
  });

  it('a coach’s own drill is taken for more than it may be, never for less', () => {
    const own: DrillRow = { ...oneDrill('slow-step-down'), id: 'own', family: 'strengthen' };
    expect(loadOf(own)).toMatchObject({ stance: 'one', hand: true, carries: 'body' });
    const lying: DrillRow = { ...own, position: 'lying', family: 'joint', kit: [] };
    expect(loadOf(lying)).toMatchObject({ on: 'back', joints: { hip: 'end', knee: 'end' } });
  });
});

const onRungs = LADDERS.flatMap((ladder) =>
  ladder.rungs.map((rung) => onRung(oneDrill(ladder.drill), ladder, rung)),
);
const everything = [...library, ...onRungs];

describe('flags', () => {
  it.each(flags)('%s changes something, and says why', (flag) => {
    const rules = FLAG_RULES.filter((rule) => rule.flag === flag);
    expect(rules.length).toBeGreaterThan(0);
    for (const rule of rules) {
      const met = everything.filter((drill) => rule.when(loadOf(drill), drill));
      // A rule that no drill meets, or that every drill meets, says nothing about drills.
      expect([rule.says, met.length > 0]).toEqual([rule.says, true]);
      expect([rule.says, met.length < everything.length]).toEqual([rule.says, true]);
    }
  });

  it.each(flags.flatMap((flag) => PATTERNS.map((pattern) => [flag, pattern] as const)))(
    '%s: no %s session holds what it forbids, even when the coach holds on to it, and each says its care',
    (flag, pattern) => {
      const forbidden = library.filter((drill) => maybeForbidden(drill, null, { flags: [flag] }));
      const locked = forbidden.flatMap(({ id, oneSided }) =>
        (oneSided ? SIDES : [null]).map((side) => ({ drill: id, side })),
      );
      const { drills } = planSession(
        { causes: causesOf(() => 0.8) },
        { ...LIMITS, pattern, flags: [flag] },
        { ...NO_WISH, locked },
      );
      expect(drills.length).toBeGreaterThan(0);
      for (const { drill, side, care } of drills) {
        expect(maybeForbidden(drill, side, { flags: [flag] })).toBeNull();
        expect(apartFromNerves(care)).toEqual(careOf(drill, side, { flags: [flag] }));
      }
    },
  );

  it.each<[FlagId, string, string | null]>([
    ['osteoporosis', 'mid-back-turns', 'forbidden'],
    ['osteoporosis', 'floor-sit-fold', 'forbidden'],
    ['osteoporosis', 'raised-start-hinge', 'easier'],
    ['osteoporosis', 'hinge-along-stick', 'warned'],
    ['osteoporosis', 'squat-to-target', null],
    ['neuropathy', 'tall-march', 'forbidden'],
    ['neuropathy', 'slow-step-down', 'easier'],
    ['neuropathy', 'calf-roller', 'forbidden'],
    ['neuropathy', 'squat-to-target', 'warned'],
    ['neuropathy', 'bridge-press', null],
    ['joint-replacement', 'hip-rock-back', 'forbidden'],
    ['joint-replacement', 'active-hip-lift', 'forbidden'],
    ['joint-replacement', 'one-leg-end-lift', 'forbidden'],
    ['joint-replacement', 'toes-up-back-to-wall', null],
    ['joint-replacement', 'knee-over-outer-toes', 'warned'],
    ['joint-replacement', 'squat-weight-ahead', 'easier'],
    ['pregnancy', 'low-breath-reset', 'forbidden'],
    ['pregnancy', 'front-thigh-roller', 'forbidden'],
    ['pregnancy', 'soles-together-tall', 'forbidden'],
    ['pregnancy', 'breath-on-hands-and-knees', null],
    ['pregnancy', 'squat-to-target', 'warned'],
    ['hypermobility', 'doorway-leg-hold', 'forbidden'],
    ['hypermobility', 'resting-deep-squat', 'forbidden'],
    ['hypermobility', 'hip-rock-back', 'warned'],
    ['hypermobility', 'bridge-press', null],
    ['minor', 'squat-weight-ahead', 'easier'],
    ['minor', 'squat-to-target', null],
    ['blood-thinners', 'back-line-sweep', 'forbidden'],
    ['blood-thinners', 'hip-rock-back', 'warned'],
    ['blood-thinners', 'squat-to-target', null],
    ['prosthesis', 'one-leg-climb', 'forbidden'],
    ['prosthesis', 'slow-heel-raise', 'forbidden'],
    ['prosthesis', 'hip-rock-back', 'warned'],
    ['prosthesis', 'squat-to-target', null],
  ])('%s with %s: %s', (flag, drill, expected) => {
    expect(flagEffects(oneDrill(drill), null, { flags: [flag] })[0]?.effect ?? null).toBe(expected);
  });
});

describe('pain', () => {
  it.each<[string, MaybeSide, Partial<Pain>, string | null]>([
    // By its number, at both sides of each limit.
    ['slow-step-down', 'right', { score: 2 }, null],
    ['slow-step-down', 'right', { score: 3 }, 'easier'],
    ['slow-step-down', 'right', { score: 4 }, 'easier'],
    ['slow-step-down', 'right', { score: 5 }, 'forbidden'],
    // By its kind, however small.
    ['slow-step-down', 'right', { score: 1, kind: 'sharp' }, 'forbidden'],
    ['slow-step-down', 'right', { score: 1, kind: 'pull' }, null],
    // By its side, where the other leg has no part in it.
    ['slow-step-down', 'left', { score: 6 }, null],
    ['split-with-a-hand', 'left', { score: 6 }, 'easier'],
    ['squat-to-target', null, { score: 6 }, 'easier'],
    ['squat-weight-ahead', null, { score: 6 }, 'forbidden'],
    ['resting-deep-squat', null, { score: 6 }, 'forbidden'],
    ['front-foot-high-split', 'right', { score: 6 }, 'forbidden'],
    ['new-toe-line', null, { score: 6 }, 'easier'],
    ['new-toe-line', null, { score: 4 }, null],
    ['toes-up-back-to-wall', 'right', { score: 6 }, 'easier'],
    ['raised-start-hinge', null, { score: 6 }, 'forbidden'],
    // By its place.
    ['slow-step-down', 'right', { region: 'neck', side: null }, null],
    ['wall-arm-climb', 'right', { region: 'shoulder' }, 'forbidden'],
    ['hinge-along-stick', null, { region: 'back', side: null }, 'easier'],
    ['raised-start-hinge', null, { region: 'back', side: null }, 'forbidden'],
    ['mid-back-turns', 'left', { region: 'back', side: null }, 'forbidden'],
    ['hip-rock-back', 'right', { region: 'hip', kind: 'pinch', score: 2 }, 'forbidden'],
    // On all fours both hips bend, and both knees are knelt on; on one knee the other one only steadies.
    ['hip-rock-back', 'left', { region: 'hip', kind: 'pinch', score: 2 }, 'forbidden'],
    ['hip-rock-back', 'left', { region: 'shoulder' }, 'forbidden'],
    ['hip-rock-back', 'left', { region: 'neck', side: null }, null],
    ['knee-over-outer-toes', 'left', { region: 'ankle', kind: 'pinch', score: 2 }, 'easier'],
    ['knee-over-outer-toes', 'left', { region: 'kneecap' }, 'forbidden'],
    ['floor-sit-fold', 'left', { region: 'inner-knee' }, 'forbidden'],
    ['side-hip-lift', 'left', { region: 'hip' }, null],
    ['side-plank', 'right', { region: 'elbow' }, 'forbidden'],
    ['side-plank', 'left', { region: 'elbow' }, null],
    // Places that no leg drill bends, by what the arms, the neck and the toes bear.
    ['hands-and-knees-wrist-rocks', 'right', { region: 'wrist', score: 3 }, 'easier'],
    ['hands-and-knees-wrist-rocks', 'left', { region: 'wrist', score: 5 }, 'forbidden'],
    ['breath-on-hands-and-knees', null, { region: 'wrist', kind: 'sharp' }, 'forbidden'],
    ['squat-weight-ahead', null, { region: 'wrist', kind: 'sharp' }, 'forbidden'],
    ['post-squat-stay', null, { region: 'wrist', kind: 'sharp' }, 'easier'],
    ['squat-to-target', null, { region: 'wrist', kind: 'sharp' }, null],
    ['small-nods', null, { region: 'neck', side: 'left' }, 'forbidden'],
    ['toes-tucked-sit', 'right', { region: 'big-toe' }, 'forbidden'],
    ['split-with-a-hand', 'right', { region: 'big-toe' }, 'easier'],
    ['slow-heel-raise', 'right', { region: 'big-toe' }, 'forbidden'],
    ['point-and-pull', 'right', { region: 'big-toe' }, null],
    ['knee-over-outer-toes', 'right', { region: 'ankle', kind: 'pinch', score: 2 }, 'forbidden'],
    ['seated-shin-turns', 'right', { region: 'knee' }, 'forbidden'],
    ['point-and-pull', 'right', { region: 'knee' }, null],
    // A line that shoots.
    ['doorway-leg-hold', 'right', { region: 'calf', kind: 'electric', score: 1 }, 'forbidden'],
    ['leg-nerve-slide', 'right', { region: 'calf', kind: 'electric', score: 1 }, null],
    ['doorway-leg-hold', 'right', { region: 'shoulder', kind: 'electric', score: 4 }, null],
  ])('%s %s with %j: %s', (drill, side, part, expected) => {
    expect(effect(drill, side, part)).toBe(expected);
  });

  // What a drill is first of all meant for is where it works: pain there keeps it out, or cuts a pattern short.
  const meant = library.flatMap(({ id, family, targets: [{ cause } = { cause: null }] }) => {
    const region = cause && REGION_OF_CAUSE[cause];
    // The back is worked on by holding it still, which is what helps it; nerves run through everything.
    return !region || region === 'back' || family === 'nerve' ? [] : [[id, cause, region] as const];
  });
  it.each(meant)('%s, meant for %s, is not done as usual while the %s hurts', (id, _, region) => {
    const drill = oneDrill(id);
    const side = drill.oneSided ? 'right' : null;
    expect(effect(id, side, { region, side: 'right', score: 7, kind: 'sharp' })).not.toBeNull();
  });

  it('every place that hurts keeps something out', () => {
    for (const region of REGIONS)
      expect([
        region,
        library.some(({ id }) => effect(id, 'right', { region, kind: 'sharp' }) === 'forbidden'),
      ]).toEqual([region, true]);
  });

  const somePain = fc.record({
    region: fc.constantFrom(...REGIONS),
    side: fc.constantFrom<MaybeSide>('left', 'right', null),
    phase: fc.constant('bottom' as const),
    score: fc.integer({ min: 0, max: 10 }),
    kind: fc.constantFrom(...PAIN_KINDS),
  });

  it('no session holds what brings it on, whatever it is; what it holds says how', () => {
    fc.assert(
      fc.property(
        fc.array(somePain, { maxLength: 3 }),
        fc.constantFrom(...PATTERNS),
        fc.infiniteStream(fc.double({ min: 0, max: 1, noNaN: true })),
        (pains, pattern, chances) => {
          const causes = causesOf(() => chances.next().value as number);
          const limits = { ...LIMITS, pattern, minutes: 15, pains };
          for (const { drill, side, care } of planSession({ causes }, limits).drills) {
            const effects = painEffects(drill, side, pains);
            expect(effects.map((one) => one.effect)).not.toContain('forbidden');
            expect(apartFromNerves(care)).toEqual(effects.map(({ says }) => says));
          }
        },
      ),
      { seed: 17, numRuns: howMany(400, 60) },
    );
  });

  it('the worse it is, the less is left', () => {
    fc.assert(
      fc.property(
        somePain,
        fc.constantFrom(...library),
        fc.constantFrom(...SIDES),
        (one, drill, side) => {
          const rank = (score: number) => {
            const [found] = painEffects(drill, side, [{ ...one, kind: 'ache', score }]);
            return ['none', 'easier', 'forbidden'].indexOf(found?.effect ?? 'none');
          };
          for (let score = 1; score <= 10; score++)
            expect(rank(score)).toBeGreaterThanOrEqual(rank(score - 1));
        },
      ),
      { seed: 18, numRuns: howMany(400, 100) },
    );
  });

  it('a sharp knee of 7 changes the session, and what was left out says why', () => {
    const causes = causesOf(() => 0.5);
    const hurt = planSession(
      { causes },
      { ...LIMITS, pains: [painAt({ score: 7, kind: 'sharp' })] },
    );
    const well = planSession({ causes }, LIMITS);
    expect(hurt.drills.map(({ key }) => key)).not.toEqual(well.drills.map(({ key }) => key));
    expect(hurt.leftOut.some(({ reason }) => reason.includes('right knee'))).toBe(true);
    expect(hurt.drills.at(-1)!.care[0]).toMatch(/^Stop above where the right knee hurts/);
  });

  it.each<[string, Partial<Pain>, RegExp]>([
    ['post-squat-stay', { region: 'wrist', kind: 'sharp' }, /^Nothing held with the right wrist/],
    ['post-squat-stay', { region: 'knee' }, /^Stop above where the right knee hurts/],
    ['leg-nerve-slide', { region: 'neck', side: null, kind: 'sharp' }, /^Smaller and slower/],
  ])('%s with %j says how it is easier', (drill, part, words) => {
    const [one] = painEffects(oneDrill(drill), null, [painAt(part)]);
    expect(one).toMatchObject({ effect: 'easier', says: expect.stringMatching(words) });
  });

  it('a drill that was chosen before it was known is told to be left out', () => {
    expect(careOf(oneDrill('slow-step-down'), 'right', { flags: [], pains: [painAt({})] })).toEqual(
      ['Leave it out: it loads the right knee, which hurts.'],
    );
  });
});

describe('checks and probes', () => {
  const asked = (client: Partial<CaseFile['client']>, pains: Pain[] = []) =>
    nextChecks(
      {
        client: {
          heightM: 1.7,
          massKg: 70,
          flags: [],
          refer: [],
          history: [],
          given: [],
          ...client,
        },
        look: {
          pattern: 'squat',
          setup: USUAL_SETUP,
          faults: (['depth-short', 'pelvis-tucks', 'knee-in', 'trunk-folds'] as const).map(
            (fault) => ({
              fault,
              side: 'right' as const,
              phase: 'bottom' as const,
              grade: 'plain' as const,
            }),
          ),
          clear: [],
          pain: pains,
        },
        probes: [],
        checks: [],
      } as CaseFile,
      'blended',
    ).ranked.map((one) => `${'check' in one ? one.check : one.probe}@${one.side ?? ''}`);

  it.each<[FlagId, string]>([
    ['osteoporosis', 'nerve-slump@right'],
    ['pregnancy', 'hip-bend@right'],
    ['neuropathy', 'one-leg-stand-bend@right'],
    ['prosthesis', 'one-leg-stand-bend@right'],
    ['joint-replacement', 'hip-bend@right'],
  ])('to %s, %s is not asked of', (flag, one) => {
    const [load] = [CHECK_LOADS[one.split('@')[0] as keyof typeof CHECK_LOADS]];
    expect(maybeForbiddenLoad(load, 'right', { flags: [flag] })).not.toBeNull();
    expect(maybeForbiddenLoad(load, 'right', { flags: [] })).toBeNull();
    expect(asked({ flags: [flag] })).not.toContain(one);
  });

  it('what would be asked of anybody is not asked where it hurts', () => {
    const well = asked({});
    expect(well).toContain('one-leg-stand-bend@right');
    const hurt = asked({}, [painAt({ score: 7, kind: 'sharp' })]);
    expect(hurt).not.toContain('one-leg-stand-bend@right');
  });
});
