import { spawnSync } from 'node:child_process';
import { join } from 'node:path';
import { runLines } from '../src/runLines';
import { runVerb } from '../src/runVerb';
import { VERBS } from '../src/verbs';

const CASE = {
  format: 'taxikine-case',
  version: 1,
  client: { heightM: 1.75, massKg: 75 },
  look: {
    pattern: 'squat',
    faults: [{ fault: 'hips-slide', side: 'left', phase: 'bottom', grade: 'plain' }],
  },
  checks: [],
};
const BODY = { pattern: 'squat', body: { heightM: 1.75, massKg: 75 } };

async function linesOf(verb: string, ...lines: string[]): Promise<unknown[]> {
  async function* given() {
    yield* lines;
  }
  const answers = [];
  for await (const line of runLines(verb, given())) answers.push(JSON.parse(line));
  return answers;
}

it.each(Object.keys(VERBS))('%s answers a line as it answers a file', async (verb) => {
  const document = JSON.stringify(verb === 'trace' || verb === 'plan' ? CASE : BODY);
  const one = runVerb(verb, () => document);
  const whole = JSON.parse(
    JSON.stringify(one.status === 'done' ? one.document : { error: one.lines }),
  );
  expect(await linesOf(verb, document)).toEqual([whole]);
});

it('a line that is wrong is answered in its place and stops none of the others', async () => {
  const answers = await linesOf(
    'trace',
    JSON.stringify(CASE),
    '{',
    '',
    JSON.stringify({ ...CASE, client: { heightM: 9, massKg: 75 } }),
    JSON.stringify(CASE),
  );
  expect(answers).toHaveLength(4);
  expect(answers[0]).toEqual(answers[3]);
  expect(answers[1]).toEqual({ error: [expect.stringContaining('cannot be read as JSON')] });
  expect(answers[2]).toEqual({ error: [expect.stringMatching(/^client\.heightM: /)] });
});

const command = (args: string[], input = '') =>
  spawnSync(process.execPath, ['--import', 'tsx', join(__dirname, '../src/main.ts'), ...args], {
    input,
    encoding: 'utf8',
  });

it('the command reads lines from standard input and leaves with 0, whatever was wrong in them', () => {
  const { stdout, status } = command(['trace', '-', '--lines'], `${JSON.stringify(CASE)}\r\n{\n`);
  const answers = stdout.trimEnd().split('\n');
  expect(status).toBe(0);
  expect(JSON.parse(answers[0])).toMatchObject({ blocked: false });
  expect(JSON.parse(answers[1])).toHaveProperty('error');
});

it.each([
  ['a file that is not there', ['trace', '/no/such/file', '--lines'], /^\(file\): cannot be read/],
  ['a verb that there is not', ['guess', '-', '--lines'], /^usage: /],
])('%s is said on standard error, with nothing on standard output', (_name, args, said) => {
  const { stdout, stderr, status } = command(args);
  expect([stdout, status]).toEqual(['', 2]);
  expect(stderr).toMatch(said);
});
