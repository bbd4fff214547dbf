import {
  isLoaded,
  LADDERS,
  loadToday,
  maybeLadder,
  maybeLowered,
  maybeRungVerdict,
  NOTHING_DONE,
  NOTHING_HELD,
  NOTHING_SEEN,
  NOTHING_TOLD,
  oneCriterion,
  oneDrill,
  oneRung,
  rungToday,
  standingsOf,
  USUAL_SETUP,
  type ClientFile,
  type CriterionId,
  type DrillRecord,
  type Gate,
  type Ladder,
  type MaybeSide,
  type SeenFault,
  type Side,
  noRecords,
} from '../src';

const SPLIT = maybeLadder('front-foot-high-split')!;
const SQUAT = maybeLadder('fading-counterweight-squat')!;
const OPEN: Gate = { status: 'open' };

const at = (day: number) => `2026-11-${String(day).padStart(2, '0')}T09:00:00.000Z`;

interface Tried {
  side?: MaybeSide;
  day?: number;
  rung: number;
  /** Criteria that were not met. */
  missed?: CriterionId[];
  judged?: boolean;
  pain?: number | null;
  status?: DrillRecord['status'];
  sets?: number;
  visit?: string;
}

const tried = (ladder: Ladder, part: Tried): DrillRecord & { version: number } => {
  const { rungs, drill } = ladder;
  const rung = rungs[part.rung];
  const day = part.day ?? 1;
  const { dose } = oneDrill(drill);
  const met = rung.criteria.filter((one) => !(part.missed ?? []).includes(one));
  return {
    ...NOTHING_DONE,
    version: 1,
    id: `${drill}-${part.side}-${day}`,
    clientId: 'c',
    visitId: part.visit ?? `v${day}`,
    drill,
    side: part.side === undefined ? (ladder.sided ? 'left' : null) : part.side,
    targets: [],
    place: 0,
    dose,
    rung: { rung: rung.id, kg: null, met: part.judged === false ? null : met },
    status: part.status ?? 'done',
    log: Array.from({ length: part.sets ?? dose.sets }, () => ({
      workedS: 30,
      form: 'usual' as const,
      on: at(day),
    })),
    pain: part.pain ?? null,
    painOn: part.pain ? at(day) : null,
    doneOn: at(day),
  };
};

describe('every ladder', () => {
  it.each(LADDERS.map((one) => [one.name, one] as const))('%s is complete', (_name, ladder) => {
    const drill = oneDrill(ladder.drill);
    expect(drill.family).toBe('ladder');
    expect(drill.oneSided).toBe(ladder.sided);
    expect(drill.patterns).toContain(ladder.pattern);
    expect(new Set(ladder.rungs.map(({ id }) => id)).size).toBe(ladder.rungs.length);
    for (const rung of ladder.rungs) {
      expect(rung.criteria).toContain('pain-free');
      expect(rung.criteria.length).toBeGreaterThanOrEqual(4);
      rung.criteria.forEach((id) => oneCriterion(id));
    }
  });

  it.each(LADDERS.map((one) => [one.name, one] as const))(
    '%s: load only after every rung without, and never less of it',
    (_name, { rungs }) => {
      const first = rungs.findIndex(isLoaded);
      expect(rungs.slice(first).every(isLoaded)).toBe(true);
      const carried = rungs.flatMap(({ weight }) =>
        weight?.as === 'carried' ? [weight.percentPerHand] : [],
      );
      expect([...carried].sort((a, b) => a - b)).toEqual(carried);
      expect(Math.max(...carried)).toBeLessThanOrEqual(25);
    },
  );

  it('carries at the sides up to a fifth or a quarter before anything more complex', () => {
    for (const { rungs } of LADDERS) {
      const chest = rungs.findIndex(({ weight }) => weight?.as === 'at-chest');
      if (chest < 0) continue;
      const before = rungs[chest - 1].weight;
      expect(before?.as === 'carried' && before.percentPerHand).toBeGreaterThanOrEqual(20);
    }
  });

  it('the counterweight of the squat fades with every rung until there is none', () => {
    const shares = SQUAT.rungs
      .slice(1, 5)
      .map(({ weight }) => (weight?.as === 'counterweight' ? weight.percent : 0));
    expect(shares).toEqual([10, 5, 2.5, 0]);
  });

  it('there are at least four, and an unknown rung is an error', () => {
    expect(LADDERS.length).toBeGreaterThanOrEqual(4);
    expect(maybeLadder('tall-march')).toBeNull();
    expect(() => oneRung(SPLIT, 'no-such')).toThrow(RangeError);
  });
});

