import {
  doseMinutes,
  oneDrill,
  planSession,
  trace,
  USUAL_SETUP,
  type CaseFile,
  type FlagId,
} from '../src';

const stiffCalf: CaseFile = {
  client: { heightM: 1.75, massKg: 75, flags: [], refer: [], history: [], given: [] },
  look: {
    pattern: 'squat',
    setup: USUAL_SETUP,
    faults: [{ fault: 'hips-slide', side: 'left', phase: 'bottom', grade: 'plain' }],
    clear: [],
    pain: [],
  },
  probes: [],
  checks: [{ check: 'ankle-bend-knee-bent', side: 'right', passive: 24, felt: 'calf-deep' }],
};

const suggest = (
  part: { minutes?: number; flags?: FlagId[]; next?: 'training' | 'rest' } = {},
  file = stiffCalf,
) =>
  planSession(trace(file), {
    pattern: file.look.pattern,
    minutes: part.minutes ?? 12,
    flags: part.flags ?? [],
    next: part.next ?? 'rest',
    approach: 'blended',
  });

it('ends with the pattern, whatever it is for', () => {
  expect(suggest().drills.at(-1)!.drill.family).toBe('pattern');
  expect(
    suggest({}, { ...stiffCalf, checks: [], look: { ...stiffCalf.look, faults: [] } }).drills.at(
      -1,
    )!.drill.family,
  ).toBe('pattern');
});

it('aims at the traced side', () => {
  const [first] = suggest().drills;
  expect(first.side).toBe('right');
  expect(first.targets).toContain('calf-deep:right');
});

it.each([
  ['before training', { next: 'training' as const }, false],
  ['before rest', { next: 'rest' as const }, true],
  ['with hypermobility', { flags: ['hypermobility' as const] }, false],
])('long holds %s', (_name, part, held) => {
  const families = suggest(part).drills.map((one) => one.drill.family);
  expect(families.includes('hold')).toBe(held);
});

it('says what it left out and why', () => {
  expect(suggest({ next: 'training' }).leftOut).toContainEqual({
    drill: 'bent-knee-calf-wall',
    name: 'Bent-knee calf at the wall',
    reason: 'long holds wait until after training',
  });
});

it.each([3, 5, 8, 12, 20])('keeps to %p minutes once there is room for the pattern', (minutes) => {
  const { drills } = suggest({ minutes });
  const total = drills.reduce((sum, one) => sum + one.minutes, 0);
  expect(total).toBeLessThanOrEqual(minutes);
});

it('counts rests between sets, not after the last', () => {
  const { dose } = oneDrill('bent-knee-calf-wall');
  expect(doseMinutes(dose)).toBeCloseTo((45 * 2 + 15) / 60, 9);
});
