import {
  CHECKS,
  nextChecks,
  oneProbe,
  parseCase,
  PROBES,
  planSession,
  REGIONS,
  trace,
  USUAL_SETUP,
  type CaseFile,
  type PlannedCause,
  type ProbeFinding,
  type Trace,
} from '../src';
import { plannedCauses } from '../src/planning/session/plannedCauses';
import { caseOf } from './cases/acceptanceCases';

const SLIDE = {
  fault: 'hips-slide',
  side: 'left',
  phase: 'bottom',
  grade: 'plain',
  value: 30,
  unit: 'mm',
} as const;

const fileOf = (
  part: Partial<CaseFile>,
  setup: Partial<CaseFile['look']['setup']> = {},
): CaseFile => ({
  client: { heightM: 1.75, massKg: 75, flags: [], refer: [], history: [], given: [] },
  look: {
    pattern: 'squat',
    setup: { ...USUAL_SETUP, ...setup },
    faults: [SLIDE],
    clear: [],
    pain: [],
  },
  probes: [],
  checks: [],
  ...part,
});

const probability = (file: CaseFile, key: string): number =>
  trace(file).causes.find((one) => one.key === key)!.p;

describe('a wedge under one heel', () => {
  const wedge = (part: Partial<ProbeFinding>): ProbeFinding => ({
    probe: 'one-heel-up',
    fault: 'hips-slide',
    outcome: 'better',
    ...part,
  });
  const before = probability(fileOf({}), 'ankle-joint:right');
  const after = (probe: ProbeFinding) =>
    probability(fileOf({ probes: [probe] }), 'ankle-joint:right');

  it.each([
    ['right and better', wedge({ side: 'right' }), 1],
    ['right and the same', wedge({ side: 'right', outcome: 'same' }), -1],
    ['untold: the side that the slide points at', wedge({}), 1],
  ])('%s', (_name, probe, way) => expect(Math.sign(after(probe) - before)).toBe(way));

  it('left and better says nothing of the right ankle but by its rival', () => {
    expect(after(wedge({ side: 'left' }))).toBeCloseTo(before, 6);
    const left = probability(fileOf({ probes: [wedge({ side: 'left' })] }), 'ankle-joint:left');
    expect(left).toBeGreaterThan(probability(fileOf({}), 'ankle-joint:left'));
  });

  it('is asked for under the heel that the hips leave', () => {
    const { ranked } = nextChecks(fileOf({}));
    const asked = ranked.find((one) => 'probe' in one && one.probe === 'one-heel-up');
    expect(asked).toMatchObject({ side: 'right' });
  });

  it('stands in its set-up', () =>
    expect(oneProbe('one-heel-up').change(USUAL_SETUP, 'right')).toMatchObject({
      oneHeelUp: 'right',
    }));

  it('no other probe asks for a side', () =>
    expect(PROBES.filter((row) => 'sided' in row).map(({ id }) => id)).toEqual(['one-heel-up']));
});

it.each([
  ['without a load', 'none', false],
  ['with one', 'back', true],
] as const)('half the load is asked for %s: %s', (_name, at, expected) => {
  const file = fileOf({}, { load: { at, kg: at === 'none' ? 0 : 40 } });
  const faults = [{ fault: 'speed-lost', phase: 'up', grade: 'plain' } as const];
  const { ranked } = nextChecks({ ...file, look: { ...file.look, faults } });
  const named = ranked.map((one) => ('check' in one ? one.check : one.probe));
  expect(named.includes('load-compare')).toBe(expected);
});

describe('a case file', () => {
  const read = (look: object) => parseCase(caseOf({ look: look as never }));

  it.each(REGIONS)('can tell of pain at the %s', (region) =>
    expect(
      read({ pain: [{ region, side: 'left', phase: 'down', score: 3, kind: 'ache' }] }).status,
    ).toBe('ok'),
  );

  it.each([
    ['short of neutral', -12, 'ok'],
    ['as far back as can be meant', -40, 'ok'],
    ['further than that', -41, 'bad'],
  ] as const)('a rear hip that stops %s', (_name, value, status) =>
    expect(
      read({
        pattern: 'split',
        faults: [
          {
            fault: 'rear-hip-stops',
            side: 'right',
            phase: 'bottom',
            grade: 'plain',
            value,
            unit: 'deg',
          },
        ],
      }).status,
    ).toBe(status),
  );

  it('takes a loss of speed in per cent', () =>
    expect(
      read({
        faults: [{ fault: 'speed-lost', phase: 'up', grade: 'plain', value: 25, unit: '%' }],
      }).status,
    ).toBe('ok'));
});