describe('pass, stay or step back', () => {
  it.each([
    ['all of it', { rung: 2 }, 'pass'],
    ['one missed of four', { rung: 2, missed: ['tall-trunk'] }, 'stay'],
    ['half of it', { rung: 2, missed: ['tall-trunk', 'thigh-on-calf'] }, 'stay'],
    [
      'less than half of it',
      { rung: 2, missed: ['tall-trunk', 'thigh-on-calf', 'back-leg-long'] },
      'back',
    ],
    ['a set short', { rung: 2, sets: 1 }, 'stay'],
    ['pain of 1 is not free of pain', { rung: 2, pain: 1 }, 'stay'],
    ['pain of 2 as well', { rung: 2, pain: 2 }, 'stay'],
    ['pain of 3', { rung: 2, pain: 3 }, 'back'],
    ['stopped', { rung: 2, status: 'stopped', judged: false }, 'back'],
    ['not judged', { rung: 2, judged: false }, undefined],
    ['skipped', { rung: 2, status: 'skipped' }, undefined],
  ] as const)('%s', (_name, part, word) => {
    expect(maybeRungVerdict(SPLIT, tried(SPLIT, part as unknown as Tried))?.word).toBe(word);
  });

  it('says what was missed', () => {
    expect(maybeRungVerdict(SPLIT, tried(SPLIT, { rung: 6, missed: ['heel-stays'] }))).toEqual({
      word: 'stay',
      missed: ['heel-stays'],
    });
  });
});

describe('where a side stands', () => {
  const stands = (drills: DrillRecord[], given: Side[] = []) =>
    standingsOf(drills, SPLIT, given).map(({ place, waits }) => [place, waits]);

  it.each([
    [
      'nothing tried: the first rung',
      [],
      [
        [0, false],
        [0, false],
      ],
    ],
    [
      'a pass: one up',
      [{ side: 'left', rung: 0 }],
      [
        [1, false],
        [0, false],
      ],
    ],
    [
      'no more than one ahead of the other side',
      [{ side: 'left', rung: 3 }],
      [
        [1, true],
        [0, false],
      ],
    ],
    [
      'a step back, whatever came before',
      [
        { side: 'left', rung: 1, day: 1 },
        { side: 'left', rung: 2, day: 2, pain: 4 },
        { side: 'right', rung: 1, day: 2 },
      ],
      [
        [1, false],
        [2, false],
      ],
    ],
    [
      'back from the lowest is the lowest',
      [{ side: 'right', rung: 0, pain: 5 }],
      [
        [0, false],
        [0, false],
      ],
    ],
    [
      'onto load only together',
      [
        { side: 'left', rung: 6 },
        { side: 'right', rung: 5 },
      ],
      [
        [6, true],
        [6, false],
      ],
    ],
    [
      'together they go',
      [
        { side: 'left', rung: 6 },
        { side: 'right', rung: 6 },
      ],
      [
        [7, false],
        [7, false],
      ],
    ],
  ] as const)('%s', (_name, tries, wanted) => {
    expect(stands(tries.map((one) => tried(SPLIT, one as Tried)))).toEqual(wanted);
  });

  it('a side that is given holds nobody back', () => {
    expect(stands([tried(SPLIT, { side: 'left', rung: 6 })], ['right'])[0]).toEqual([7, false]);
  });

  it('the top stays the top; removed tries and unknown rungs count as none', () => {
    const top = SQUAT.rungs.length - 1;
    expect(standingsOf([tried(SQUAT, { rung: top })], SQUAT)[0].place).toBe(top);
    const removed = { ...tried(SQUAT, { rung: 3 }), removed: true };
    const unknown = { ...tried(SQUAT, { rung: 3 }), rung: { rung: 'gone', kg: null, met: [] } };
    expect(standingsOf([removed, unknown], SQUAT)[0].place).toBe(0);
  });
});

const visit = {
  ...NOTHING_HELD,
  version: 1,
  id: 'today',
  clientId: 'c',
  pattern: 'split' as const,
  openedOn: at(20),
  closedOn: null,
  step: 'work' as const,
  asks: [],
  minutes: 20,
  next: 'training' as const,
};

interface Day {
  tries?: DrillRecord[];
  faults?: SeenFault[];
  pain?: ClientFile['looks'][number]['pain'];
  client?: Partial<ClientFile['client']>;
  pattern?: 'split' | 'squat';
}

const fileOf = ({ tries = [], faults = [], pain = [], client = {}, pattern }: Day): ClientFile => ({
  ...noRecords(),
  client: {
    ...NOTHING_TOLD,
    version: 1,
    id: 'c',
    name: 'Somebody',
    about: '',
    heightM: 1.75,
    massKg: 80,
    ...client,
  },
  visits: [{ ...visit, pattern: pattern ?? 'split' }],
  looks: [
    {
      ...NOTHING_SEEN,
      version: 1,
      id: 'look',
      clientId: 'c',
      visitId: 'today',
      role: 'first',
      setup: USUAL_SETUP,
      faults,
      pain,
      startedOn: at(20),
    },
  ],
  drills: tries.map((one) => ({ ...one, version: 1 })),
});

/** Both sides are through with everything that has no load. */
const READY = [tried(SPLIT, { side: 'left', rung: 6 }), tried(SPLIT, { side: 'right', rung: 6 })];
const painOf = (score: number) => [
  {
    region: 'knee' as const,
    side: 'left' as const,
    phase: 'bottom' as const,
    score,
    kind: 'ache' as const,
    on: at(20),
  },
];

