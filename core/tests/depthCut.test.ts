import fc from 'fast-check';
import {
  askSettle,
  bodyOf,
  careOf,
  depthCutOf,
  DRILLS,
  maybeDepthCut,
  oneDrill,
  painEffects,
  PATTERNS,
  SIDES,
  usualSetup,
  USUAL_SETUP,
  type CutQuestion,
  type DrillRow,
  type Pain,
} from '../src';
import { ONE_LEG_DEPTH_DEG } from '../src/body/stance/oneLegDepth';
import type { DrillLoad, Reach } from '../src/knowledge/drillLoad';
import { loadOf } from '../src/knowledge/loadOf';
import { REGIONS } from '../src/knowledge/regions';
import { goesDeep } from '../src/inference/safety/goesDeep';
import { wouldBend } from '../src/inference/safety/wouldBend';
import { PAIN_KINDS, type CaseFile } from '../src/records/case/caseFile';
import { measuredLimits } from '../src/inference/trace/measuredLimits';
import { cutDegOf, cutQuestion } from './cutQuestion';
import { howMany } from './howMany';
import { painAt } from './painAt';

describe('what is said of a cut', () => {
  it.each([
    [
      'ankle',
      4,
      'squat',
      'Thighs no lower than 30° above level: there the right ankle bends 29° instead of 33°.',
    ],
    [
      'ankle',
      6,
      'squat',
      'Thighs no lower than 45° above level: there the right ankle bends 24° instead of 33°.',
    ],
    [
      'ankle',
      6,
      'split',
      'Thighs no lower than 45° above level: there the right ankle bends 41° instead of 60°.',
    ],
    ['hip', 6, 'hinge', 'Lean no further than 45°: there the right hip bends 57° instead of 98°.'],
    [
      'low-back',
      6,
      'squat',
      'Thighs no lower than 45° above level: there the trunk leans 21° instead of 34°.',
    ],
    [
      'low-back',
      4,
      'split',
      'Thighs no lower than 5° below level: there the trunk leans 19° instead of 22°.',
    ],
  ] as const)('%s at %i in a %s: %s', (region, score, pattern, says) => {
    const setup = pattern === 'squat' ? USUAL_SETUP : usualSetup(pattern, 1.75);
    const side = region === 'low-back' ? null : 'right';
    const cut = maybeDepthCut(cutQuestion([painAt({ region, score, side })], { pattern, setup }));
    expect(cut!.says).toBe(says);
  });

  it('where no depth spares it, the highest is what is left', () =>
    expect(maybeDepthCut(cutQuestion([painAt()], { seenDeg: 45 }))!.says).toBe(
      'Thighs no lower than 55° above level: there the right knee bends 55° instead of 69°.',
    ));

  it('an ankle that hardly moves in a hinge is no reason', () =>
    expect(
      cutDegOf({ region: 'ankle' }, { pattern: 'hinge', setup: usualSetup('hinge', 1.75) }),
    ).toBeNull());
});