it.each([
  ['big-toe-bend', 'big-toe:right', 32],
  ['adductor-length', 'adductor-length:right', 20],
  ['quad-length-hip-bent', 'knee-bend:right', 100],
] as const)('%s finds %s', (check, key, passive) => {
  expect(CHECKS.map(({ id }) => id)).toContain(check);
  const found = probability(fileOf({ checks: [{ check, side: 'right', passive }] }), key);
  expect(found).toBeGreaterThan(0.65);
});

describe('ways of doing one thing', () => {
  const cause: PlannedCause = {
    key: 'ankle-joint:right',
    cause: 'ankle-joint',
    side: 'right',
    kind: 'restriction',
    sentence: 'Right ankle will not bend',
    p: 0.95,
  };
  const limits = {
    pattern: 'squat',
    minutes: 40,
    flags: [],
    next: 'training',
    approach: 'blended',
  } as const;
  const ways = ['knee-over-outer-toes', 'banded-ankle-glide', 'hand-held-ankle-glide'];
  const chosen = (pains: CaseFile['look']['pain'] = []) =>
    planSession({ causes: [cause] }, { ...limits, pains })
      .drills.map(({ drill }) => drill.id)
      .filter((id) => ways.includes(id));

  it('only one of them stands in a session', () => expect(chosen()).toHaveLength(1));

  it('where the ankle pinches in front, one that takes the squash away', () => {
    const pinch = {
      region: 'ankle',
      side: 'right',
      phase: 'bottom',
      score: 4,
      kind: 'pinch',
    } as const;
    expect(chosen()).toEqual(['knee-over-outer-toes']);
    expect(chosen([pinch])).toEqual(['banded-ankle-glide']);
  });

  it.each([
    [['band' as const], 'banded-ankle-glide'],
    [[], 'hand-held-ankle-glide'],
  ])('where it stops in front without hurting, one that does not push: %j', (kit, expected) => {
    const stuck = { ...cause, stopsInFront: true as const };
    const { drills } = planSession({ causes: [stuck] }, { ...limits, kit });
    const made = drills.filter(({ drill }) => ways.includes(drill.id));
    expect(made.map(({ drill }) => drill.id)).toEqual([expected]);
    expect(made[0].why).toMatch(/; it stops in front, and this does not push into that$/);
    expect(drills.filter(({ why }) => why.includes('stops in front'))).toHaveLength(1);
  });
});

describe('an ankle that stops in front', () => {
  const known = (checks: object[], pain: object[] = []) =>
    ({ checks, look: { pain } }) as unknown as CaseFile;
  const bent = { check: 'ankle-bend-knee-bent', side: 'right', passive: 26 };
  const pinch = { region: 'ankle', side: 'right', kind: 'pinch', score: 1 };
  it.each<[string, CaseFile, boolean]>([
    ['felt in front', known([{ ...bent, felt: 'front' }]), true],
    ['a pinch', known([{ ...bent, pinch: true }]), true],
    [
      'asked, and in front',
      known([{ check: 'ankle-front-block', side: 'right', result: 'front' }]),
      true,
    ],
    ['a look that pinched', known([], [pinch]), true],
    ['felt in the calf', known([{ ...bent, felt: 'calf-deep' }]), false],
    ['the other side', known([{ ...bent, side: 'left', felt: 'front' }]), false],
    [
      'asked, and at the back',
      known([{ check: 'ankle-front-block', side: 'right', result: 'back' }]),
      false,
    ],
    [
      'another check felt in front',
      known([{ check: 'hip-extend', side: 'right', felt: 'front' }]),
      false,
    ],
    ['a pinch of nought', known([], [{ ...pinch, score: 0 }]), false],
    ['a pinch elsewhere', known([], [{ ...pinch, region: 'hip' }]), false],
    ['an ache', known([], [{ ...pinch, kind: 'ache' }]), false],
  ])('%s', (_name, file, expected) => {
    const causes = [
      { key: 'ankle-joint:right', cause: 'ankle-joint', side: 'right', p: 0.9 },
      { key: 'calf-deep:right', cause: 'calf-deep', side: 'right', p: 0.9 },
    ] as unknown as Trace['causes'];
    const [ankle, calf] = plannedCauses({ causes }, file).causes;
    expect(ankle.stopsInFront ?? false).toBe(expected);
    expect(calf.stopsInFront).toBeUndefined();
  });
});
