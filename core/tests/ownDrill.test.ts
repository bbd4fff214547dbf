import {
  DRILLS,
  drillOf,
  FAMILY_FLAGS,
  NO_WISH,
  onePose,
  ownDrillRow,
  parse,
  planSession,
  POSES,
  posesOfDrill,
  RECORD_SCHEMAS,
  swapsFor,
  type DrillRow,
  type Family,
  type OwnDrill,
  type OwnPose,
  type PoseId,
  type SessionLimits,
  maybeForbidden,
} from '../src';

const bare = (id: PoseId): OwnPose => {
  const { id: _, words: __, ...pose } = onePose(id);
  return pose;
};

const OWN: OwnDrill = {
  id: '5b0e7f5e-7a52-4ad0-9f3a-0b8a5d1c9e11',
  name: 'Harbour wall ankle rocks',
  family: 'active',
  patterns: [],
  targets: [{ cause: 'ankle-joint', effect: 'large' }],
  oneSided: true,
  dose: { by: 'reps', reps: 8, sets: 2, secondsEach: 4 },
  kit: ['wall'],
  position: 'kneeling',
  breath: 'easy',
  how: 'Front foot a hand from the wall, knee forward to it and back.',
  feel: 'Front of the ankle opening',
  stopIf: 'a pinch at the front of the ankle',
  easier: 'Foot nearer',
  harder: 'Foot farther',
  excludedBy: ['pregnancy'],
  poses: [bare('half-kneeling'), bare('knee-forward')],
};

const CAUSE = {
  key: 'ankle-joint:right',
  cause: 'ankle-joint' as const,
  side: 'right' as const,
  kind: 'restriction' as const,
  p: 0.9,
  sentence: 'Right ankle joint will not bend',
};
const LIMITS: SessionLimits = {
  pattern: 'squat',
  minutes: 15,
  approach: 'blended',
  flags: [],
  next: 'rest',
};
const at = (drill: string) => ({ drill, side: 'right' as const });

it('is a row like any other, with the flags of its family and its own poses', () => {
  const row = ownDrillRow(OWN);
  expect(row).toMatchObject({ id: OWN.id, patterns: undefined, excludedBy: ['pregnancy'] });
  expect(ownDrillRow({ ...OWN, family: 'hold' }).excludedBy).toEqual([
    'pregnancy',
    'hypermobility',
  ]);
  expect(posesOfDrill(row).map(({ words }) => words)).toEqual([
    'Harbour wall ankle rocks: start',
    'Harbour wall ankle rocks: end',
  ]);
});

it('the flags of a family are those that every drill of it has that ships', () => {
  const ofFamily = (family: Family): readonly DrillRow[] =>
    DRILLS.filter((row) => row.family === family);
  for (const [family, flags] of Object.entries(FAMILY_FLAGS))
    for (const row of ofFamily(family as Family))
      for (const flag of flags) expect(maybeForbidden(row, null, { flags: [flag] })).not.toBeNull();
});

it('is chosen beside the ones that ship, swapped for, and held back like them', () => {
  const library = [...DRILLS, ownDrillRow(OWN)];
  const planned = planSession({ causes: [CAUSE] }, LIMITS, NO_WISH, library);
  expect(planned.drills.map(({ drill }) => drill.id)).toContain(OWN.id);
  const others = swapsFor(at('knee-over-outer-toes'), { causes: [CAUSE] }, LIMITS, library);
  expect(others.map(({ key }) => key)).toContain(`${OWN.id}@right`);
  const flagged = planSession(
    { causes: [CAUSE] },
    { ...LIMITS, flags: ['pregnancy'] },
    { ...NO_WISH, locked: [at(OWN.id)] },
    library,
  );
  expect(flagged.drills.map(({ drill }) => drill.id)).not.toContain(OWN.id);
  expect(flagged.refused).toEqual([
    { drill: OWN.id, name: OWN.name, reason: 'not with pregnancy' },
  ]);
});

it('deleted meanwhile, it is named as gone where it was held on to, and the rest is chosen', () => {
  const plan = planSession({ causes: [CAUSE] }, LIMITS, { ...NO_WISH, locked: [at(OWN.id)] });
  expect(plan.refused).toEqual([
    { drill: OWN.id, name: 'A drill of your own', reason: 'it is no longer in the library' },
  ]);
  expect(plan.drills.length).toBeGreaterThan(1);
});

it('an old session says what was done, whatever became of the drill', () => {
  expect(drillOf({ drill: OWN.id, own: OWN }).name).toBe(OWN.name);
  expect(() => drillOf({ drill: OWN.id, own: null })).toThrow(RangeError);
});

describe('what the API takes', () => {
  const problems = (part: object) => {
    const read = parse(RECORD_SCHEMAS.ownDrills, { ...OWN, removed: false, ...part });
    return read.status === 'bad' ? read.problems.map(({ path }) => path) : [];
  };
  const [start, end] = OWN.poses;
  const bent = (knee: number) => ({
    ...start,
    legs: { ...start.legs, left: { ...start.legs.left, knee } },
  });

  it('every pose that ships can be begun from', () => {
    for (const { id } of POSES)
      expect([id, problems({ poses: [bare(id), bare(id)] })]).toEqual([id, []]);
  });

  it.each([
    ['all of it', {}, []],
    ['no name', { name: '' }, ['name']],
    [
      'a cause that is given',
      { targets: [{ cause: 'fixed-ankle', effect: 'small' }] },
      ['targets.0.cause'],
    ],
    ['a cause twice', { targets: [OWN.targets[0], OWN.targets[0]] }, ['targets.1']],
    ['a ladder', { family: 'ladder' }, ['family']],
    ['a knee at its limit', { poses: [bent(155), end] }, []],
    ['a knee beyond it', { poses: [bent(156), end] }, ['poses.0.legs.left.knee']],
    ['one pose', { poses: [start] }, ['poses']],
    ['zero sets', { dose: { ...OWN.dose, sets: 0 } }, ['dose']],
    ['an unknown thing', { kit: ['anvil'] }, ['kit.0']],
  ])('%s', (_name, part, wanted) => {
    expect(problems(part)).toEqual(wanted);
  });

  const drill = {
    id: OWN.id,
    clientId: OWN.id,
    visitId: OWN.id,
    drill: OWN.id,
    own: OWN,
    side: 'left',
    targets: [],
    place: 0,
    dose: OWN.dose,
    status: 'planned',
    clock: { set: 0, runningSince: null, workedS: 0 },
    pain: null,
    doneOn: null,
    removed: false,
  };
  const told = (part: object) => {
    const read = parse(RECORD_SCHEMAS.drills, { ...drill, ...part });
    return read.status === 'bad' ? read.problems.map(({ message }) => message).join() : '';
  };

  it.each([
    ['with the session', {}, /^$/],
    ['without it', { own: null }, /does not come with the session/],
    ['another one', { drill: 'tall-march' }, /does not come with the session/],
    ['no side', { side: null }, /needs a side/],
    [
      'a rung where there is no ladder',
      { rung: { rung: 'free', kg: null, met: null } },
      /climbs no ladder/,
    ],
    [
      'a rung that is not on its ladder',
      { drill: 'front-foot-high-split', own: null, rung: { rung: 'moon', kg: null, met: null } },
      /has no rung moon/,
    ],
    [
      'a rung of its ladder',
      {
        drill: 'front-foot-high-split',
        own: null,
        rung: { rung: 'sides-5', kg: 4, met: ['pain-free'] },
      },
      /^$/,
    ],
  ])('in a session: %s', (_name, part, wanted) => {
    expect(told(part)).toMatch(wanted);
  });
});
