import {
  CHECKS,
  checkSeries,
  measuresCsv,
  NOTHING_MEASURED,
  parse,
  RECORD_SCHEMAS,
  noRecords,
  NOTHING_TOLD,
  trace,
  verdictsOf,
  type CheckFinding,
  type CheckRecord,
  type ClientFile,
} from '../src';
import { rangeErrors } from '../src/inference/depth/rangeErrors';
import { measuredLimits } from '../src/inference/trace/measuredLimits';
import { observeChecks } from '../src/inference/trace/observe/observeChecks';
import { checksAgreeing } from '../src/inference/trace/reconcile/checksAgreeing';
import { onOneScale } from '../src/inference/visit/onOneScale';
import { heldBack, rollOf } from '../src/knowledge/roll';
import { oneCheck, type RangeCheck } from '../src/knowledge/checks';
import { fileOf } from './fileMadeUp';

const ID = '7a169494-9e56-404e-a444-21a7f4dc885b';
const hip = (part: Partial<CheckFinding>): CheckFinding => ({
  check: 'hip-bend',
  side: 'left',
  ...part,
});
const record = (part: Partial<CheckRecord>) => ({
  ...NOTHING_MEASURED,
  version: 1,
  id: ID,
  clientId: ID,
  visitId: ID,
  role: 'first' as const,
  check: 'hip-bend' as const,
  side: 'left' as const,
  doneOn: '2026-11-23T10:00:00.000Z',
  removed: false,
  ...part,
});

describe('what a held pelvis keeps back', () => {
  it('is 15° of a hip bend, and nothing where it was not held', () => {
    expect(heldBack(hip({ held: true }))).toBe(15);
    expect(heldBack(hip({ held: false }))).toBe(0);
    expect(heldBack(hip({}))).toBe(0);
  });

  it.each(CHECKS.map(({ id }) => id).filter((id) => id !== 'hip-bend'))(
    'no pelvis rolls in %s',
    (id) => {
      expect(rollOf(id)).toBeNull();
      expect(heldBack({ check: id, held: true })).toBe(0);
    },
  );

  it('is refused by its field where no pelvis rolls', () => {
    const { version: _, ...said } = record({ passive: 105, held: true });
    expect(parse(RECORD_SCHEMAS.checks, said)).toMatchObject({
      status: 'ok',
    });
    const other = { ...said, check: 'hip-extend', passive: 5 };
    expect(JSON.stringify(parse(RECORD_SCHEMAS.checks, other))).toContain(
      'held: no pelvis rolls along in hip-extend',
    );
  });
});

describe('limits of the posture model', () => {
  it.each([
    ['rolling', hip({ passive: 120 }), { hipBendDeg: 105 }, undefined],
    ['held', hip({ passive: 105, held: true }), { hipBendDeg: 105 }, ['left']],
    ['held, without a number', hip({ held: true }), {}, undefined],
  ])('%s', (_, check, left, hipHeld) =>
    expect(measuredLimits([check])).toEqual({ left, right: {}, ...(hipHeld && { hipHeld }) }),
  );

  it('of several the last counts, with how it was taken', () => {
    const both = [hip({ passive: 104, held: true }), hip({ passive: 120 })];
    expect(measuredLimits(both)).toEqual({ left: { hipBendDeg: 105 }, right: {} });
    expect(measuredLimits([...both].reverse())).toMatchObject({
      left: { hipBendDeg: 104 },
      hipHeld: ['left'],
    });
  });

  it('are surer: the reading’s 3°, and without the 4° that people differ in their roll', () => {
    const sd = (checks: CheckFinding[]) =>
      rangeErrors('squat', measuredLimits(checks)).find(
        ({ side, limit }) => side === 'left' && limit === 'hipBendDeg',
      )!.sdDeg;
    expect(sd([hip({ passive: 105, held: true })])).toBe(3);
    expect(sd([hip({ passive: 120 })])).toBe(5);
  });
});

describe('the trace', () => {
  const found = (check: CheckFinding) => trace(fileOf({ checks: [check] }));

  it.each([85, 100, 105])('weighs %d° held as 15° more that roll', (deg) => {
    const chances = (one: CheckFinding) =>
      found(one).causes.map(({ cause, side, p }) => [cause, side, p]);
    expect(chances(hip({ passive: deg, held: true }))).toEqual(chances(hip({ passive: deg + 15 })));
  });

  it('says what was read, and how', () => {
    const [said] = observeChecks(
      fileOf({ checks: [hip({ passive: 85, held: true, cheats: ['back'] })] }),
    );
    expect(said.words).toBe('left: hip bend 85°, pelvis held, back arches');
  });
});

