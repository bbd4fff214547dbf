import {
  askDeepest,
  askSettle,
  type PostureAnswer,
  type PostureQuestion,
} from '../../body/solver/ask';
import type { AttributionInput } from './attribute';
import { asItLikes } from './usualRanges';

type Found = Extract<PostureAnswer, { status: 'found' }>;

/** How deep it is told: as was seen, as deep as the ranges go, or as people usually go on one leg. */
export type StandsAt = 'seen' | 'lowest' | 'usual';

/** How a body with these ranges likely stands, and where. */
export interface LikelyStand {
  readonly question: PostureQuestion;
  readonly answer: Found;
  readonly at: StandsAt;
}

/** A step above the lowest, where a posture is still free to be the likely one; degrees. */
const ABOVE_LOWEST = 0.5;

/** Nobody squats lower on one leg of their own accord, whatever the ranges let them; thigh above level. Ours. */
const USUAL_ON_ONE_LEG_DEG = 30;

function depthFor(
  { pattern, setup: { oneLeg }, seenDeg }: AttributionInput,
  lowestDeg: number,
): readonly [at: StandsAt, thighDeg: number] {
  const leastDeg = lowestDeg + ABOVE_LOWEST;
  if (seenDeg !== null) return seenDeg > leastDeg ? ['seen', seenDeg] : ['lowest', leastDeg];
  const isHigher = pattern === 'squat' && oneLeg !== undefined && leastDeg < USUAL_ON_ONE_LEG_DEG;
  return isHigher ? ['usual', USUAL_ON_ONE_LEG_DEG] : ['lowest', leastDeg];
}

/**
 * How a body with the measured ranges likely stands as deep as was seen, or as deep as they let it where
 * nobody read a number or it went deeper than they do; on one leg, where nobody read one, as deep as people
 * usually go. Its low back rounds as usual ones do.
 *
 * @returns null where it cannot stand in this stance at all
 */
export function likelyStand({ seenDeg, ...input }: AttributionInput): LikelyStand | null {
  const question: PostureQuestion = { ...input, limits: asItLikes(input.limits, input.pattern) };
  const lowest = askDeepest(question);
  if (lowest.status !== 'found') return null;
  const [at, thighDeg] = depthFor({ ...input, seenDeg }, lowest.depthDeg);
  const settled = askSettle(question, { thighDeg });
  return { question, at, answer: settled.status === 'found' ? settled : lowest };
}
