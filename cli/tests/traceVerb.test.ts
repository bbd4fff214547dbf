import { runVerb } from '../src/runVerb';

const CASE = {
  format: 'taxikine-case',
  version: 1,
  client: { heightM: 1.75, massKg: 75, refer: [] as string[], flags: ['hypermobility'] },
  approach: 'blended',
  look: {
    pattern: 'squat',
    faults: [
      { fault: 'depth-short', phase: 'bottom', grade: 'plain', value: 20, unit: 'deg' },
      { fault: 'hips-slide', side: 'left', phase: 'bottom', grade: 'plain' },
    ],
    clear: ['knee-in'],
    pain: [{ region: 'hip', side: 'right', phase: 'bottom', score: 6, kind: 'pinch' }],
  },
  checks: [
    { check: 'ankle-bend-knee-bent', side: 'left', passive: 41, unit: 'deg' },
    { check: 'ankle-bend-knee-bent', side: 'right', passive: 26, unit: 'deg', felt: 'front' },
    { check: 'hip-bend', side: 'left', passive: 120, unit: 'deg' },
    { check: 'hip-bend', side: 'right', passive: 118, unit: 'deg' },
  ],
  session: { minutes: 12, kit: ['post'], next: 'training' },
};

interface Answer {
  blocked: boolean;
  reasons: { question: string; urgency: string; say: string }[];
  cautions: string[];
  causes: { cause: string; side: string | null; p: number; because: { decibans: number }[] }[];
  shares: { part: string; cm: number }[];
  nextChecks: { bitsPerMinute: number; why: string }[];
  enough: boolean;
  ignored: { path: string }[];
  plan: {
    minutes: number;
    drills: { family: string; drill: string }[];
    leftOut: { reason: string }[];
  };
}

function traced(input: object): Answer {
  const answer = runVerb('trace', () => JSON.stringify(input));
  if (answer.status === 'bad') throw new Error(answer.lines.join('\n'));
  return answer.document as Answer;
}

it('prints causes by probability, each with what spoke for and against', () => {
  const { causes } = traced(CASE);
  expect(causes[0]).toMatchObject({ cause: 'ankle-joint', side: 'right' });
  expect(causes.map(({ p }) => p)).toEqual([...causes.map(({ p }) => p)].sort((a, b) => b - a));
  expect(causes[0].because.some(({ decibans }) => decibans > 0)).toBe(true);
});

it('divides the missing depth, and leaves a rest that range does not explain', () => {
  const { shares } = traced(CASE);
  expect(shares.map(({ part }) => part)).toEqual(
    expect.arrayContaining(['right ankle', 'not explained by range']),
  );
});

it('says what to ask next, and why', () => {
  const { nextChecks } = traced(CASE);
  expect(nextChecks.length).toBeGreaterThan(3);
  for (const { why, bitsPerMinute } of nextChecks) {
    expect(why).not.toBe('');
    expect(bitsPerMinute).toBeGreaterThan(0);
  }
});

it('plans within the minutes and the kit, and says what it left out', () => {
  const { plan } = traced(CASE);
  expect(plan.minutes).toBeLessThanOrEqual(12);
  expect(plan.drills.at(-1)!.family).toBe('pattern');
  expect(plan.leftOut.map(({ reason }) => reason)).toEqual(
    expect.arrayContaining([expect.stringContaining('wedge')]),
  );
});

it('carries the cautions: pain that stops, the pinch, the flag', () => {
  const { cautions } = traced(CASE);
  expect(cautions.join(' ')).toMatch(/hip: stop.*pinch.*Hypermobile.*no diagnosis/s);
});

it.each(['night-pain', 'saddle-numbness'])('%s blocks, and leaves no drill', (question) => {
  const answer = traced({ ...CASE, client: { ...CASE.client, refer: [question] } });
  expect(answer).toMatchObject({ blocked: true, plan: { drills: [], minutes: 0 } });
  expect(answer.reasons).toEqual([
    expect.objectContaining({ question, say: expect.any(String) as string }),
  ]);
});

it('no opinion unblocks a blocked case', () => {
  const answer = traced({
    ...CASE,
    client: { ...CASE.client, refer: ['night-pain'] },
    coach: [{ cause: 'ankle-joint', side: 'right', says: 'pinned', why: 'sure of it' }],
    cleared: true,
  });
  expect(answer).toMatchObject({ blocked: true, plan: { drills: [] } });
});

it('goes on with what contradicts itself, and names it', () => {
  const checks = [...CASE.checks, { ...CASE.checks[1], passive: 42 }];
  expect(traced({ ...CASE, checks }).ignored.map(({ path }) => path)).toEqual([
    'checks.1',
    'checks.4',
  ]);
});

it('a check that is worked out from others is named, and not read', () => {
  const checks = [{ check: 'hip-bend-knee-straight-vs-bent', side: 'left' }, ...CASE.checks];
  expect(traced({ ...CASE, checks }).ignored).toEqual([
    { path: 'checks.0', words: expect.stringContaining('worked out from') as string },
  ]);
});

it('names the path of what it cannot read, one line a problem', () => {
  const answer = runVerb('trace', () =>
    JSON.stringify({ ...CASE, approach: 'best', look: { ...CASE.look, pattern: 'jump' } }),
  );
  expect(answer.status).toBe('bad');
  if (answer.status === 'bad')
    expect(answer.lines.map((line) => line.split(':')[0])).toEqual(['approach', 'look.pattern']);
});