describe('above which depth the pattern is practised', () => {
  it.each<[string, Partial<Pain>, boolean]>([
    ['a knee that hurts at the bottom', {}, true],
    ['a little, and nothing is cut', { score: 2 }, false],
    ['sharp, however little', { score: 1, kind: 'sharp' }, true],
    ['at the finish, where there is no depth to take away', { phase: 'finish' }, false],
    ['a hip', { region: 'groin' }, true],
    ['an ankle', { region: 'ankle' }, true],
    ['the low back', { region: 'low-back', side: null }, true],
    ['a wrist, which no squat bends', { region: 'wrist' }, false],
    ['a toe', { region: 'big-toe' }, false],
  ])('%s', (_name, part, isCut) => expect(cutDegOf(part) !== null).toBe(isCut));

  it('what hurts bends and bears less there, by the posture model', () => {
    const seenDeg = 0;
    const asked = cutQuestion([painAt()], { seenDeg });
    const { deg, says } = maybeDepthCut(asked)!;
    const body = bodyOf(1.75, 75, undefined);
    const at = (thighDeg: number) => {
      const found = askSettle({ ...asked, body }, { thighDeg });
      if (found.status !== 'found') throw new Error(`no posture at ${thighDeg}°`);
      return found.posture;
    };
    const [hurting, spared] = [at(seenDeg), at(deg)];
    expect(spared.kneeBendDeg.right).toBeLessThanOrEqual(0.75 * hurting.kneeBendDeg.right);
    expect(Math.abs(spared.momentsNm.right.knee)).toBeLessThanOrEqual(
      0.75 * Math.abs(hurting.momentsNm.right.knee),
    );
    const bends = [spared, hurting].map(({ kneeBendDeg }) => Math.round(kneeBendDeg.right));
    expect(says).toBe(
      `Thighs no lower than ${deg}° above level: there the right knee bends ${bends[0]}° instead of ${bends[1]}°.`,
    );
  });

  it('worse pain, less depth; earlier pain, less depth; less depth seen, none more allowed', () => {
    expect(cutDegOf({ score: 6 })!).toBeGreaterThan(cutDegOf({ score: 3 })!);
    expect(cutDegOf({ phase: 'down' })!).toBeGreaterThan(cutDegOf({ phase: 'bottom' })!);
    expect(cutDegOf({}, { seenDeg: 30 })!).toBeGreaterThan(30);
  });

  it('of two pains the stricter counts', () => {
    const [knee, back] = [
      painAt({ score: 3 }),
      painAt({ region: 'low-back', side: null, score: 8 }),
    ];
    const each = [knee, back].map((one) => maybeDepthCut(cutQuestion([one]))!.deg);
    expect(maybeDepthCut(cutQuestion([knee, back]))!.deg).toBe(Math.max(...each));
    expect(maybeDepthCut(cutQuestion([back, knee]))!.deg).toBe(Math.max(...each));
  });

  it('a hinge is cut by its lean', () => {
    const cut = maybeDepthCut(
      cutQuestion([painAt({ region: 'low-back', side: null })], {
        pattern: 'hinge',
        setup: usualSetup('hinge', 1.75),
      }),
    )!;
    expect(cut.says).toMatch(/^Lean no further than \d+°: there the trunk leans/);
    expect(cut.deg).toBeLessThan(80);
  });

  it('a knee that a hinge hardly bends is not what it strains', () =>
    expect(
      cutDegOf({ region: 'knee' }, { pattern: 'hinge', setup: usualSetup('hinge', 1.75) }),
    ).toBeNull());

  it('no side told: cut no less than for either', () => {
    let differ = 0;
    const uneven: Partial<CutQuestion> = { limits: { left: { ankleBendDeg: 18 } } };
    for (const region of ['knee', 'hip', 'ankle'] as const) {
      const [none, left, right] = [null, 'left' as const, 'right' as const].map(
        (side) => maybeDepthCut(cutQuestion([painAt({ region, side: side! })], uneven))?.deg ?? 0,
      );
      expect(none).toBe(Math.max(left, right));
      differ += left === right ? 0 : 1;
    }
    // One bends more, since the left ankle cannot.
    expect(differ).toBeGreaterThan(0);
  });

  it.each([
    ['hip', 0],
    ['ankle', null],
  ] as const)(
    'no side told of %s: the leg of a lunge that hardly bends has nothing to spare',
    (region, seenDeg) => {
      const lunge = { pattern: 'lunge', setup: usualSetup('lunge', 1.75), seenDeg } as const;
      const [none, left, right] = [null, 'left' as const, 'right' as const].map((side) =>
        cutDegOf({ region, score: 6, side: side! }, lunge),
      );
      expect([left, right]).toContain(null);
      expect(none).toBe(left ?? right);
    },
  );

  const saysOf = (part: Partial<Pain>, more: Partial<CutQuestion> = {}) =>
    maybeDepthCut(cutQuestion([painAt(part)], more))?.says;

  it('an ankle is spared by its bend alone, since the model knows no moment of it', () =>
    expect(saysOf({ region: 'ankle', score: 3 })).toBe(
      'Thighs no lower than 30° above level: there the right ankle bends 29° instead of 33°.',
    ));

  it.each<[string, string | undefined, RegExp]>([
    [
      'three degrees are told',
      saysOf({ region: 'ankle', score: 3 }, { seenDeg: 65 }),
      /: there the right ankle bends 13° instead of 16°\.$/,
    ],
    [
      'two are not',
      saysOf({ region: 'low-back', side: null, score: 3 }, { seenDeg: 40 }),
      /^Thighs no lower than 45° above level\.$/,
    ],
  ])('of a difference %s', (_name, says, words) => expect(says).toMatch(words));

  it('a depth between two steps is that of the nearest one', () => {
    expect(cutDegOf({}, { seenDeg: 2 })).toBe(cutDegOf({}, { seenDeg: 0 }));
    expect(saysOf({}, { seenDeg: 3 })).toBe(saysOf({}, { seenDeg: 5 }));
  });

  it('deeper than the model believes: from where it has a posture on', () => {
    const limits = { left: { kneeBendDeg: 70 }, right: { kneeBendDeg: 70 } };
    expect(cutDegOf({}, { seenDeg: -20, limits })).toBe(cutDegOf({}, { limits }));
  });

  it('hips that stop early: a hinge is cut from where they stop', () => {
    const hinge = { pattern: 'hinge', setup: usualSetup('hinge', 1.75) } as const;
    const limits = { left: { hipBendDeg: 60 }, right: { hipBendDeg: 60 } };
    expect(cutDegOf({ region: 'hip' }, { ...hinge, limits })!).toBeLessThan(
      cutDegOf({ region: 'hip' }, hinge)!,
    );
  });

  it.each(['squat', 'hinge'] as const)(
    'of two that allow as much, in a %s, the first told is said',
    (pattern) => {
      const hips = (['left', 'right'] as const).map((side) => painAt({ region: 'hip', side }));
      const said = (pains: Pain[]) =>
        maybeDepthCut(cutQuestion(pains, { pattern, setup: usualSetup(pattern, 1.75) }))!.says;
      expect(said(hips)).toContain('the left hip');
      expect(said(hips.toReversed())).toContain('the right hip');
    },
  );

  // Held against a squat's usual depth, a knee of four was to go to 15° above level, lower than anybody goes there.
  it.each([
    ['knee', 4],
    ['knee', 6],
    ['hip', 4],
    ['hip', 6],
  ] as const)('on one leg a %s of %i is cut above where one leg ends', (region, score) => {
    const pain = { region, score, side: 'right' } as const;
    const cut = cutDegOf(pain, { setup: { ...USUAL_SETUP, oneLeg: 'right' } })!;
    expect(cut).toBeGreaterThan(ONE_LEG_DEPTH_DEG);
    expect(cut).toBeGreaterThanOrEqual(cutDegOf(pain)!);
  });

  it('is said with the pattern, and with nothing that is done elsewhere', () => {
    const cut = maybeDepthCut(cutQuestion([painAt()]));
    const careFor = (id: string) => careOf(oneDrill(id), null, { flags: [], cut });
    expect(careFor('squat-to-target')).toEqual([cut!.says]);
    expect(careFor('low-breath-reset')).toEqual([]);
    expect(careFor('slow-sit-to-stand')).toEqual([]);
  });

  describe('how far what hurts is bent besides', () => {
    const knee = painAt({ score: 4, phase: 'down' });
    const back = painAt({ region: 'low-back', side: null, score: 4 });
    const told = (pains: Pain[], id: string, side: 'left' | 'right' | null) => {
      const cut = maybeDepthCut(cutQuestion(pains, { seenDeg: 0 }));
      return careOf(oneDrill(id), side, { flags: [], pains, cut });
    };
    const LIMIT = /^(Bend|Lean) the .* no further than \d+°\.$/;
    const limits = (...asked: Parameters<typeof told>) =>
      told(...asked).filter((says) => LIMIT.test(says));

    it('as far as in the pattern where it is cut, to five degrees down', () => {
      const { says, bends } = maybeDepthCut(cutQuestion([knee], { seenDeg: 0 }))!;
      const to = Number(/bends (\d+)° instead/.exec(says)![1]);
      const deg = to - (to % 5);
      const limit = `Bend the right knee no further than ${deg}°.`;
      expect(bends).toEqual([{ pain: knee, part: 'knee', deg, says: limit }]);
      expect(told([knee], 'slow-step-down', 'right')).toEqual([
        'Smaller and slower, short of where the right knee hurts.',
        limit,
      ]);
    });

    it.each<[string, Pain[], string, 'left' | 'right' | null, RegExp[]]>([
      [
        'of a knee, and not of a back that is held still meanwhile',
        [knee, back],
        'slow-step-down',
        'right',
        [/right knee/],
      ],
      [
        'of each that it would bend',
        [painAt({ region: 'hip', score: 4, phase: 'down' }), back],
        'long-leg-reach',
        'right',
        [/right hip/, /trunk/],
      ],
      ['not where it goes on as it is', [painAt({ score: 2 })], 'slow-step-down', 'right', []],
      ['not on the other leg', [knee], 'slow-step-down', 'left', []],
      ['not lying', [knee], 'low-breath-reset', null, []],
      ['not of the pattern, which has its depth', [knee], 'squat-to-target', null, []],
    ])('%s', (_name, pains, id, side, wanted) => {
      const found = limits(pains, id, side);
      expect(found).toHaveLength(wanted.length);
      wanted.forEach((words, i) => expect(found[i]).toMatch(words));
    });

    it.each<[Reach, boolean, boolean, boolean]>([
      // Half-way is 90° of a knee.
      ['slight', true, false, false],
      ['half', true, true, false],
      ['end', true, true, true],
    ])('a knee that is taken %s is bent beyond 44, 89, 90°: %p, %p, %p', (reach, ...beyond) => {
      const load = { ...loadOf(oneDrill('slow-step-down')), joints: { knee: reach } };
      const is = [44, 89, 90].map((deg) =>
        wouldBend(load, 'right', { pain: knee, part: 'knee', deg, says: '' }),
      );
      expect(is).toEqual(beyond);
    });

    it.each<[DrillLoad['back'], boolean]>([
      ['still', false],
      ['leans', true],
      ['turns', true],
      ['rounds', true],
    ])('a back that %s is bent: %p', (back, is) => {
      const load = { ...loadOf(oneDrill('slow-step-down')), joints: {}, back };
      const pain = painAt({ region: 'low-back', side: null });
      expect(wouldBend(load, 'right', { pain, part: 'back', deg: 20, says: '' })).toBe(is);
    });

    it('of a leg that is not worked what the other one does says nothing', () => {
      const load = { ...loadOf(oneDrill('slow-step-down')), joints: { knee: 'end' as const } };
      const limit = { pain: knee, part: 'knee' as const, deg: 60, says: '' };
      expect(['right', 'left'].map((side) => wouldBend(load, side as 'left', limit))).toEqual([
        true,
        false,
      ]);
      expect(wouldBend({ ...load, joints: { hip: 'end' } }, 'right', limit)).toBe(false);
    });

    it.each<[string, Pain, number, number]>([
      ['a knee', knee, 0, 3],
      ['a knee that hardly bends', knee, 45, 3],
      ['a knee that keeps all such out', painAt({ phase: 'down', score: 7 }), 0, 0],
    ])(
      'is said of every drill on the feet that would bend %s further and may be done',
      (_, pain, seenDeg, least) => {
        const cut = maybeDepthCut(cutQuestion([pain], { seenDeg }));
        const limit = cut!.bends[0]!;
        let said = 0;
        for (const drill of DRILLS as readonly DrillRow[])
          for (const side of drill.oneSided ? SIDES : [null]) {
            const effects = painEffects(drill, side, [pain]);
            const isOut = effects.some(({ effect }) => effect === 'forbidden');
            const load = loadOf(drill);
            const care = careOf(drill, side, { flags: [], pains: [pain], cut });
            const isBound =
              !isOut && load.on === 'feet' && !goesDeep(drill) && wouldBend(load, side, limit);
            expect([drill.id, side, care.filter((says) => LIMIT.test(says)).length]).toEqual([
              drill.id,
              side,
              Number(isBound),
            ]);
            said += Number(isBound);
          }
        expect(said).toBeGreaterThanOrEqual(least);
      },
    );
  });

  it('whoever it is and whatever hurts, it is above where it hurts, and the mirrored client gets the same', () => {
    const other = { left: 'right', right: 'left' } as const;
    fc.assert(
      fc.property(
        fc.record({
          region: fc.constantFrom(...REGIONS),
          side: fc.constantFrom('left' as const, 'right' as const),
          phase: fc.constantFrom('down' as const, 'bottom' as const, 'up' as const),
          score: fc.integer({ min: 3, max: 10 }),
          kind: fc.constantFrom(...PAIN_KINDS),
        }),
        fc.constantFrom(...PATTERNS),
        fc.double({ min: 1.5, max: 2, noNaN: true }),
        fc.double({ min: 20, max: 45, noNaN: true }),
        (one, pattern, heightM, ankleBendDeg) => {
          const setup = { ...usualSetup(pattern, heightM), front: 'left' as const };
          const client = { heightM, massKg: 75 };
          const limits = { left: { ankleBendDeg }, right: { ankleBendDeg: 38 } };
          const cut = maybeDepthCut(cutQuestion([one], { pattern, client, setup, limits }));
          const mirrored = maybeDepthCut(
            cutQuestion([{ ...one, side: other[one.side] }], {
              pattern,
              client,
              setup: { ...setup, front: 'right' },
              limits: { left: limits.right, right: limits.left },
            }),
          );
          expect(mirrored?.deg ?? null).toBe(cut?.deg ?? null);
          if (!cut) return;
          expect(cut.deg).toBeGreaterThanOrEqual(pattern === 'hinge' ? 0 : -10);
          expect(cut.deg).toBeLessThanOrEqual(pattern === 'hinge' ? 80 : 75);
          expect(cut.says).toMatch(/^(Thighs no lower than|Lean no further than) .*\.$/);
        },
      ),
      { seed: 20261130, numRuns: howMany(300, 40) },
    );
  });
});

