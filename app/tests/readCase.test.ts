import { readCase, recordsOf } from '../src/client/case-file/readCase';

const CASE = {
  format: 'taxikine-case',
  version: 1,
  client: { heightM: 1.75, massKg: 75 },
  look: { pattern: 'squat', faults: [] as object[] },
};
const making = {
  name: 'Somebody',
  now: '2026-11-25T10:00:00.000Z',
  newId: () => crypto.randomUUID(),
};

it.each([
  ['no JSON', 'hips to the left', '', 'is not a JSON document'],
  ['JSON of something else', '{"a": 1}', 'format', 'format'],
] as const)('%s is told', (_name, text, path, words) => {
  const read = readCase(text);
  expect(read.status).toBe('bad');
  if (read.status === 'bad')
    expect(read.problems).toContainEqual({
      path,
      message: expect.stringContaining(words) as string,
    });
});

it.each([
  ['a fault that needs a side and has none', { fault: 'knee-in' }, 'look.faults.0'],
  ['one that has its side', { fault: 'knee-in', side: 'left' }, null],
] as const)('%s', (_name, fault, path) => {
  const seen = { ...fault, phase: 'up', grade: 'plain' };
  const read = readCase(JSON.stringify({ ...CASE, look: { ...CASE.look, faults: [seen] } }));
  if (read.status === 'bad') throw new Error(JSON.stringify(read.problems));
  const made = recordsOf(read.value, making);
  expect(made.status === 'bad' ? made.problems.map((one) => one.path) : null).toEqual(
    path === null ? null : [path],
  );
});