describe('readings of one check', () => {
  const joined = (...checks: CheckFinding[]) => checksAgreeing(fileOf({ checks })).items;

  it('held in each stay as they were read', () =>
    expect(
      joined(hip({ passive: 104, held: true }), hip({ passive: 106, held: true })),
    ).toMatchObject([{ passive: 105, held: true }]));

  it('held in one are joined as they would be rolling', () =>
    expect(
      joined(hip({ passive: 104, active: 90, held: true }), hip({ passive: 121 })),
    ).toMatchObject([{ passive: 120, active: 105, held: undefined }]));

  it('that contradict each other are told as they were read', () =>
    expect(
      checksAgreeing(fileOf({ checks: [hip({ passive: 80, held: true }), hip({ passive: 121 })] }))
        .ignored[0].words,
    ).toContain('80°, pelvis held and 121° contradict'));
});

describe('readings against each other', () => {
  const row = oneCheck('hip-bend') as RangeCheck;
  const of = { client: { norms: {} }, repeats: [] };
  const scaled = (...readings: Partial<CheckRecord>[]) =>
    onOneScale(readings.map(record), row, of).map(({ value, sem }) => [
      value,
      Number(sem.toFixed(3)),
    ]);

  it.each([
    [
      'rolling in all',
      [{ passive: 118 }, { passive: 120 }],
      [
        [118, 3],
        [120, 3],
      ],
    ],
    [
      'held in all: only themselves',
      [
        { passive: 103, held: true },
        { passive: 105, held: true },
      ],
      [
        [118, 3],
        [120, 3],
      ],
    ],
    [
      'held in one: what people differ in the roll counts there',
      [{ passive: 103, held: true }, { passive: 120 }],
      [
        [118, 5],
        [120, 3],
      ],
    ],
    ['without a number', [{ held: true }, { passive: 120 }], [[120, 3]]],
  ])('%s', (_, readings, expected) => expect(scaled(...readings)).toEqual(expected));

  const verdict = (before: Partial<CheckRecord>, after: Partial<CheckRecord>) =>
    verdictsOf({
      client: { norms: {} } as never,
      first: null,
      again: null,
      checks: [record(before), record({ ...after, role: 'again' })],
      repeats: [],
    })[0];

  it('a pelvis that was held in the first and rolled in the second is no gain', () => {
    const one = verdict({ passive: 105, held: true }, { passive: 121 });
    expect(one).toMatchObject({ change: '105°, pelvis held → 121°' });
    expect(one.word).toBe(verdict({ passive: 120 }, { passive: 121 }).word);
  });

  it('what is a real change of a pelvis held twice is one of one that rolled twice', () => {
    const held = verdict({ passive: 95, held: true }, { passive: 105, held: true });
    expect(held).toEqual({
      ...verdict({ passive: 110 }, { passive: 120 }),
      change: '95°, pelvis held → 105°, pelvis held',
    });
    expect(held.against).not.toBe(verdict({ passive: 95, held: true }, { passive: 120 }).against);
  });
});

describe('over time and out of the house', () => {
  const kept = (checks: ClientFile['checks']): ClientFile => ({
    ...noRecords(),
    client: {
      version: 1,
      id: ID,
      name: 'Maren',
      about: '',
      heightM: 1.7,
      massKg: 70,
      ...NOTHING_TOLD,
    },
    checks,
  });
  const file = kept([
    record({ passive: 103, held: true }),
    record({ passive: 120, doneOn: '2026-11-25T10:00:00.000Z' }),
  ]);

  it('a series stands on one scale, and says what was added', () => {
    const [series] = checkSeries(file);
    expect(series.sides[0].points.map(({ value }) => value)).toEqual([118, 120]);
    expect(series.heldBack).toBe(15);
    expect(checkSeries(kept([record({ passive: 120 })]))[0].heldBack).toBeNull();
  });

  it('a table has what was read, and how', () => {
    const [heading, held, rolling] = measuresCsv(file)
      .trim()
      .split('\r\n')
      .map((line) => line.split(','));
    const of = (line: string[], name: string) => line[heading.indexOf(name)];
    expect([of(held, 'value'), of(held, 'words')]).toEqual(['103', 'pelvis held']);
    expect([of(rolling, 'value'), of(rolling, 'words')]).toEqual(['120', '']);
  });
});
