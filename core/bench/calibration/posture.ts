import {
  askDeepest,
  askSettle,
  bodyOf,
  degOfRad,
  oneCheck,
  oneFault,
  SIDES,
  type CaseFile,
  type FaultId,
  type LimitsDeg,
  type PostureReport,
  type RangeCheck,
  type Side,
} from '../../src';
import { normal, within } from '../../src/foundation/numeric/random';
import { connect } from '../../src/inference/trace/connect';
import { type Finding } from '../../src/inference/trace/inference/network';
import type { Body } from '../../src/body/segments/body';
import type { Strength } from '../../src/body/solver/capacities';
import { embody, type Person, type PresentCause } from '../../src/inference/person/embody';
import { causeKey, causeOfKey } from '../../src/knowledge/keys';
import { rollOf } from '../../src/knowledge/roll';
import { observeDepth } from '../../src/inference/trace/observe/observeDepth';
import type { MadeClient, Random } from './client';

/** Ranges that the posture solver takes from this client's causes, and the checks that find them. */
const RANGES = [
  {
    check: 'ankle-bend-knee-bent',
    limit: 'ankleBendDeg',
    causes: ['ankle-joint', 'calf-deep'],
    rolls: 0,
  },
  { check: 'hip-bend', limit: 'hipBendDeg', causes: ['hip-bend'], rolls: rollOf('hip-bend')![0] },
  { check: 'knee-bend', limit: 'kneeBendDeg', causes: ['knee-bend'], rolls: 0 },
] as const;

/** Causes whose ranges are drawn with the spread that people have. */
const DRAWN: readonly string[] = RANGES.flatMap(({ causes }) => causes);

/** A squat as the solver has it, and what of it an eye would call a fault. */
export interface Squatted {
  /** Faults decided by the posture, `hips-slide@left`, there or not. */
  readonly decided: ReadonlyMap<string, boolean>;
  /** True ranges in degrees by check and side, `hip-bend@left`. */
  readonly truth: ReadonlyMap<string, number>;
  /** What the posture model says of the depth once the ranges are measured. */
  readonly depthFinding: (measured: ReadonlyMap<string, number>) => readonly Finding[];
}

const isThere = ({ nodes, present }: MadeClient, cause: string, side: Side | null): boolean =>
  present[nodes.findIndex(({ key }) => key === causeKey(cause, side))] ?? false;

/** How much of the spread of a range a person has on both sides alike. Ours. */
const ALIKE = 0.8;

function rangesOf(made: MadeClient, random: Random): Map<string, number> {
  return new Map(
    RANGES.flatMap(({ check, causes }) => {
      const own = normal(random);
      return SIDES.map((side) => {
        const { usual, restricted } = (oneCheck(check) as RangeCheck).norm;
        const [mean, sd] = causes.some((one) => isThere(made, one, side)) ? restricted : usual;
        const z = Math.sqrt(ALIKE) * own + Math.sqrt(1 - ALIKE) * normal(random);
        return [`${check}@${side}`, mean + sd * z] as const;
      });
    }),
  );
}

const limitsFrom = (truth: ReadonlyMap<string, number>): LimitsDeg =>
  Object.fromEntries(
    SIDES.map((side) => [
      side,
      Object.fromEntries(
        RANGES.map(({ check, limit, rolls }) => [limit, truth.get(`${check}@${side}`)! - rolls]),
      ),
    ]),
  );

/** How strong people of usual strength are, as shares of it: a spread, mostly of the whole body. Ours. */
const STRENGTH_SD = 0.15;

function strengthFrom(random: Random): Strength {
  const own = normal(random);
  const share = () =>
    Math.exp(STRENGTH_SD * (Math.sqrt(ALIKE) * own + Math.sqrt(1 - ALIKE) * normal(random)));
  const legs = (['hip', 'hipSide', 'knee', 'ankle'] as const).map(
    (name) => [name, { left: share(), right: share() }] as const,
  );
  return { ...Object.fromEntries(legs), back: share() };
}

/** What is there of causes, without those whose ranges were drawn. */
const embodiedIn = ({ nodes, present }: MadeClient): PresentCause[] =>
  nodes.flatMap(({ key }, i) => {
    const { cause, side } = causeOfKey(key);
    return present[i] && !DRAWN.includes(cause) ? [{ cause, ...(side ? { side } : {}) }] : [];
  });