describe('the depth of a case', () => {
  const client: CaseFile['client'] = {
    ...{ heightM: 1.75, massKg: 75, flags: [], refer: [], history: [], given: [] },
  };
  const look: CaseFile['look'] = {
    pattern: 'squat',
    setup: USUAL_SETUP,
    faults: [{ fault: 'depth-short', side: null, phase: 'bottom', grade: 'plain', value: 12 }],
    clear: [],
    pain: [painAt()],
  };
  const checks: CaseFile['checks'] = [{ check: 'hip-bend', side: 'right', passive: 80 }];
  const file = { client, look, checks };

  it('is asked by its body, its set-up, what was measured, seen and hurts', () =>
    expect(depthCutOf(file)).toEqual(
      maybeDepthCut({
        ...{ pattern: 'squat', client, setup: USUAL_SETUP, pains: look.pain, seenDeg: 12 },
        limits: measuredLimits(checks),
      }),
    ));

  it('by other pains, where other ones are meant', () => expect(depthCutOf(file, [])).toBeNull());

  it('by what is replaced', () => {
    const replaced = { what: 'operation', region: 'hip', side: 'right', replaced: true } as const;
    const operated = { ...client, history: [{ ...replaced, mostDeg: 60 }] };
    const { says } = depthCutOf({ ...file, client: operated }, [])!;
    expect(says).toMatch(/the right hip bends \d+°, and the surgeon lets it bend to 60°/);
  });
});
