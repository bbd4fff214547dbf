import {
  checksOfDrill,
  gateOf,
  keepAdvice,
  NOTHING_DONE,
  NOTHING_HELD,
  NOTHING_MEASURED,
  NOTHING_SEEN,
  NOTHING_TOLD,
  oneDrill,
  errorParts,
  ownNorm,
  repeatsIn,
  sessionSteps,
  USUAL_SETUP,
  verdictsOf,
  visitLooseEnds,
  visitPart,
  withheldBecause,
  type CheckRecord,
  type CheckRole,
  type ClientFile,
  type DrillId,
  type DrillRecord,
  type RangeCheck,
  oneCheck,
  faultTally,
  noRecords,
} from '../src';

const at = (minute: number) => `2026-11-26T10:${String(minute).padStart(2, '0')}:00.000Z`;
const record = { version: 1, clientId: 'c', visitId: 'v' };

const ankle = (
  role: CheckRole,
  passive: number,
  minute: number,
  part: Partial<CheckRecord> = {},
): ClientFile['checks'][number] => ({
  ...record,
  ...NOTHING_MEASURED,
  id: `${role}${minute}`,
  role,
  check: 'ankle-bend-knee-bent',
  side: 'right',
  passive,
  doneOn: at(minute),
  removed: false,
  ...part,
});

const drill = (id: DrillId, minute: number, part: Partial<DrillRecord> = {}) => ({
  ...record,
  ...NOTHING_DONE,
  id,
  drill: id,
  side: 'right' as const,
  targets: ['ankle-joint:right'],
  place: minute,
  dose: oneDrill(id).dose,
  status: 'done' as const,
  doneOn: at(minute),
  ...part,
});

const look = (role: 'first' | 'again', part: object = {}) => ({
  ...record,
  ...NOTHING_SEEN,
  id: role,
  role,
  setup: USUAL_SETUP,
  startedOn: at(role === 'first' ? 1 : 40),
  ...part,
});

const SLIDE = { fault: 'hips-slide', side: 'left', phase: 'bottom', grade: 'plain' } as const;

function fileOf(part: Partial<Pick<ClientFile, 'looks' | 'checks' | 'drills'>>): ClientFile {
  return {
    ...noRecords(),
    client: {
      version: 1,
      id: 'c',
      name: 'A',
      about: '',
      heightM: 1.75,
      massKg: 75,
      ...NOTHING_TOLD,
      consent: { on: '2026-11-01', wording: '1', guardian: null },
    },
    visits: [
      {
        version: 1,
        id: 'v',
        clientId: 'c',
        pattern: 'squat',
        openedOn: at(0),
        closedOn: null,
        step: 'again',
        asks: [{ on: at(0), positives: [] }],
        minutes: 12,
        next: 'training',
        ...NOTHING_HELD,
      },
    ],
    looks: [look('first', { faults: [SLIDE] })],
    ...part,
  };
}
const partOf = (part: Parameters<typeof fileOf>[0]) => {
  const file = fileOf(part);
  return visitPart(file, file.visits[0]);
};

const PUMP = drill('knee-over-outer-toes', 10);
const PULL = drill('point-and-pull', 20);

describe('which drill moved it', () => {
  const part = partOf({
    drills: [PUMP, PULL],
    checks: [
      ankle('first', 26, 2),
      ankle('between', 33, 11, { afterDrill: PUMP.id }),
      ankle('again', 33.5, 41),
    ],
  });

  it('is told for each step, the last drill standing before the second look', () => {
    const [{ check, side, gains }] = sessionSteps(part);
    expect([check, side]).toEqual(['ankle-bend-knee-bent', 'right']);
    expect(gains.map(({ step, word }) => [step, word])).toEqual([
      [PUMP.id, 'better'],
      [PULL.id, 'same'],
    ]);
  });

  it('and says so when no drill was done between the last measure and the second look', () => {
    const alone = partOf({
      drills: [PUMP],
      checks: [
        ankle('first', 26, 2),
        ankle('between', 33, 11, { afterDrill: PUMP.id }),
        ankle('again', 33.5, 41),
      ],
    });
    expect(sessionSteps(alone)[0].gains.map(({ step }) => step)).toEqual([PUMP.id, '']);
  });

  it('keeps the one and changes the other', () => {
    expect(keepAdvice(part).map(({ drill: id, says }) => [id, says])).toEqual([
      [PUMP.id, 'keep'],
      [PULL.id, 'swap'],
    ]);
  });

  it('says nothing when nothing was taken in between', () => {
    expect(
      sessionSteps(partOf({ checks: [ankle('first', 26, 2), ankle('again', 33, 41)] })),
    ).toEqual([]);
  });

  it('is asked of the ranges that a drill aims at, and of no other', () => {
    const checks = [ankle('first', 26, 2), ankle('first', 26, 3, { id: 'l', side: 'left' })];
    expect(checksOfDrill(partOf({ checks }), PUMP)).toEqual([
      { check: 'ankle-bend-knee-bent', side: 'right' },
    ]);
    expect(
      checksOfDrill(
        partOf({ checks }),
        drill('side-hip-lift', 9, { targets: ['hip-side-strength:left'] }),
      ),
    ).toEqual([]);
  });
});