/** A person with the causes of a made client: ranges as drawn, the rest by the table of what causes leave. */
function personOf(made: MadeClient, truth: ReadonlyMap<string, number>, random: Random): Person {
  const { heightM, massKg } = made.file.client;
  const usual = {
    body: bodyOf(heightM, massKg),
    limits: limitsFrom(truth),
    strength: strengthFrom(random),
  };
  const person = embody(usual, embodiedIn(made));
  return { ...person, shyDeg: person.shyDeg > 0 ? within(random, 8, 24) : 0 };
}

/** The posture at the bottom, and a third of the way up. */
interface Postures {
  readonly body: Body;
  readonly bottom: PostureReport;
  readonly early: PostureReport;
}

/** From how far off usual on an eye calls it a fault: sides first, then the whole body. Ours. */
function offBy(
  { body, bottom, early }: Postures,
  depthDeg: number,
): [FaultId, Side | null, number, number][] {
  const { pelvisShiftMm, pelvisTurnDeg, trunkSideLeanDeg, shinLeanDeg, kneeOutMm } = bottom;
  const sided = SIDES.flatMap((side): [FaultId, Side, number, number][] => {
    const way = side === 'left' ? 1 : -1;
    return [
      ['hips-slide', side, way * pelvisShiftMm, 18],
      ['pelvis-turns', side, way * pelvisTurnDeg, 5],
      ['trunk-side-bends', side, way * trunkSideLeanDeg, 5],
      ['shin-stays-upright', side, 26 - shinLeanDeg[side], 0],
      ['knee-in', side, -degOfRad(Math.atan2(kneeOutMm[side], 1000 * body.sides[side].shankM)), 5],
    ];
  });
  return [
    ...sided,
    ['depth-short', null, depthDeg, 8],
    ['trunk-folds', null, bottom.trunkLeanDeg, 44],
    ['pelvis-tucks', null, bottom.lumbarBendDeg, 14],
    ['hips-rise-first', null, early.trunkLeanDeg - bottom.trunkLeanDeg, 7],
  ];
}

/**
 * A squat of the posture solver with ranges, strength, hold and proportions from the causes: as deep as they
 * allow, less where depth is not trusted. The network was not told how its faults come about. Null
 * where the solver finds no such posture.
 */
export function squatOf(made: MadeClient, random: Random): Squatted | null {
  const truth = rangesOf(made, random);
  const { body, limits, strength, shyDeg } = personOf(made, truth, random);
  const { setup } = made.file.look;
  const lumbarBendDeg = random() < 0.5 ? 22 : 10;
  const question = {
    ...({ pattern: 'squat', body, setup, strength } as const),
    limits: { ...limits, lumbarBendDeg },
  };
  const reach = askDeepest(question);
  if (reach.status === 'blocked') return null;
  const depthDeg = Math.max(0, reach.depthDeg + 0.5) + shyDeg;
  const [stood, rising] = [depthDeg, depthDeg + 20].map((thighDeg) =>
    askSettle(question, { thighDeg }),
  );
  if (stood.status === 'blocked' || rising.status === 'blocked') return null;
  const postures = { body, bottom: stood.posture, early: rising.posture };
  const seen = offBy(postures, depthDeg).map(([fault, side, value, limit]) => {
    const read = value + oneFault(fault).eyeSem * normal(random);
    return { key: `${fault}@${side ?? ''}`, there: read > limit, value: read };
  });
  const short = seen.find(({ key }) => key === 'depth-short@')!;
  return {
    decided: new Map(seen.map(({ key, there }) => [key, there])),
    truth,
    depthFinding: (measured) => depthFinding(made, short.there ? short.value : null, measured),
  };
}

/** The finding of the posture model, from the depth that was seen and the ranges that were measured. */
function depthFinding(
  made: MadeClient,
  seenDeg: number | null,
  measured: ReadonlyMap<string, number>,
): readonly Finding[] {
  if (seenDeg === null) return [];
  const checks = [...measured].map(([key, passive]): CaseFile['checks'][number] => {
    const [check, side] = key.split('@');
    return { check: check as never, side: side as Side, passive };
  });
  const faults = [
    { fault: 'depth-short', phase: 'bottom', grade: 'plain', value: seenDeg },
  ] as const;
  const file = { ...made.file, checks, look: { ...made.file.look, faults: [...faults] } };
  return observeDepth(file).map((one) => connect(one, made.nodes));
}
