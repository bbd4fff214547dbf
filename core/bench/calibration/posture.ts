import {
  askDeepest,
  askSettle,
  bodyOf,
  LENGTH_TO_HEIGHT,
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
import { causeKey } from '../../src/knowledge/keys';
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

/** Long thighs on short shins, as shares of height against the usual. */
const LONG = { thigh: 1.07, shank: 0.95 } as const;

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

function bodyFrom(made: MadeClient) {
  const { heightM, massKg } = made.file.client;
  const long = isThere(made, 'long-thighs', null);
  return bodyOf(heightM, massKg, {
    thighM: LENGTH_TO_HEIGHT.thighM * heightM * (long ? LONG.thigh : 1),
    shankM: LENGTH_TO_HEIGHT.shankM * heightM * (long ? LONG.shank : 1),
  });
}

/** From how far off usual on an eye calls it a fault: sides first, then the whole body. Ours. */
function offBy(posture: PostureReport, depthDeg: number): [FaultId, Side | null, number, number][] {
  const { pelvisShiftMm, pelvisTurnDeg, trunkSideLeanDeg, shinLeanDeg } = posture;
  const sided = SIDES.flatMap((side): [FaultId, Side, number, number][] => {
    const way = side === 'left' ? 1 : -1;
    return [
      ['hips-slide', side, way * pelvisShiftMm, 18],
      ['pelvis-turns', side, way * pelvisTurnDeg, 5],
      ['trunk-side-bends', side, way * trunkSideLeanDeg, 5],
      ['shin-stays-upright', side, 26 - shinLeanDeg[side], 0],
    ];
  });
  return [
    ...sided,
    ['depth-short', null, depthDeg, 8],
    ['trunk-folds', null, posture.trunkLeanDeg, 44],
    ['pelvis-tucks', null, posture.lumbarBendDeg, 14],
  ];
}

/**
 * A squat of the posture solver with ranges and proportions drawn from the causes: as deep as they
 * allow, less where depth is not trusted. The network was not told how its faults come about. Null
 * where the solver finds no such posture.
 */
export function squatOf(made: MadeClient, random: Random): Squatted | null {
  const truth = rangesOf(made, random);
  const body = bodyFrom(made);
  const { setup } = made.file.look;
  const lumbarBendDeg = random() < 0.5 ? 22 : 10;
  const limits = { ...limitsFrom(truth), lumbarBendDeg };
  const question = { pattern: 'squat', body, setup, limits } as const;
  const reach = askDeepest(question);
  if (reach.status === 'blocked') return null;
  const shy = isThere(made, 'balance-deep', null) || isThere(made, 'pattern-unlearned', null);
  const depthDeg = Math.max(0, reach.depthDeg + 0.5) + (shy ? within(random, 8, 24) : 0);
  const stood = askSettle(question, { thighDeg: depthDeg });
  if (stood.status === 'blocked') return null;
  const seen = offBy(stood.posture, depthDeg).map(([fault, side, value, limit]) => {
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