describe('what becomes of a drill', () => {
  const checks = (after: number) => [ankle('first', 26, 2), ankle('again', after, 41)];
  it.each([
    ['its joint moved', { checks: checks(34) }, 'keep'],
    ['nothing moved', { checks: checks(27) }, 'swap'],
    ['it got worse', { checks: checks(19) }, 'drop'],
    ['nobody looked again', { checks: [ankle('first', 26, 2)] }, null],
    [
      'the fault is gone',
      {
        checks: [],
        looks: [look('first', { faults: [SLIDE] }), look('again', { clear: ['hips-slide@left'] })],
      },
      'keep',
    ],
  ])('%s', (_name, part, says) => {
    expect(keepAdvice(partOf({ drills: [PUMP], ...part }))).toMatchObject([{ says }]);
  });

  it('the pattern practised for no cause of its own is judged by the pattern', () => {
    const looks = [
      look('first', { faults: [SLIDE] }),
      look('again', { clear: ['hips-slide@left'] }),
    ];
    const drills = [drill('squat-to-target', 30, { targets: [], side: null })];
    expect(keepAdvice(partOf({ looks, drills }))).toMatchObject([{ says: 'keep' }]);
    expect(keepAdvice(partOf({ drills }))).toMatchObject([{ says: null }]);
  });

  it('a stopped one is dropped, a skipped or waiting one is not spoken of', () => {
    const drills = [
      drill('knee-over-outer-toes', 1, { status: 'stopped' }),
      drill('point-and-pull', 2, { status: 'skipped' }),
      drill('squat-to-target', 3, { status: 'planned' }),
    ];
    expect(keepAdvice(partOf({ drills })).map(({ says }) => says)).toEqual(['drop']);
  });
});

describe('what hangs loose in a visit', () => {
  const kinds = (part: Parameters<typeof fileOf>[0]) =>
    visitLooseEnds(partOf(part)).map(({ kind }) => kind);

  it('a fault not graded again, a drill not done, one not tested', () => {
    expect(
      kinds({ drills: [PUMP, drill('squat-to-target', 30, { status: 'planned', targets: [] })] }),
    ).toEqual(['not-regraded', 'not-tested', 'not-done']);
  });

  it('a tested drill until somebody decides', () => {
    const looks = [look('first', { faults: [SLIDE] }), look('again', { faults: [SLIDE] })];
    expect(kinds({ looks, drills: [PUMP] })).toEqual(['not-decided']);
    expect(kinds({ looks, drills: [{ ...PUMP, keep: 'swap' }] })).toEqual([]);
  });
});

it('a look that was set up otherwise gives no verdict on faults, and counts none', () => {
  const part = partOf({
    looks: [
      look('first', { faults: [SLIDE] }),
      look('again', { clear: ['hips-slide@left'], setup: { ...USUAL_SETUP, heelLiftMm: 20 } }),
    ],
    checks: [ankle('first', 26, 2), ankle('again', 34, 41)],
  });
  expect(withheldBecause(part)).toEqual(['heels 0 mm up, then 20 mm up']);
  expect(verdictsOf(part).map(({ about }) => about)).toEqual(['check']);
  expect(faultTally(part)).toMatchObject({ better: 0, p: 1 });
});

describe('own repeats', () => {
  const row = oneCheck('ankle-bend-knee-bent') as RangeCheck;

  it('draw the error of every later verdict, and it says so', () => {
    const steady = { passive: [26, 26.2, 26.1, 25.9, 26.1] };
    const checks = [ankle('first', 26, 2, { repeats: steady }), ankle('again', 29, 41)];
    const [verdict] = verdictsOf(partOf({ looks: [], checks }));
    expect(verdict.against).toContain('by 4 own repeat readings');
    const repeats = repeatsIn(checks);
    expect(ownNorm(row, {}, repeats).sem).toBeLessThan(row.norm.sem);
    // More readings of one sitting shrink what comes with each, and not what the day brings.
    const [once, four, many] = [1, 4, 1e6].map((times) => ownNorm(row, {}, repeats, times).sem);
    const { betweenSem } = errorParts(row.norm.sem);
    expect(once ** 2 - betweenSem ** 2).toBeCloseTo(4 * (four ** 2 - betweenSem ** 2), 10);
    expect(many).toBeCloseTo(betweenSem, 3);
  });

  it('that are all the same may be one mean written down several times: they draw nothing', () => {
    const same = { passive: [26, 26, 26] };
    expect(repeatsIn([ankle('first', 26, 2, { repeats: same })])).toEqual([]);
  });

  it('of another check, or taken back, draw nothing', () => {
    const repeats = repeatsIn([
      ankle('first', 26, 2, { repeats: { passive: [20, 30] }, removed: true }),
      ankle('first', 26, 3, { repeats: { passive: [20, 30] }, check: 'hip-bend' }),
    ]);
    const { sem, own, isUnsteady } = ownNorm(row, {}, repeats);
    expect(sem).toBeCloseTo(row.norm.sem, 12);
    expect({ own, isUnsteady }).toEqual({ own: 0, isUnsteady: false });
  });
});

describe('pain in a drill asks the questions again', () => {
  const gate = (part: Partial<DrillRecord>, asked = 0) => {
    const file = fileOf({ drills: [{ ...PUMP, ...part }] });
    file.visits[0].asks.push({ on: at(asked), positives: [] });
    return gateOf(file, 'v').status;
  };
  it.each([
    ['any pain since they were asked', { pain: 1, painOn: at(12) }, 0, 'unasked'],
    ['none', { pain: 0, painOn: at(12) }, 0, 'open'],
    ['asked since', { pain: 4, painOn: at(12) }, 13, 'open'],
  ] as const)('%s', (_name, part, asked, status) => expect(gate(part, asked)).toBe(status));
});
