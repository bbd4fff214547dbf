import { Fhir } from 'fhir';
import Papa from 'papaparse';
import {
  caseFileOf,
  fhirBundle,
  maybeVisitFile,
  MEASURE_COLUMNS,
  LADDERS,
  measuresCsv,
  NOTHING_DONE,
  NOTHING_HELD,
  NOTHING_MEASURED,
  NOTHING_SEEN,
  NOTHING_TOLD,
  oneDrill,
  sessionReport,
  trace,
  USUAL_SETUP,
  type ClientFile,
  noRecords,
} from '../src';

const at = (minute: number) => `2026-11-26T10:${String(minute).padStart(2, '0')}:00.000Z`;
const ID = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`;
const record = { version: 1, clientId: ID(1), visitId: ID(2) };
const SLIDE = {
  fault: 'hips-slide',
  side: 'left',
  phase: 'bottom',
  grade: 'plain',
  value: 34,
  unit: 'mm',
} as const;

const FILE: ClientFile = {
  ...noRecords(),
  client: {
    version: 1,
    id: ID(1),
    name: 'Ansa, "the =cmd" Lind',
    about: '',
    heightM: 1.75,
    massKg: 75,
    ...NOTHING_TOLD,
  },
  visits: [
    {
      version: 1,
      id: ID(2),
      clientId: ID(1),
      pattern: 'squat',
      openedOn: at(0),
      closedOn: at(50),
      step: 'verdict',
      asks: [{ on: at(0), positives: [] }],
      minutes: 12,
      next: 'training',
      ...NOTHING_HELD,
    },
  ],
  looks: [
    {
      ...record,
      ...NOTHING_SEEN,
      id: ID(3),
      role: 'first',
      setup: USUAL_SETUP,
      startedOn: at(1),
      faults: [SLIDE],
    },
    {
      ...record,
      ...NOTHING_SEEN,
      id: ID(4),
      role: 'again',
      setup: USUAL_SETUP,
      startedOn: at(40),
      clear: ['hips-slide@left'],
    },
  ],
  checks: [
    {
      ...record,
      ...NOTHING_MEASURED,
      id: ID(5),
      role: 'first',
      check: 'ankle-bend-knee-bent',
      side: 'right',
      passive: 24,
      felt: 'front',
      device: 'goniometer',
      doneOn: at(5),
      removed: false,
    },
    {
      ...record,
      ...NOTHING_MEASURED,
      id: ID(6),
      role: 'again',
      check: 'ankle-bend-knee-bent',
      side: 'right',
      passive: 33,
      doneOn: at(41),
      removed: false,
    },
    {
      ...record,
      ...NOTHING_MEASURED,
      id: ID(7),
      role: 'first',
      check: 'double-leg-lift',
      side: null,
      result: 'holds',
      doneOn: at(6),
      removed: false,
    },
    {
      ...record,
      ...NOTHING_MEASURED,
      id: ID(8),
      role: 'first',
      check: 'hip-bend',
      side: 'left',
      passive: 110,
      doneOn: at(7),
      removed: true,
    },
  ],
  drills: [
    {
      ...record,
      ...NOTHING_DONE,
      id: ID(9),
      drill: 'knee-over-outer-toes',
      side: 'right',
      targets: ['ankle-joint:right'],
      place: 0,
      dose: oneDrill('knee-over-outer-toes').dose,
      status: 'done',
      log: [{ workedS: 48, form: 'usual', on: at(20) }],
      pain: 1,
      keep: 'keep',
      doneOn: at(22),
    },
  ],
};
const visit = maybeVisitFile(FILE, ID(2))!;

it('one page says what was seen, measured, traced and done, each with before, after and how sure', () => {
  const report = sessionReport(visit, trace(caseFileOf(visit)));
  expect(report.seen).toMatchObject([
    { what: 'Hips slide to the left', before: 'plain, 34 mm', after: 'clear', word: 'better' },
  ]);
  expect(report.measured).toMatchObject([
    {
      what: 'Ankle bend, knee bent, right',
      before: '24° ± 1.7°',
      after: '33° ± 1.7°',
      word: 'better',
    },
    { what: 'Two-leg lift', before: 'holds', after: null, word: null },
  ]);
  expect(report.causes[0].consistentWith).toContain('right ankle');
  expect(report.drills).toMatchObject([
    {
      name: 'Half-kneeling ankle pump',
      dose: '2 × 12 slow',
      sets: 1,
      seconds: 48,
      pain: 1,
      keep: 'keep',
    },
  ]);
  expect(report.cautions.join(' ')).toContain('no diagnosis');
});

it('without a trace it still says what is certain', () => {
  const { causes, cautions, seen } = sessionReport(visit, null);
  expect([causes, seen.length, cautions.length]).toEqual([[], 1, 1]);
});

describe('FHIR R4', () => {
  const bundle = fhirBundle(visit, at(55));
  const resources = bundle.entry!.map(({ resource }) => resource!);
  const of = <T extends (typeof resources)[number]['resourceType']>(type: T) =>
    resources.filter(
      (one): one is Extract<typeof one, { resourceType: T }> => one.resourceType === type,
    );

  it('is valid by an independent validator, which finds what is wrong in a wrong one', () => {
    const said = new Fhir().validate(bundle);
    // Our own code systems are in nobody's value sets; everything else must be in order.
    const rest = said.messages.filter(({ message }) => !/value set/i.test(message ?? ''));
    expect([said.valid, rest]).toEqual([true, []]);
    const wrong = { ...bundle, entry: [{ resource: { resourceType: 'Observation' } }] };
    expect(new Fhir().validate(wrong).valid).toBe(false);
  });

  it('is a collection in which every entry has an address of its own and points at the client', () => {
    expect(bundle).toMatchObject({ resourceType: 'Bundle', type: 'collection', timestamp: at(55) });
    const urls = bundle.entry!.map(({ fullUrl }) => fullUrl);
    expect(new Set(urls).size).toBe(urls.length);
    for (const { id } of resources) expect(id).toMatch(/^[A-Za-z0-9\-.]{1,64}$/);
    for (const { subject } of [...of('Observation'), ...of('CarePlan')])
      expect(subject).toEqual({ reference: `urn:uuid:${ID(1)}` });
    expect(urls).toContain(`urn:uuid:${ID(1)}`);
  });

  it('holds measures with UCUM units, and words where there is no number', () => {
    const observed = of('Observation');
    expect(observed.find(({ id }) => id === ID(5))).toMatchObject({
      status: 'final',
      effectiveDateTime: at(5),
      bodySite: { text: 'right' },
      valueQuantity: { value: 24, unit: 'deg', system: 'http://unitsofmeasure.org', code: 'deg' },
      method: { text: 'goniometer' },
    });
    expect(observed.find(({ id }) => id === ID(7))).toMatchObject({ valueString: 'holds' });
    expect(observed.some(({ id }) => id === ID(8))).toBe(false);
    for (const one of observed)
      expect(
        [one.valueQuantity, one.valueString].filter((value) => value !== undefined),
      ).toHaveLength(1);
  });

  it('holds the drills as a care plan', () => {
    expect(of('CarePlan')).toMatchObject([
      {
        status: 'completed',
        intent: 'plan',
        activity: [
          {
            detail: {
              status: 'completed',
              description: '2 × 12 slow, right',
              code: { coding: [{ system: 'urn:taxikine:drill', code: 'knee-over-outer-toes' }] },
            },
          },
        ],
      },
    ]);
  });
});

it('a pelvis that was held is said with what was read: on the page, and as the method', () => {
  const check = { ...FILE.checks[3], passive: 98, held: true, removed: false };
  const file = { ...FILE, checks: [check] };
  const visit = maybeVisitFile(file, ID(2))!;
  const { measured } = sessionReport(visit, null);
  expect(measured).toMatchObject([{ what: 'Hip bend, left', before: '98° ± 3°, pelvis held' }]);
  const methods = ['phone inclinometer' as const, null].map((device) =>
    JSON.stringify(
      fhirBundle(maybeVisitFile({ ...file, checks: [{ ...check, device }] }, ID(2))!, at(55)),
    ),
  );
  expect(methods[0]).toContain('"method":{"text":"phone inclinometer, pelvis held"}');
  expect(methods[1]).toContain('"method":{"text":"pelvis held"}');
});

it('the table of measures is read back as it was written, oldest first, without what was taken back', () => {
  const { data, errors, meta } = Papa.parse<Record<string, string>>(measuresCsv(FILE), {
    header: true,
    skipEmptyLines: true,
  });
  expect(errors).toEqual([]);
  expect(meta.fields).toEqual([...MEASURE_COLUMNS]);
  expect(
    data.map(({ measure, when, value, unit, words }) => [measure, when, value, unit, words]),
  ).toEqual([
    ['hips-slide', 'first', '34', 'mm', 'plain'],
    ['ankle-bend-knee-bent', 'first', '24', 'deg', ''],
    ['double-leg-lift', 'first', '', '', 'holds'],
    ['ankle-bend-knee-bent', 'again', '33', 'deg', ''],
  ]);
  expect(data[1]).toMatchObject({
    standard_error: '1.7',
    readings: '1',
    device: 'goniometer',
    pattern: 'squat',
  });
});

it('judged rungs are in the table too, by their place and what came of them', () => {
  const [ladder] = LADDERS;
  const [rung] = ladder.rungs;
  const climbed = {
    ...FILE.drills[0],
    id: ID(11),
    drill: ladder.drill,
    side: ladder.sided ? ('left' as const) : null,
    dose: oneDrill(ladder.drill).dose,
    log: Array.from({ length: oneDrill(ladder.drill).dose.sets }, () => FILE.drills[0].log[0]),
    pain: null,
    rung: { rung: rung.id, kg: null, met: [...rung.criteria] },
  };
  const text = measuresCsv({ ...FILE, drills: [climbed] });
  const { data } = Papa.parse<Record<string, string>>(text, { header: true, skipEmptyLines: true });
  expect(data.filter(({ kind }) => kind === 'rung')).toMatchObject([
    { measure: ladder.drill, value: '1', unit: `of ${ladder.rungs.length}`, words: 'pass' },
  ]);
});
