import { caseJsonSchema, parseCase, type CaseDocument, KIT } from '../src';
import { caseOf } from './cases/acceptanceCases';

const PLAIN = caseOf({ look: {} });
const look = (part: object): object => ({ ...PLAIN, look: { ...PLAIN.look, ...part } });
const client = (part: object): object => ({ ...PLAIN, client: { ...PLAIN.client, ...part } });
const check = (part: object): object => ({ ...PLAIN, checks: [part] });
const SEEN = { fault: 'hips-slide', side: 'left', phase: 'bottom', grade: 'plain' };

const BAD: [string, object, string, RegExp][] = [
  ['another format', { ...PLAIN, format: 'case' }, 'format', /must be/],
  ['another version', { ...PLAIN, version: 2 }, 'version', /must be/],
  [
    'an unknown fault',
    look({ faults: [{ ...SEEN, fault: 'sag' }] }),
    'look.faults.0.fault',
    /must/,
  ],
  ['an unknown flag', client({ flags: ['tall'] }), 'client.flags.0', /must/],
  ['an unknown refer answer', client({ refer: ['itch'] }), 'client.refer.0', /must/],
  [
    'a cause that is not given',
    client({ given: [{ cause: 'breath', side: 'left' }] }),
    'client.given.0.cause',
    /must/,
  ],
  ['a height in centimetres', client({ heightM: 175 }), 'client.heightM', /metres/],
  [
    'a thigh longer than the body',
    client({ segments: { thighM: 1.4 } }),
    'client.segments.thighM',
    /./,
  ],
  ['an unknown clear', look({ clear: ['sag'] }), 'look.clear.0', /must/],
  [
    'a clear with a side it cannot have',
    look({ clear: ['tips-back@left'] }),
    'look.clear.0',
    /must/,
  ],
  [
    'a slide of a metre',
    look({ faults: [{ ...SEEN, value: 1000 }] }),
    'look.faults.0.value',
    /impossible/,
  ],
  [
    'a number for a grade',
    look({ faults: [{ ...SEEN, fault: 'tips-back', side: null, value: 2 }] }),
    'look.faults.0.value',
    /grade/,
  ],
  [
    'pain of eleven',
    look({ pain: [{ region: 'knee', phase: 'up', score: 11, kind: 'ache' }] }),
    'look.pain.0.score',
    /10/,
  ],
  [
    'an impossible range',
    check({ check: 'hip-bend', side: 'left', passive: 250 }),
    'checks.0.passive',
    /impossible/,
  ],
  [
    'a pelvis that was held where none rolls',
    check({ check: 'hip-extend', side: 'left', passive: 5, held: true }),
    'checks.0.held',
    /no pelvis rolls along in hip-extend/,
  ],
  ['a range without a side', check({ check: 'hip-bend', passive: 100 }), 'checks.0.side', /side/],
  [
    'the wrong unit',
    check({ check: 'hip-bend', side: 'left', passive: 12, unit: 'cm' }),
    'checks.0.unit',
    /deg/,
  ],
  [
    'a result that is none',
    check({ check: 'nerve-slump', side: 'left', result: 'maybe' }),
    'checks.0.result',
    /yes/,
  ],
  [
    'a number for a result',
    check({ check: 'nerve-slump', side: 'left', passive: 3 }),
    'checks.0.passive',
    /result/,
  ],
  [
    'an unknown probe',
    { ...PLAIN, probes: [{ probe: 'jump', outcome: 'same', fault: 'knee-in' }] },
    'probes.0.probe',
    /must/,
  ],
  ['an unknown approach', { ...PLAIN, approach: 'best' }, 'approach', /must/],
  [
    'norms of an unknown check',
    { ...PLAIN, norms: { sag: { usual: [1, 1], restricted: [2, 1], sem: 1 } } },
    'norms.sag',
    /allowed/,
  ],
  [
    'an opinion on no side of a sided cause',
    { ...PLAIN, coach: [{ cause: 'hip-bend', says: 'pinned', why: 'felt it' }] },
    'coach.0.side',
    /needs a side/,
  ],
  [
    'a lesson on a side of a cause that has none',
    { ...PLAIN, lessons: [{ cause: 'breath', side: 'left', outcome: 'helped', words: 'x' }] },
    'lessons.0.side',
    /has no side/,
  ],
  [
    'an opinion without a reason',
    { ...PLAIN, coach: [{ cause: 'breath', says: 'pinned' }] },
    'coach.0.why',
    /required/,
  ],
];

it.each(BAD)('%s is refused at its path', (_name, input, path, words) => {
  const read = parseCase(input);
  expect(read.status).toBe('bad');
  if (read.status === 'bad')
    expect(read.problems).toContainEqual({
      path,
      message: expect.stringMatching(words) as string,
    });
});

it('keeps fields that it does not know, wherever they are', () => {
  const input = {
    ...PLAIN,
    studio: 'loft',
    client: { ...PLAIN.client, shoeSize: 43 },
    look: { ...PLAIN.look, faults: [{ ...SEEN, seenBy: 'Ilse' }] },
  };
  const read = parseCase(input);
  expect(read).toMatchObject({
    status: 'ok',
    value: {
      studio: 'loft',
      client: { shoeSize: 43 },
      look: { faults: [{ seenBy: 'Ilse' }] },
    },
  });
});

it('what is not said is as usual', () => {
  const { client: body, look: seen } = PLAIN;
  const least = {
    format: 'taxikine-case',
    version: 1,
    client: { heightM: body.heightM, massKg: body.massKg },
    look: { pattern: seen.pattern },
  };
  const read = parseCase(least);
  expect(read.status).toBe('ok');
  if (read.status === 'ok')
    expect({ ...read.value, norms: undefined }).toMatchObject({
      approach: 'blended',
      probes: [],
      checks: [],
      session: { ...PLAIN.session, kit: KIT.map(({ id }) => id) },
    } satisfies Partial<CaseDocument>);
});

it('has a JSON Schema that names ids, limits and what must be there', () => {
  const schema = caseJsonSchema() as {
    required: string[];
    properties: Record<string, { properties?: Record<string, unknown>; items?: unknown }>;
  };
  expect(schema.required).toEqual(expect.arrayContaining(['format', 'version', 'client', 'look']));
  expect(JSON.stringify(schema.properties.look)).toContain('hips-slide');
  expect(JSON.stringify(schema.properties.client)).toContain('"maximum":2.4');
  expect(JSON.stringify(schema).includes('"additionalProperties":false')).toBe(false);
});
