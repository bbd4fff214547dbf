import {
  GIVEN_CAUSES,
  GIVEN_REGIONS,
  type CauseId,
  APPROACHES,
  canBeSeen,
  CAUSES,
  CHECK_GUIDES,
  CHECKS,
  DISAGREEMENTS,
  type DisagreementRow,
  DEFAULT_APPROACH,
  DRILLS,
  FAULTS,
  maybeLookProblem,
  onePhrase,
  onePose,
  PATTERNS,
  PHASES,
  PHRASES,
  PROBES,
  REFER_QUESTIONS,
  type CheckRow,
  type DrillRow,
  type FaultRow,
  USUAL_SETUP,
  VIEWS,
  breathWords,
  DRILL_CHAINS,
  easierDrill,
  FAMILIES,
  harderDrill,
  oneDrill,
} from '../src';
import { DRILL_LOADS } from '../src/knowledge/drillLoads';
import { AGAINST, LINKS, STRENGTHS } from '../src/knowledge/links';

const ids = (rows: readonly { id: string }[]) => rows.map((row) => row.id);
const faults: readonly FaultRow[] = FAULTS;
const checks: readonly CheckRow[] = CHECKS;
const drills: readonly DrillRow[] = DRILLS;
const findings = new Set(LINKS.map((link) => link.finding as string));

describe.each([
  ['faults', FAULTS],
  ['causes', CAUSES],
  ['checks', CHECKS],
  ['probes', PROBES],
  ['drills', DRILLS],
  ['stop-and-refer questions', REFER_QUESTIONS],
])('%s', (_name, rows) => {
  it('have ids of their own', () => {
    expect(rows.length).toBeGreaterThan(0);
    expect(new Set(ids(rows)).size).toBe(rows.length);
  });
});

it.each(faults.map((row) => [row.id, row] as const))('fault %s is whole', (_id, row) => {
  expect(row.phases.every((phase) => PHASES.includes(phase))).toBe(true);
  expect(row.views.every((view) => VIEWS.includes(view))).toBe(true);
  expect(row.patterns.every((pattern) => PATTERNS.includes(pattern))).toBe(true);
  expect(row.sentence.toLowerCase().includes('{side}')).toBe(row.sided !== 'none');
  if (row.unit) expect(row.eyeSem).toBeGreaterThan(0);
});

it.each(faults.map((row) => row.id))('fault %s has at least two rival causes', (id) => {
  const causes = new Set(
    LINKS.filter((link) => link.finding === `fault:${id}`).map((link) => link.cause),
  );
  expect(causes.size).toBeGreaterThanOrEqual(2);
});

it.each(checks.map((row) => [row.id, row] as const))(
  'check %s can be entered and means something',
  (id, row) => {
    expect([...findings].some((finding) => finding.split(':')[1] === id)).toBe(true);
    if (row.type === 'result') return expect(row.results).toHaveLength(row.resultWords.length);
    const { usual, restricted, sem, least, most } = row.norm;
    expect(Math.abs(usual[0] - restricted[0])).toBeGreaterThan(sem);
    expect(least).toBeLessThan(restricted[0]);
    expect(most).toBeGreaterThan(usual[0]);
  },
);

it.each(LINKS.map((link) => [`${link.cause} → ${link.finding}`, link] as const))(
  'link %s resolves',
  (_name, link) => {
    expect(ids(CAUSES)).toContain(link.cause);
    expect(STRENGTHS[link.strength]).toBeGreaterThan(0);
    const [kind, what, how] = link.finding.split(':');
    const known: Record<string, readonly { id: string }[]> = { fault: FAULTS, probe: PROBES };
    if (known[kind]) expect(ids(known[kind])).toContain(what);
    else if (!['pain', 'proportion', 'posture'].includes(kind)) expect(ids(CHECKS)).toContain(what);
    const row = checks.find(({ id }) => id === what);
    if (kind === 'result' && how) {
      expect(row).toMatchObject({ named: true });
      expect(row?.type === 'result' && row.results).toContain(how);
    }
    if (kind === 'felt') expect(row?.felt).toContain(how);
  },
);

it('every cause that is not given can be found and is aimed at by a drill, or says why not', () => {
  const aimed = new Set(drills.flatMap((drill) => drill.targets.map((target) => target.cause)));
  const open = CAUSES.filter((cause) => cause.kind !== 'given').filter(
    (cause) => !aimed.has(cause.id) || !LINKS.some((link) => link.cause === cause.id),
  );
  expect(ids(open)).toEqual([]);
});

it.each(CHECKS.map((row) => [row.id, row] as const))('check %s is shown how to take', (id, row) => {
  const { poses, place, lay, cheats } = CHECK_GUIDES[id];
  for (const pose of poses) expect(onePose(pose).id).toBe(pose);
  expect(place.length).toBeGreaterThan(20);
  // An angle is read with an inclinometer, and that has to be laid somewhere.
  const isAngle = row.type === 'range' && row.norm.unit === 'deg';
  expect(lay !== null).toBe(isAngle);
  if (row.type === 'result') expect(cheats).toEqual([]);
});

it.each(APPROACHES.map((row) => [row.id, row] as const))('approach %s says its price', (_, row) => {
  expect(row.believes).toMatch(/\.$/);
  expect(row.givesUp).toMatch(/\.$/);
});

