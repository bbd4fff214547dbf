import {
  caseFileOf,
  gateOf,
  KINDS_IN_FILE,
  maybeLookProblem,
  maybeVisitFile,
  parse,
  RECORD_SCHEMAS,
  trace,
  verdictsOf,
  type ClientFile,
} from '@taxikine/core';
import { demoFiles } from '@taxikine/demo';

const NOW = new Date('2026-11-23T18:00:00.000Z');
const files = demoFiles(NOW);
const named = (name: string): ClientFile =>
  files.find((file) => file.client.name.startsWith(name))!;
const topOf = (file: ClientFile, visit: number) =>
  trace(caseFileOf(maybeVisitFile(file, file.visits[visit].id)!)).causes.filter(
    (cause) => cause.kind !== 'given',
  )[0].key;

it('has at least four clients with history, one in mid-visit', () => {
  expect(
    files.filter((file) => file.visits.some((visit) => visit.openedOn < NOW.toISOString())).length,
  ).toBeGreaterThanOrEqual(4);
  expect(
    files.some((file) => file.visits.some((visit) => !visit.closedOn && visit.step === 'check')),
  ).toBe(true);
});

it('holds only records that the API would take', () => {
  for (const file of files)
    for (const kind of ['clients', ...KINDS_IN_FILE] as const)
      for (const record of kind === 'clients' ? [file.client] : file[kind]) {
        const { version: _, ...bare } = record;
        expect([kind, parse(RECORD_SCHEMAS[kind], bare)]).toEqual([
          kind,
          expect.objectContaining({ status: 'ok' }),
        ]);
      }
});

it('says in every look only what its pattern has', () => {
  for (const file of files)
    for (const look of file.looks) {
      const { pattern } = file.visits.find(({ id }) => id === look.visitId)!;
      expect([file.client.name, maybeLookProblem(pattern, look)]).toEqual([file.client.name, null]);
    }
});

it('is the same for the same day', () => {
  expect(demoFiles(NOW)).toEqual(files);
});

it.each([
  ['Maren', 0, 'ankle-joint:right'],
  ['Anselm', 0, 'long-thighs:-'],
  ['Ysolde', 0, 'balance-deep:-'],
  ['Marguerite', 0, 'midback:-'],
  ['Idris', 0, 'hip-side-strength:left'],
  ['Rafe', 1, 'knee-guard:left'],
  ['Corentin', 0, 'nerve-back:right'],
  ['Linnea', 0, 'hip-extend:right'],
  ['Jory', 0, 'ankle-joint:left'],
  ['Jory', 1, 'hip-side-strength:left'],
])('%s is traced to %s %s', (name, visit, key) => {
  expect(topOf(named(name), visit)).toBe(key);
});

it('shows a trace that was wrong, and what the next visit made of it', () => {
  const jory = named('Jory');
  const { lessons } = maybeVisitFile(jory, jory.visits[1].id)!;
  expect(lessons).toEqual([
    expect.objectContaining({
      cause: 'ankle-joint',
      side: 'left',
      outcome: 'not-it',
      held: jory.visits[0].traced!.causes[0].p,
    }),
  ]);
  expect(jory.visits[0].traced!.causes[0]).toMatchObject({ cause: 'ankle-joint', side: 'left' });
});

it('shows a change that is real, one that is not, and a client held back', () => {
  const words = files.flatMap((file) =>
    file.visits.flatMap((visit) =>
      verdictsOf(maybeVisitFile(file, visit.id)!).map((verdict) => verdict.word),
    ),
  );
  expect(words).toEqual(expect.arrayContaining(['better', 'same']));
  const jory = named('Jory');
  expect(gateOf(jory, jory.visits[0].id).status).toBe('blocked');
});
