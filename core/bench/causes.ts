import {
  askDeepest,
  askSettle,
  bodyOf,
  LENGTH_TO_HEIGHT,
  oneCause,
  SIDES,
  USUAL_SETUP,
  type FaultId,
  type PostureReport,
  type Side,
} from '../src';
import type { PostureQuestion } from '../src/body/solver/ask';
import {
  embody,
  EMBODIED_CAUSES,
  type Person,
  type PresentCause,
} from '../src/inference/person/embody';
import { asItLikes } from '../src/inference/depth/usualRanges';
import type { CauseId } from '../src/knowledge/causes';
import { LINKS, STRENGTHS } from '../src/knowledge/links';
import { normal, seeded, within } from '../src/foundation/numeric/random';

/**
 * Which faults follow from which cause by the posture model alone: usual bodies squat to level, or as deep
 * as they get (on the right leg to 30° above it), once without and once with the cause, and what an eye would
 * call a fault is counted. Beside
 * each stands what the table of links says. `npm run bench:causes -- [bodies] [seed]`
 */
const BODIES = Number(process.argv[2] ?? 300);
const SEED = Number(process.argv[3] ?? 2);

type Usual = Omit<Person, 'shyDeg'>;

function usualClient(random: () => number): Usual {
  const heightM = within(random, 1.55, 1.95);
  const side = () => ({
    ankleBendDeg: 40 + 4 * normal(random),
    hipBendDeg: 107 + 5 * normal(random),
    kneeBendDeg: 142 + 5 * normal(random),
  });
  const massKg = within(random, 19, 29) * heightM ** 2;
  const body = bodyOf(heightM, massKg, {
    thighM: LENGTH_TO_HEIGHT.thighM * heightM * (1 + 0.025 * normal(random)),
    shankM: LENGTH_TO_HEIGHT.shankM * heightM * (1 + 0.025 * normal(random)),
  });
  return { body, limits: { left: side(), right: side() }, strength: {} };
}

/** A cause, on the right where it has a side, or on both; looked for on both legs or on the right one alone. */
interface Trial {
  readonly cause: CauseId;
  readonly where: 'right' | 'both' | 'one leg';
}

const trial =
  (where: Trial['where']) =>
  (cause: CauseId): Trial => ({ cause, where });

/** Few are weak on one side alone, and some muscles are asked for on one leg alone. */
const TRIALS: readonly Trial[] = [
  ...EMBODIED_CAUSES.map(trial('right')),
  ...(['quad-strength', 'hip-back-strength', 'hip-side-strength'] as const).map(trial('both')),
  ...(['hip-side-strength', 'hip-side-control', 'trunk-hold'] as const).map(trial('one leg')),
];

const setupOf = (onOneLeg: boolean) =>
  onOneLeg ? ({ ...USUAL_SETUP, oneLeg: 'right' } as const) : USUAL_SETUP;

const questionOf = ({ body, limits, strength }: Person, onOneLeg: boolean): PostureQuestion => ({
  pattern: 'squat',
  body,
  setup: setupOf(onOneLeg),
  limits: asItLikes(limits, 'squat'),
  strength,
});

interface Squat {
  readonly depthDeg: number;
  readonly bottom: PostureReport;
  /** A third of the way up. */
  readonly early: PostureReport;
}

/** How far down a squat goes, thighs above level: on one leg nobody goes lower of his own accord. */
const DEPTH_DEG = { both: 0, one: 30 } as const;

function squatOf(person: Person, onOneLeg: boolean): Squat | null {
  const question = questionOf(person, onOneLeg);
  const reach = askDeepest(question);
  if (reach.status !== 'found') return null;
  const lowest = Math.max(DEPTH_DEG[onOneLeg ? 'one' : 'both'], reach.depthDeg + 0.5);
  const depthDeg = lowest + person.shyDeg;
  const [bottom, early] = [depthDeg, depthDeg + 20].map((thighDeg) =>
    askSettle(question, { thighDeg }),
  );
  if (bottom.status !== 'found' || early.status !== 'found') return null;
  return { depthDeg, bottom: bottom.posture, early: early.posture };
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

const NOTHING: readonly PresentCause[] = [];

function shares(causes: readonly PresentCause[], onOneLeg: boolean): Map<string, number> {
  const random = seeded(SEED);
  const counts = new Map<string, number>();
  let all = 0;
  for (let i = 0; i < BODIES; i++) {
    const squat = squatOf(embody(usualClient(random), causes), onOneLeg);
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

const without = [false, true].map((onOneLeg) => shares(NOTHING, onOneLeg));
console.log(`${BODIES} usual bodies, the cause on the right; seed ${SEED}`);
for (const { cause, where } of TRIALS) {
  const onOneLeg = where === 'one leg';
  console.log(where === 'right' ? cause : `${cause}, ${onOneLeg ? 'on one leg' : 'both sides'}`);
  const side = oneCause(cause).sided && where !== 'both' ? ({ side: 'right' } as const) : {};
  const withIt = shares([{ cause, ...side }], onOneLeg);
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
