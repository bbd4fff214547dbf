import { NO_PLAN, type ReportedPlan, type TraceReport } from '@taxikine/core';
import { runVerb } from '../src/runVerb';

const CASE = {
  format: 'taxikine-case',
  version: 1,
  client: { heightM: 1.75, massKg: 75 },
  look: {
    pattern: 'squat',
    faults: [{ fault: 'hips-slide', side: 'left', phase: 'bottom', grade: 'plain' }],
  },
  checks: [{ check: 'ankle-bend-knee-bent', side: 'right', passive: 24, felt: 'front' }],
  session: { minutes: 12, next: 'training' },
};

const SHARP_KNEE = { region: 'knee', side: 'right', phase: 'bottom', score: 7, kind: 'sharp' };
const REPLACED_HIP = {
  what: 'operation',
  region: 'hip',
  side: 'right',
  replaced: true,
  mostDeg: 90,
};

const run = (verb: string, input: unknown) => runVerb(verb, () => JSON.stringify(input));

function documentOf<T>(verb: string, input: unknown): T {
  const answer = run(verb, input);
  if (answer.status === 'bad') throw new Error(answer.lines.join('\n'));
  return answer.document as T;
}

const linesOf = (verb: string, input: unknown): readonly string[] => {
  const answer = run(verb, input);
  return answer.status === 'bad' ? answer.lines : [];
};

const trace = documentOf<TraceReport>('trace', CASE);
const constraints = { pattern: 'squat', minutes: 12, next: 'training' };

describe('plan', () => {
  it('of a trace as it was printed is the plan that was printed with it', () => {
    expect(documentOf<ReportedPlan>('plan', { trace, constraints })).toEqual(trace.plan);
  });

  it('of a case file is the same', () => {
    expect(documentOf<ReportedPlan>('plan', CASE)).toEqual(trace.plan);
  });

  it.each([
    ['a pain', { look: { ...CASE.look, pain: [SHARP_KNEE] } }],
    ['a flag', { client: { ...CASE.client, flags: ['neuropathy'] } }],
    ['a replaced joint', { client: { ...CASE.client, history: [REPLACED_HIP] } }],
    ['what helped', { probes: [{ probe: 'heels-up', outcome: 'better', fault: 'hips-slide' }] }],
  ])('of a printed trace knows %s', (_name, change) => {
    const printed = documentOf<TraceReport>('trace', { ...CASE, ...change });
    expect(printed.plan).not.toEqual(trace.plan);
    expect(documentOf('plan', { trace: printed, constraints })).toEqual(printed.plan);
  });

  it('of a trace without pain obeys one that the constraints tell', () => {
    const told = { ...constraints, pain: [SHARP_KNEE] };
    const { drills } = documentOf<ReportedPlan>('plan', { trace, constraints: told });
    const hurt = documentOf<TraceReport>('trace', {
      ...CASE,
      look: { ...CASE.look, pain: [SHARP_KNEE] },
    });
    const names = (list: ReportedPlan['drills']) => list.map(({ drill, side }) => [drill, side]);
    expect(names(drills)).not.toEqual(names(trace.plan.drills));
    expect(drills.flatMap(({ care }) => care ?? []).join(' ')).toContain('knee');
    expect(hurt.care.pain).toEqual([SHARP_KNEE]);
  });

  it('keeps what is locked and says which rule that breaks', () => {
    const locked = [{ drill: 'bent-knee-calf-wall', side: 'right' }];
    const { drills, broken } = documentOf<ReportedPlan>('plan', {
      trace,
      constraints: { ...constraints, locked },
    });
    expect(drills.map(({ drill }) => drill)).toContain('bent-knee-calf-wall');
    expect(broken.map(({ rule }) => rule)).toContain('hold-before-training');
  });

  it.each([
    ['a blocked trace', { trace: { ...trace, blocked: true }, constraints }],
    ['a stop-and-refer answer', { trace, constraints: { ...constraints, refer: ['night-pain'] } }],
  ])('of %s is empty', (_name, input) => {
    expect(documentOf('plan', input)).toEqual(NO_PLAN);
  });

  it.each([
    ['no pattern', { trace, constraints: {} }, 'constraints.pattern'],
    [
      'minutes below none',
      { trace, constraints: { ...constraints, minutes: -1 } },
      'constraints.minutes',
    ],
    [
      'an unknown cause',
      { trace: { causes: [{ cause: 'luck', p: 1 }] }, constraints },
      'trace.causes.0.cause',
    ],
    [
      'a side where there is none',
      { trace: { causes: [{ cause: 'breath', side: 'left', p: 1 }] }, constraints },
      'trace.causes.0',
    ],
    [
      'a pain without a kind',
      {
        trace,
        constraints: { ...constraints, pain: [{ region: 'knee', phase: 'down', score: 3 }] },
      },
      'constraints.pain.0.kind',
    ],
    [
      'more bend than the joint has',
      {
        trace: {
          ...trace,
          care: { replaced: [{ joint: 'knee', side: 'left', mostDeg: 170 }] },
        },
        constraints,
      },
      'trace.care.replaced.0.mostDeg',
    ],
    [
      'no side where there is one',
      { trace: { causes: [{ cause: 'hip-bend', p: 1 }] }, constraints },
      'trace.causes.0',
    ],
    [
      'a locked drill on no side',
      { trace, constraints: { ...constraints, locked: [{ drill: 'hip-rock-back', side: null }] } },
      'constraints.locked.0',
    ],
    [
      'an unknown drill',
      { trace, constraints: { ...constraints, locked: [{ drill: 'nap', side: null }] } },
      'constraints.locked.0.drill',
    ],
  ])('%s is refused with the path', (_name, input, path) => {
    expect(linesOf('plan', input).some((line) => line.startsWith(`${path}: `))).toBe(true);
  });
});

it('compare prints a verdict with its probability', () => {
  const answer = documentOf<{ word: string; pBetter: number }>('compare', {
    check: 'ankle-bend-knee-bent',
    before: [26, 27],
    after: [28, 27],
  });
  expect(answer.word).toBe('same');
  expect(answer.pBetter).toBeGreaterThan(0.5);
  expect(linesOf('compare', { before: 1, after: 2 })[0]).toMatch(/^\(root\): name a check/);
});
