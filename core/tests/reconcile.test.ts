import { caseFileFrom, parseCase, trace, type CaseDocument, type Trace } from '../src';
import { caseOf } from './cases/acceptanceCases';

const traced = (file: CaseDocument): Trace => {
  const read = parseCase(file);
  if (read.status === 'bad') throw new Error(JSON.stringify(read.problems));
  return trace(caseFileFrom(read.value));
};
const p = (file: CaseDocument, key: string) =>
  traced(file).causes.find((cause) => cause.key === key)!.p;
const bend = (passive: number) =>
  ({ check: 'ankle-bend-knee-bent', side: 'right', passive, unit: 'deg' }) as const;
const slide = { fault: 'hips-slide', side: 'left', phase: 'bottom', grade: 'plain' } as const;

const BARE = caseOf({ look: { faults: [slide] } });

const CONTRADICTIONS: [string, Partial<CaseDocument>, Partial<CaseDocument['look']>, string[]][] = [
  [
    'usual and restricted on the same check',
    { checks: [bend(41), bend(24)] },
    {},
    ['checks.0', 'checks.1'],
  ],
  [
    'two results of the same check',
    {
      checks: [
        { check: 'double-leg-lift', result: 'holds' },
        { check: 'double-leg-lift', result: 'lost' },
      ],
    },
    {},
    ['checks.0', 'checks.1'],
  ],
  [
    'a probe judged both ways on one fault',
    {
      probes: [
        { probe: 'heels-up', outcome: 'better', fault: 'hips-slide' },
        { probe: 'heels-up', outcome: 'worse', fault: 'hips-slide' },
      ],
    },
    {},
    ['probes.0', 'probes.1'],
  ],
  [
    'a fault seen, and looked for in vain',
    {},
    {
      faults: [slide, { fault: 'knee-in', side: 'left', phase: 'up', grade: 'slight' }],
      clear: ['knee-in'],
    },
    ['look.faults.1', 'look.clear.0'],
  ],
];

it.each(CONTRADICTIONS)('%s: neither is used, and both are named', (_name, part, look, paths) => {
  const found = traced(caseOf({ ...part, look: { faults: [slide], ...look } }));
  expect(found.ignored.map(({ path }) => path)).toEqual(paths);
  for (const { words } of found.ignored) expect(words).toMatch(/contradict|neither was used/);
  const without = traced(BARE);
  for (const cause of found.causes)
    expect(cause.p).toBeCloseTo(without.causes.find(({ key }) => key === cause.key)!.p, 12);
});

it('a usual range at a joint that is given as fixed is not used', () => {
  const found = traced(
    caseOf({
      client: { given: [{ cause: 'fixed-ankle', side: 'right' }] },
      look: { faults: [slide] },
      checks: [bend(24), bend(40)],
    }),
  );
  expect(found.ignored).toEqual([
    { path: 'checks.1', words: expect.stringContaining('given as fixed') as string },
  ]);
});

it('the same fault clear on the other side contradicts nothing', () => {
  const look: Partial<CaseDocument['look']> = {
    faults: [{ fault: 'knee-in', side: 'left', phase: 'up', grade: 'slight' }],
    clear: ['knee-in@right'],
  };
  expect(traced(caseOf({ look })).ignored).toEqual([]);
});

it('readings that agree count once, as their mean, and surer than one', () => {
  const with2 = caseOf({ look: { faults: [slide] }, checks: [bend(30), bend(26)] });
  const with1 = caseOf({ look: { faults: [slide] }, checks: [bend(28)] });
  expect(traced(with2).ignored).toEqual([]);
  expect(p(with2, 'ankle-joint:right')).toBeGreaterThanOrEqual(p(with1, 'ankle-joint:right'));
  expect(p(with2, 'ankle-joint:right')).toBeCloseTo(p(with1, 'ankle-joint:right'), 1);
});

it.each([
  [{ what: 'centimetres to the wall are degrees of shin' }, 7, 'cm', 25.2],
  [{ what: 'degrees stay' }, 25.2, 'deg', 25.2],
] as const)('%p', (_, passive, unit, deg) => {
  const inUnit = caseOf({ look: {}, checks: [{ ...bend(passive), unit }] });
  expect(caseFileFrom(inUnit).checks[0].passive).toBeCloseTo(deg, 6);
});

it('a slide in percent of the stance is millimetres', () => {
  const read = parseCase(
    caseOf({ look: { faults: [{ ...slide, value: 10, unit: '%' as never }] } }),
  );
  expect(read.status).toBe('ok');
  if (read.status === 'ok')
    expect(caseFileFrom(read.value).look.faults[0]).toMatchObject({ value: 36, unit: 'mm' });
});
