import {
  caseFileOf,
  clientSummary,
  gateOf,
  gaugeOf,
  givenSides,
  KINDS_IN_FILE,
  LADDERS,
  maybeLookProblem,
  maybeVisitFile,
  parse,
  RECORD_SCHEMAS,
  SUMMARY_READS,
  standingsOf,
  trace,
  verdictsOf,
  type ClientFile,
} from '@taxikine/core';
import { demoFiles, DEMO_OWN_DRILL, DEMO_ROOM } from '@taxikine/demo';

const NOW = new Date('2026-11-23T18:00:00.000Z');
const files = demoFiles(NOW);
const named = (name: string): ClientFile =>
  files.find((file) => file.client.name.startsWith(name))!;
const topOf = (file: ClientFile, visit: number) =>
  trace(caseFileOf(maybeVisitFile(file, file.visits[visit].id)!)).causes.filter(
    (cause) => cause.kind !== 'given',
  )[0].key;

it.each(KINDS_IN_FILE)('a client’s line is worked out from %s, or is the same without', (kind) => {
  const lines = (all: readonly ClientFile[]) => all.map((file) => clientSummary(file));
  // What hangs together stays: only one kind is taken away.
  const without = files.map((file) => ({ ...file, [kind]: [] }));
  const isRead = (SUMMARY_READS as readonly string[]).includes(kind);
  if (isRead) expect(lines(without)).not.toEqual(lines(files));
  else expect(lines(without)).toEqual(lines(files));
});

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
  ['Anselm', 1, 'long-thighs:-'],
  ['Ysolde', 3, 'balance-deep:-'],
  ['Marguerite', 2, 'midback:-'],
  ['Idris', 1, 'hip-side-strength:left'],
  ['Rafe', 1, 'knee-guard:left'],
  ['Corentin', 2, 'nerve-back:right'],
  ['Linnea', 3, 'hip-extend:right'],
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

it('everybody has weeks of history', () => {
  for (const { client, visits } of files) {
    const days = visits.map(({ openedOn }) => (NOW.getTime() - Date.parse(openedOn)) / 86_400_000);
    expect([client.name, visits.length >= 2, Math.max(...days) >= 21]).toEqual([
      client.name,
      true,
      true,
    ]);
  }
});

it('the own drill and the weights of the practice are what the API would take', () => {
  for (const [kind, record] of [
    ['ownDrills', DEMO_OWN_DRILL],
    ['rooms', DEMO_ROOM],
  ] as const)
    expect(parse(RECORD_SCHEMAS[kind], record)).toMatchObject({ status: 'ok' });
});

it('all four ladders are climbed: passed, stayed on, waited for', () => {
  const standings = files.flatMap((file) =>
    LADDERS.flatMap((ladder) =>
      standingsOf(file.drills, ladder, givenSides(file)).map((one) => ({ ladder, ...one })),
    ),
  );
  const climbed = standings.filter(({ tries }) => tries.length > 0);
  expect(new Set(climbed.map(({ ladder }) => ladder.drill)).size).toBe(LADDERS.length);
  const words = climbed.flatMap(({ tries }) => tries.map(({ verdict }) => verdict.word));
  expect(words).toEqual(expect.arrayContaining(['pass', 'stay']));
  expect(standings.some(({ waits }) => waits)).toBe(true);
});

it('one client has a gauge with a normal of her own', () => {
  const linnea = named('Linnea');
  const now = linnea.visits.at(-1)!;
  expect(gaugeOf(linnea, now, 'right')).toMatchObject({ status: 'unread', earlier: 3 });
});

it('shows a gain that was kept, and one that was lost', () => {
  const endToStart = (name: string, check: string, side: string) => {
    const file = named(name);
    const of = (visit: number, role: string) => {
      const found = file.checks.find(
        (one) =>
          one.visitId === file.visits[visit].id &&
          one.role === role &&
          one.check === check &&
          one.side === side,
      )!;
      return (found.passive ?? found.active)!;
    };
    return [of(0, 'first'), of(0, 'again'), of(1, 'first')];
  };
  const kept = ([before, after, later]: number[]) => (later - before) / (after - before);
  expect(kept(endToStart('Marguerite', 'midback-turn', 'left'))).toBeGreaterThan(0.6);
  expect(kept(endToStart('Corentin', 'straight-leg-raise', 'right'))).toBeLessThan(0.2);
});