describe('do we load it today?', () => {
  const asked = (day: Day, gate: Gate = OPEN) => {
    const file = fileOf(day);
    return loadToday(SPLIT, 'left', file, file.visits[0], gate);
  };
  const fails = (day: Day, gate?: Gate) => {
    const answer = asked(day, gate);
    return answer.status === 'no' ? answer.fails.map(({ criterion }) => criterion) : [];
  };

  it('yes, when nothing says no', () => {
    expect(asked({ tries: READY })).toEqual({ status: 'yes', more: true });
  });

  it.each([
    ['nothing tried', {}, ['control', 'symmetry']],
    ['the other side not there', { tries: [READY[0]] }, ['symmetry']],
    ['this side not there', { tries: [READY[1]] }, ['control']],
    ['pain of 3', { tries: READY, pain: painOf(3) }, ['pain']],
    [
      'a plain shift of the hips in today’s look',
      {
        tries: READY,
        faults: [{ fault: 'pelvis-turns', side: 'left', phase: 'bottom', grade: 'plain' }],
      },
      ['symmetry'],
    ],
    [
      'a trunk that folds',
      {
        tries: READY,
        faults: [{ fault: 'trunk-folds', side: null, phase: 'bottom', grade: 'marked' }],
      },
      ['control'],
    ],
    [
      'a slight one lets it go on',
      {
        tries: READY,
        faults: [{ fault: 'trunk-folds', side: null, phase: 'bottom', grade: 'slight' }],
      },
      [],
    ],
    ['numb feet', { tries: READY, client: { flags: ['neuropathy'] } }, ['safety']],
    [
      'the other side given',
      { tries: [READY[0]], client: { given: [{ cause: 'fixed-ankle', side: 'right' }] } },
      [],
    ],
    [
      'the look was of another pattern',
      {
        tries: READY,
        pattern: 'squat',
        faults: [{ fault: 'trunk-folds', side: null, phase: 'bottom', grade: 'marked' }],
      },
      [],
    ],
  ] as const)('%s', (_name, day, wanted) => {
    expect(fails(day as unknown as Day)).toEqual(wanted);
  });

  it('not while the safety questions are open', () => {
    expect(fails({ tries: READY }, { status: 'unasked' } as Gate)).toEqual(['safety']);
  });

  it('names the criterion that failed last', () => {
    const missed = tried(SPLIT, { side: 'left', rung: 6, missed: ['heel-stays'] });
    const answer = asked({ tries: [missed, READY[1]] });
    expect(answer).toMatchObject({ fails: [{ criterion: 'control', says: 'heel comes up' }] });
  });
});

describe('the rung of today', () => {
  const today = (day: Day, chosen?: string, side: Side = 'left') => {
    const file = fileOf(day);
    return rungToday(SPLIT, side, { file, visit: file.visits[0], gate: OPEN }, chosen);
  };

  it('is the one it stands on, or any that the coach takes back', () => {
    expect(today({ tries: READY }).rung.id).toBe('sides-5');
    expect(today({ tries: READY }, 'floor-hand').rung.id).toBe('floor-hand');
    expect(today({ tries: READY }, 'no-such-rung').rung.id).toBe('sides-5');
  });

  it('is without load where today says no, whoever chose it', () => {
    const hurts = { tries: READY, pain: painOf(4) };
    // Nor without a hand: what hurts is supported.
    expect(today(hurts)).toMatchObject({ rung: { id: 'floor-hand' }, heldBack: true });
    expect(today(hurts, 'sides-25')).toMatchObject({ rung: { id: 'floor-hand' }, heldBack: true });
  });

  it('with a little pain goes no further than what was carried before', () => {
    const carried = [
      tried(SPLIT, { side: 'left', rung: 7, day: 3 }),
      tried(SPLIT, { side: 'right', rung: 7, day: 3 }),
    ];
    expect(today({ tries: carried }).rung.id).toBe('sides-12');
    expect(today({ tries: carried, pain: painOf(1) })).toMatchObject({
      rung: { id: 'sides-5' },
      heldBack: true,
    });
  });

  it('a rung that was chosen before something said no is lowered before it is begun', () => {
    const chosen = { ...tried(SPLIT, { side: 'left', rung: 7, judged: false }), visitId: 'today' };
    const waiting = { ...chosen, status: 'planned' as const };
    const lowered = (day: Day) => {
      const file = fileOf({ ...day, tries: [...READY, waiting] });
      return maybeLowered(waiting, { file, visit: file.visits[0], gate: OPEN });
    };
    expect(lowered({})).toBeNull();
    expect(lowered({ pain: painOf(4) })).toMatchObject({
      rung: { id: 'floor-hand' },
      load: { status: 'no', fails: [{ criterion: 'pain' }] },
    });
    const other = { ...waiting, drill: 'tall-march', rung: null };
    const file = fileOf({ tries: [other] });
    expect(maybeLowered(other, { file, visit: file.visits[0], gate: OPEN })).toBeNull();
  });
});
