import { bodyOf } from '../../body/segments/body';
import type { Pattern } from '../../body/stance/patterns';
import { USUAL_SETUP } from '../../body/stance/setup';
import { degOfRad } from '../../foundation/numeric/angle';
import type { Vec3 } from '../../foundation/numeric/vector';
import { SIDES, signOf, type Side } from '../../foundation/sides/side';
import { askSettle, problemFrom, type PostureQuestion } from '../../body/solver/ask';
import { asItLikes } from '../../inference/depth/usualRanges';
import { LUMBAR_DEG } from '../../body/solver/limits';
import { skeletonOf } from '../../body/skeleton/skeletonOf';
import type { RecordingHead } from '../../records/recordings/recording';

/** A usual height where none is known: leans depend little on it. */
export const USUAL_HEIGHT_M = 1.72;

/** What the posture model is asked about a recorded body with usual ranges. */
function questionOf(
  { heightM = USUAL_HEIGHT_M, massKg, segments, setup }: RecordingHead,
  pattern: Pattern,
) {
  return {
    pattern,
    body: bodyOf(heightM, massKg ?? 22 * heightM * heightM, segments),
    setup: { ...USUAL_SETUP, ...setup },
    limits: asItLikes({}, pattern),
  } satisfies PostureQuestion;
}

/** A thigh angle at which a body stands about upright and its legs still bend. */
const STANDING_DEG = 75;

/** How far a balanced standing body leans from ankles to shoulders, in radians. */
export function standingLeanRad(head: RecordingHead): number {
  const question = questionOf(head, 'squat');
  const answer = askSettle(question, { thighDeg: STANDING_DEG });
  if (answer.status !== 'found') return 0;
  const { legs, arms } = skeletonOf({ problem: problemFrom(question), state: answer.state });
  const { oneLeg } = question.setup;
  const [ankle, shoulder] = [legs[oneLeg ?? 'left'].ankle, arms.left.shoulder];
  return Math.atan2(shoulder[0] - ankle[0], shoulder[2] - ankle[2]);
}

/** How a body of these lengths with usual ranges would stand, and what a camera would see of it. */
export interface ExpectedPosture {
  readonly thighDeg: number;
  /** Of the line from hips to shoulders, which is what a camera sees of a trunk. */
  readonly trunkLeanDeg: number;
  readonly shinLeanDeg: Readonly<Record<Side, number>>;
  /** Lean of the shin inward, from the front. */
  readonly shinInDeg: Readonly<Record<Side, number>>;
  /** Hip joints over ankles. */
  readonly hipHeightM: number;
}

const mean = (values: readonly number[]): number =>
  values.reduce((sum, value) => sum + value, 0) / values.length;

const frontal = (from: Vec3, to: Vec3): number => Math.atan2(to[1] - from[1], to[2] - from[2]);

function expectedAt(question: PostureQuestion, thighDeg: number): ExpectedPosture | null {
  const usual = askSettle(question, { thighDeg });
  // Deeper than usual ranges go, nothing is usual: then as if nothing limited it.
  const answer =
    usual.status === 'found'
      ? usual
      : askSettle({ ...question, limits: { lumbarBendDeg: LUMBAR_DEG.round } }, { thighDeg });
  if (answer.status !== 'found') return null;
  const { legs, pelvis, chest } = skeletonOf({
    problem: problemFrom(question),
    state: answer.state,
  });
  const shinIn = (side: Side): number =>
    degOfRad(-signOf(side) * frontal(legs[side].ankle, legs[side].knee));
  const { shinLeanDeg } = answer.posture;
  const { oneLeg } = question.setup;
  const standing = oneLeg ? [oneLeg] : SIDES;
  return {
    thighDeg,
    trunkLeanDeg: degOfRad(Math.atan2(chest[0] - pelvis[0], chest[2] - pelvis[2])),
    shinLeanDeg,
    shinInDeg: { left: shinIn('left'), right: shinIn('right') },
    hipHeightM: pelvis[2] - mean(standing.map((side) => legs[side].ankle[2])),
  };
}

/** A thigh this steep is the end of a rise. */
const RISEN_DEG = 80;

/**
 * How much more such a body leans by itself when its hips have made a share of their rise than at the
 * bottom, in degrees; null where the model has no such posture.
 */
export function expectedEarlyGain(
  head: RecordingHead,
  pattern: Pattern,
  bottom: ExpectedPosture,
  share: number,
): number | null {
  const question = questionOf(head, pattern);
  const risen = expectedAt(question, RISEN_DEG);
  const low = bottom.hipHeightM;
  const early = risen && byHipHeight(question, low + share * (risen.hipHeightM - low));
  return early && early.trunkLeanDeg - bottom.trunkLeanDeg;
}

/** How deep: by the thigh where it was seen from the side, by the hips' height from the front. */
export type SeenDepth = { readonly thighDeg: number } | { readonly hipHeightM: number };

/**
 * How a body of these lengths with usual ranges would stand at a depth; beyond those ranges as if it had
 * none. Null in a hinge, whose lean is the depth itself.
 */
export function expectedPosture(
  head: RecordingHead,
  pattern: Pattern,
  seen: SeenDepth,
): ExpectedPosture | null {
  if (pattern === 'hinge') return null;
  const question = questionOf(head, pattern);
  if ('thighDeg' in seen) return expectedAt(question, Math.min(HIGHEST_DEG, seen.thighDeg));
  return byHipHeight(question, seen.hipHeightM);
}

const HIGHEST_DEG = 85;
const LOWEST_DEG = -35;

/** Halves the range of thigh angles until the hips are as high as was seen. */
function byHipHeight(question: PostureQuestion, heightM: number): ExpectedPosture | null {
  let [low, high] = [LOWEST_DEG, HIGHEST_DEG];
  let found: ExpectedPosture | null = null;
  for (let i = 0; i < 8; i++) {
    const half = (low + high) / 2;
    const at = expectedAt(question, half);
    if (!at) return found;
    found = at;
    if (at.hipHeightM > heightM) high = half;
    else low = half;
  }
  return found;
}
