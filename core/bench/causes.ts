import {
  askDeepest,
  bodyOf,
  LENGTH_TO_HEIGHT,
  radOfDeg,
  SIDES,
  USUAL_SETUP,
  type FaultId,
  type Side,
} from '../src';
import { asItLikes } from '../src/inference/depth/usualRanges';
import { LINKS, STRENGTHS } from '../src/knowledge/links';
import { capacitiesOf, limitsOf, type LimitsDeg } from '../src/body/solver/limits';
import { postureReport, type PostureReport } from '../src/body/solver/postureReport';
import { problemOf, type PostureProblem } from '../src/body/solver/problem';
import { settle } from '../src/body/solver/settle';
import { stanceOf } from '../src/body/solver/stance';
import { normal, seeded, within } from '../src/foundation/numeric/random';

/**
 * Which faults follow from which cause by the posture model alone: usual bodies squat to level, or as deep
 * as they get (on the right leg to 30° above it), once without and once with the cause, and what an eye would
 * call a fault is counted. Beside
 * each stands what the table of links says. `npm run bench:causes -- [bodies] [seed]`
 */
const BODIES = Number(process.argv[2] ?? 300);
const SEED = Number(process.argv[3] ?? 2);

interface Client {
  readonly heightM: number;
  readonly massKg: number;
  readonly thigh: number;
  readonly shank: number;
  readonly limits: LimitsDeg;
  readonly hip: number;
  readonly knee: number;
  readonly back: number;
}

function usualClient(random: () => number): Client {
  const heightM = within(random, 1.55, 1.95);
  const side = () => ({
    ankleBendDeg: 40 + 4 * normal(random),
    hipBendDeg: 107 + 5 * normal(random),
    kneeBendDeg: 142 + 5 * normal(random),
  });
  return {
    heightM,
    massKg: within(random, 19, 29) * heightM ** 2,
    thigh: 1 + 0.025 * normal(random),
    shank: 1 + 0.025 * normal(random),
    limits: { left: side(), right: side() },
    ...{ hip: 1, knee: 1, back: 1 },
  };
}

/** What a cause does to a client; on the right where it has a side. */
interface CauseRow {
  readonly cause: string;
  /** Looked for on the right leg alone. */
  readonly onOneLeg?: true;
  readonly makes: (client: Client) => Client;
}

const rightLess =
  (range: 'ankleBendDeg' | 'hipBendDeg' | 'kneeBendDeg', deg: number): CauseRow['makes'] =>
  (client) => ({
    ...client,
    limits: {
      ...client.limits,
      right: { ...client.limits.right, [range]: client.limits.right![range]! - deg },
    },
  });

/** As short as the table of norms has a restricted range, in the middle. */
const CAUSES: readonly CauseRow[] = [
  { cause: 'ankle-joint', makes: rightLess('ankleBendDeg', 12) },
  { cause: 'hip-bend', makes: rightLess('hipBendDeg', 22) },
  { cause: 'knee-bend', makes: rightLess('kneeBendDeg', 28) },
  { cause: 'long-thighs', makes: (client) => ({ ...client, thigh: 1.07, shank: 0.95 }) },
  { cause: 'quad-strength', makes: (client) => ({ ...client, knee: 0.5 }) },
  { cause: 'hip-back-strength', makes: (client) => ({ ...client, hip: 0.5 }) },
  { cause: 'trunk-hold', makes: (client) => ({ ...client, back: 0.4 }) },
  {
    cause: 'hip-side-strength',
    onOneLeg: true,
    makes: (client) => ({ ...client, hip: 0.4 }),
  },
];

const setupOf = (onOneLeg: boolean) =>
  onOneLeg ? ({ ...USUAL_SETUP, oneLeg: 'right' } as const) : USUAL_SETUP;

function problemOfClient(client: Client, onOneLeg: boolean): PostureProblem {
  const { heightM, massKg, thigh, shank, limits, hip, knee, back } = client;
  const body = bodyOf(heightM, massKg, {
    thighM: LENGTH_TO_HEIGHT.thighM * heightM * thigh,
    shankM: LENGTH_TO_HEIGHT.shankM * heightM * shank,
  });
  const capacities = capacitiesOf(massKg, { hip, knee });
  return problemOf(
    body,
    stanceOf('squat', setupOf(onOneLeg), heightM),
    limitsOf(asItLikes(limits, 'squat')),
    { ...capacities, backNm: back * capacities.backNm },
  );
}

interface Squat {
  readonly depthDeg: number;
  readonly bottom: PostureReport;
  /** A third of the way up. */
  readonly early: PostureReport;
}

