import {
  caseFileOf,
  gateOf,
  maybeLookProblem,
  maybeVisitFile,
  parse,
  RECORD_KINDS,
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
    for (const kind of RECORD_KINDS)
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
  ['Rafe', 1, 'knee-guard:left'],
  ['Corentin', 0, 'nerve-back:right'],
  ['Linnea', 0, 'hip-extend:right'],
])('%s is traced to %s %s', (name, visit, key) => {
  expect(topOf(named(name), visit)).toBe(key);
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
