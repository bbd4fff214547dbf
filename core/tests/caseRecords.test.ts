import {
  caseDocumentOf,
  caseFileFrom,
  caseFileOf,
  gateOf,
  parse,
  parseCase,
  RECORD_SCHEMAS,
  recordsFromCase,
  trace,
  visitPart,
  type CaseDocument,
  type CaseRecords,
  type Clearance,
  type ClientFile,
  type VisitFile,
  noRecords,
} from '../src';
import { LENGTH_TO_HEIGHT, type SegmentName } from '../src/body/segments/segmentTable';
import { clamp } from '../src/foundation/numeric/safety';
import { ACCEPTANCE_CASES, caseOf } from './cases/acceptanceCases';

const NOW = '2026-11-25T10:00:00.000Z';

function made(file: CaseDocument): CaseRecords {
  let count = 0;
  return recordsFromCase(file, {
    name: 'From a colleague',
    now: NOW,
    newId: () => `00000000-0000-4000-8000-${String(++count).padStart(12, '0')}`,
  });
}

const versioned = <T extends object>(record: T) => ({ ...record, version: 1 });

const fileOf = ({ client, visit, look, probes, checks }: CaseRecords): ClientFile => ({
  ...noRecords(),
  client: versioned(client),
  visits: [versioned(visit)],
  looks: [versioned(look)],
  probes: probes.map(versioned),
  checks: checks.map(versioned),
});

const visitOf = (records: CaseRecords): VisitFile => {
  const file = fileOf(records);
  return { ...visitPart(file, file.visits[0]), lessons: [] };
};

const read = (input: unknown): CaseDocument => {
  const parsed = parseCase(input);
  if (parsed.status === 'bad') throw new Error(JSON.stringify(parsed.problems));
  return parsed.value;
};

it('a pelvis that was held stays so, there and back', () => {
  const [{ file }] = ACCEPTANCE_CASES;
  const check = { check: 'hip-bend', side: 'left', passive: 104, held: true };
  const records = made(read({ ...(file as object), checks: [check] }));
  expect(records.checks).toMatchObject([{ passive: 104, held: true }]);
  expect(caseFileOf(visitOf(records)).checks).toMatchObject([check]);
});

describe.each(ACCEPTANCE_CASES.map(({ name, file }) => [name, read(file)] as const))(
  '%s',
  (_name, document) => {
    const records = made(document);

    it('makes records that the API takes', () => {
      const { client, visit, look, probes, checks } = records;
      const all = [
        ['clients', client],
        ['visits', visit],
        ['looks', look],
        ...probes.map((one) => ['probes', one] as const),
        ...checks.map((one) => ['checks', one] as const),
      ] as const;
      for (const [kind, record] of all)
        expect([kind, parse(RECORD_SCHEMAS[kind], record)]).toEqual([
          kind,
          expect.objectContaining({ status: 'ok' }),
        ]);
    });

    it('is traced from its records as from its file', () => {
      const [before, after] = [caseFileFrom(document), caseFileOf(visitOf(records))].map(trace);
      for (const { key, p } of before.causes)
        expect(after.causes.find((cause) => cause.key === key)!.p).toBeCloseTo(p, 9);
    });

    it('is written again as it was read', () => {
      const again = caseDocumentOf(visitOf(records));
      expect(again).toMatchObject({
        client: { heightM: document.client.heightM, history: document.client.history },
        approach: document.approach,
        look: { pattern: document.look.pattern, clear: document.look.clear },
        session: document.session,
      });
      expect(again.checks).toHaveLength(document.checks.length);
      expect(again.look.faults).toEqual(
        document.look.faults.map((one) => expect.objectContaining(one) as unknown),
      );
      expect(JSON.stringify(again)).not.toContain('colleague');
      expect(parseCase(again).status).toBe('ok');
    });
  },
);

it('keeps what it does not know, through records and back', () => {
  const input = {
    ...caseOf({
      look: {
        faults: [
          {
            fault: 'hips-slide',
            side: 'left',
            phase: 'bottom',
            grade: 'plain',
            ...{ seenBy: 'Ilse' },
          },
        ],
      },
      checks: [{ check: 'hip-bend', side: 'left', passive: 101, ...{ couch: 'low' } }],
    }),
    studio: 'loft',
    lab: { camera: 3, rows: [1, 2] },
  };
  const again = caseDocumentOf(visitOf(made(read(input))));
  expect(again).toMatchObject({
    studio: 'loft',
    lab: { camera: 3, rows: [1, 2] },
    look: { faults: [{ fault: 'hips-slide', seenBy: 'Ilse' }] },
    checks: [{ check: 'hip-bend', couch: 'low' }],
  });
});

describe('no file opens the gate', () => {
  it.each([
    ['positive answers come along', ['night-pain'], 'blocked'],
    ['clear ones do not count as asked, nor is there consent', [], 'no-consent'],
  ] as const)('%s', (_name, refer, status) => {
    const records = made(read(caseOf({ client: { refer: [...refer] }, look: {} })));
    expect(gateOf(fileOf(records), records.visit.id).status).toBe(status);
  });
});

it('leaves contradictions behind, and names them', () => {
  const check = { check: 'ankle-bend-knee-bent', side: 'right' } as const;
  const { checks, ignored } = made(
    read(
      caseOf({
        look: {},
        checks: [
          { ...check, passive: 42 },
          { ...check, passive: 24 },
        ],
      }),
    ),
  );
  expect(checks).toEqual([]);
  expect(ignored.map(({ path }) => path)).toEqual(['checks.0', 'checks.1']);
});

it('what a clinician has not allowed yet bars in the practice, and names nobody outside it', () => {
  const visit = visitOf(made(read(caseOf({ look: { faults: [] } }))));
  const clearance: Clearance = {
    ...{ question: 'recent-operation', reportedIn: 'v', recordedIn: 'v', on: '2026-03-31' },
    ...{ by: 'Dr Orla Fenn', scope: 'squats to a chair', without: { not: ['weight'] } },
  };
  const cleared = { ...visit, client: { ...visit.client, clearances: [clearance] } };
  expect(caseFileOf(cleared).notYet).toEqual([
    { by: 'Dr Orla Fenn', not: ['weight'], place: null },
  ]);
  expect(JSON.stringify(caseDocumentOf(cleared))).not.toContain('Orla');
});

describe('lengths taken with a tape', () => {
  const NAMES = Object.keys(LENGTH_TO_HEIGHT) as SegmentName[];
  const withLength = (name: SegmentName, heightM: number) => {
    // Hip joints are 13 to 24 cm apart, whatever the height.
    const lengthM = LENGTH_TO_HEIGHT[name] * heightM;
    const segments = { [name]: name === 'hipWidthM' ? clamp(lengthM, 0.13, 0.24) : lengthM };
    return read(caseOf({ client: { heightM, massKg: 22 * heightM ** 2, segments }, look: {} }));
  };

  it.each(NAMES.flatMap((name) => [1, 1.7, 2.4].map((heightM) => [name, heightM] as const)))(
    '%s of somebody of %d m comes into the record with the case',
    (name, heightM) => {
      const { client } = made(withLength(name, heightM));
      expect(parse(RECORD_SCHEMAS.clients, client)).toEqual({ status: 'ok', value: client });
      expect(client.segments).toHaveProperty(name);
    },
  );
});