/** How far down a squat goes, thighs above level: on one leg nobody goes lower of his own accord. */
const DEPTH_DEG = { both: 0, one: 30 } as const;

function squatOf(client: Client, onOneLeg: boolean): Squat | null {
  const problem = problemOfClient(client, onOneLeg);
  const reach = askDeepest({
    pattern: 'squat',
    body: problem.body,
    setup: setupOf(onOneLeg),
    limits: asItLikes(client.limits, 'squat'),
  });
  if (reach.status !== 'found') return null;
  const depthDeg = Math.max(DEPTH_DEG[onOneLeg ? 'one' : 'both'], reach.depthDeg + 0.5);
  const [bottom, early] = [depthDeg, depthDeg + 20].map((deg) =>
    settle(problem, { thighRad: radOfDeg(deg) }),
  );
  if (bottom.status !== 'settled' || early.status !== 'settled') return null;
  return {
    depthDeg,
    bottom: postureReport(problem, bottom.state),
    early: postureReport(problem, early.state),
  };
}

type Place = 'same' | 'other' | 'any';

/** From where on an eye calls it a fault. Ours; a low back that may round to 30° bends by 15° in most at level. */
function faultsOf(squat: Squat, onOneLeg: boolean): [FaultId, Place, boolean][] {
  const { depthDeg, bottom, early } = squat;
  if (onOneLeg)
    return [
      ['knee-in', 'same', bottom.kneeOutMm.right < -45],
      ['trunk-side-bends', 'same', -bottom.trunkSideLeanDeg > 5],
      ['pelvis-drops', 'same', -bottom.pelvisTiltDeg > 3],
      ['trunk-folds', 'any', bottom.trunkLeanDeg > 44],
    ];
  const sided = SIDES.flatMap((side: Side): [FaultId, Place, boolean][] => {
    const place = side === 'right' ? 'same' : 'other';
    const way = side === 'left' ? 1 : -1;
    return [
      ['hips-slide', place, way * bottom.pelvisShiftMm > 18],
      ['pelvis-turns', place, way * bottom.pelvisTurnDeg > 5],
      ['trunk-side-bends', place, way * bottom.trunkSideLeanDeg > 5],
      ['shin-stays-upright', place, bottom.shinLeanDeg[side] < 26],
      ['knee-in', place, bottom.kneeOutMm[side] < -25],
    ];
  });
  return [
    ...sided,
    ['depth-short', 'any', depthDeg > 8],
    ['trunk-folds', 'any', bottom.trunkLeanDeg > 44],
    ['pelvis-tucks', 'any', bottom.lumbarBendDeg > 22],
    ['hips-rise-first', 'any', early.trunkLeanDeg - bottom.trunkLeanDeg > 7],
  ];
}

function shares(makes: CauseRow['makes'], onOneLeg = false): Map<string, number> {
  const random = seeded(SEED);
  const counts = new Map<string, number>();
  let all = 0;
  for (let i = 0; i < BODIES; i++) {
    const squat = squatOf(makes(usualClient(random)), onOneLeg);
    if (!squat) continue;
    all += 1;
    for (const [fault, place, there] of faultsOf(squat, onOneLeg)) {
      const key = `${fault} ${place}`;
      counts.set(key, (counts.get(key) ?? 0) + (there ? 1 : 0));
    }
  }
  return new Map([...counts].map(([key, count]) => [key, count / all]));
}

/** What the table of links says: a fault on either side, where it says so. */
function linked(cause: string, key: string): string {
  const [fault, place] = key.split(' ');
  const row = LINKS.find(
    (one) =>
      one.cause === cause &&
      one.finding === `fault:${fault}` &&
      (one.side === 'any' || place === 'any' || one.side === place),
  );
  return row ? `${row.strength} ${STRENGTHS[row.strength]}` : '–';
}

const percent = (share: number): string => `${Math.round(100 * share)} %`;

const without = [false, true].map((onOneLeg) => shares((client) => client, onOneLeg));
console.log(`${BODIES} usual bodies, the cause on the right; seed ${SEED}`);
for (const { cause, makes, onOneLeg = false } of CAUSES) {
  console.log(onOneLeg ? `${cause}, on one leg` : cause);
  const withIt = shares(makes, onOneLeg);
  for (const [key, share] of withIt) {
    const usual = without[onOneLeg ? 1 : 0].get(key) ?? 0;
    // As of a noisy-OR: how often it brings about what was not there anyway.
    const brings = (share - usual) / (1 - usual);
    const says = linked(cause, key);
    if (says === '–' && Math.abs(brings) < 0.05) continue;
    console.log(
      `  ${key}: ${percent(usual)} without, ${percent(share)} with it: ${brings.toFixed(2)}; table: ${says}`,
    );
  }
}