it.each(DISAGREEMENTS.map((row) => [row.id, row] as const))(
  'disagreement %s has sides, a default with its reason, and somewhere to matter',
  (_, row: DisagreementRow) => {
    expect(row.sides.length).toBeGreaterThanOrEqual(2);
    expect(row.sides.flatMap(({ approaches }) => approaches)).toContain('blended');
    for (const words of [row.byDefault, row.because, ...row.sides.map(({ says }) => says)])
      expect(words).toMatch(/[.]$/);
    const { causes = [], faults: seen = [], history = [] } = row.bearsOn;
    expect(causes.length + seen.length + history.length).toBeGreaterThan(0);
  },
);

it.each(GIVEN_CAUSES.map(({ id }) => id))('%s can be tapped somewhere', (id) =>
  expect((GIVEN_REGIONS[id as CauseId] ?? []).length).toBeGreaterThan(0),
);

it('the approach to begin with is one of the table', () =>
  expect(APPROACHES.map(({ id }) => id)).toContain(DEFAULT_APPROACH));

it.each(PHRASES.map((row) => [row.id, row] as const))(
  'phrase %s is short enough for a button',
  (id, { words }) => {
    expect(onePhrase(id).words).toBe(words);
    expect(words.length).toBeLessThan(34);
  },
);

describe('on one leg', () => {
  const one = { ...USUAL_SETUP, oneLeg: 'left' } as const;
  const ids = (setup: typeof USUAL_SETUP) =>
    FAULTS.filter((row) => canBeSeen(row, 'squat', setup)).map(({ id }) => id);

  it('a squat can wobble and drop the pelvis', () => {
    expect(ids(USUAL_SETUP)).not.toContain('knee-wobbles');
    expect(ids(one)).toEqual(expect.arrayContaining(['knee-wobbles', 'pelvis-drops']));
  });

  it.each([
    ['a squat on two legs does not wobble', 'squat', USUAL_SETUP, 'faults.0.fault'],
    ['a squat on one leg may', 'squat', one, undefined],
    ['a lunge stands on both', 'lunge', one, 'setup.oneLeg'],
  ] as const)('%s', (_, pattern, setup, path) => {
    const faults = [
      { fault: 'knee-wobbles', side: 'left', phase: 'down', grade: 'plain' } as const,
    ];
    const problem = maybeLookProblem(pattern, { faults, clear: [], setup });
    expect(problem?.path).toBe(path);
  });
});

it('what speaks against a cause lowers its odds', () => {
  expect(AGAINST.every((row) => row.factor > 0 && row.factor < 1)).toBe(true);
});

it.each(drills.map((row) => [row.id, row] as const))('drill %s is complete', (_id, row) => {
  expect(row.targets.length).toBeGreaterThan(0);
  expect(row.targets.every((target) => ids(CAUSES).includes(target.cause))).toBe(true);
  for (const words of [row.how, row.feel, row.stopIf, row.easier, row.harder])
    expect(words.length).toBeGreaterThan(2);
  expect(row.dose.sets).toBeGreaterThan(0);
  expect(breathWords(row.breath).length).toBeGreaterThan(5);
  expect(row.schools.length).toBeGreaterThan(0);
});

it('the library is large enough and leaves no kind of drill out', () => {
  expect(drills.length).toBeGreaterThanOrEqual(48);
  expect(new Set(drills.map(({ family }) => family))).toEqual(new Set(FAMILIES));
});

it.each(DRILL_CHAINS.map((chain) => [chain.id, chain] as const))(
  'chain %s climbs within one idea, and no drill stands in two',
  (_id, { drills: chain }) => {
    const others = DRILL_CHAINS.filter((one) => one.drills !== chain).flatMap((one) => one.drills);
    for (const [i, id] of chain.entries()) {
      expect(others).not.toContain(id);
      expect(easierDrill(id)).toBe(chain[i - 1] ?? null);
      expect(harderDrill(id)).toBe(chain[i + 1] ?? null);
      if (i === 0) continue;
      const [here, below] = [id, chain[i - 1]].map((one) =>
        oneDrill(one).targets.map(({ cause }) => cause),
      );
      expect(here.some((cause) => below.includes(cause))).toBe(true);
    }
  },
);

it.each(PROBES.map((row) => [row.id, row] as const))(
  'probe %s changes a set-up without touching the original',
  (_id, row) => {
    const before = JSON.stringify(USUAL_SETUP);
    row.change(USUAL_SETUP, 'right');
    expect(JSON.stringify(USUAL_SETUP)).toBe(before);
  },
);

/** On one knee or in a long step: the two feet are in two places. */
const isStaggered = ({ id, oneSided }: DrillRow): boolean => {
  const { stance, on, arms, otherLeg } = DRILL_LOADS[id as keyof typeof DRILL_LOADS];
  const oneKnee = on === 'knees' && arms !== 'flat-hands' && otherLeg !== undefined;
  return oneSided && (stance === 'staggered' || oneKnee);
};

it.each(drills.filter(isStaggered).map(({ id, how }) => [id, how] as const))(
  '%s says where the foot of its side is',
  (_id, how) => {
    expect(how).toMatch(/side named/);
    expect(how).toMatch(/in front|ahead|behind|on the knee of the side named/);
  },
);
