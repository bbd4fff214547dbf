import {
  askDeepest,
  askSettle,
  type PostureAnswer,
  type PostureQuestion,
} from '../../body/solver/ask';
import type { AttributionInput } from './attribute';
import { asItLikes } from './usualRanges';

type Found = Extract<PostureAnswer, { status: 'found' }>;

/** How a body with these ranges likely stands, and where. */
export interface LikelyStand {
  readonly question: PostureQuestion;
  readonly answer: Found;
  /** As deep as was seen; otherwise as deep as the ranges go. */
  readonly asSeen: boolean;
}

/** A step above the lowest, where a posture is still free to be the likely one; degrees. */
const ABOVE_LOWEST = 0.5;

/**
 * How a body with the measured ranges likely stands as deep as was seen, or as deep as they let it where
 * nobody read a number or it went deeper than they do. Its low back rounds as usual ones do.
 *
 * @returns null where it cannot stand in this stance at all
 */
export function likelyStand({ seenDeg, ...input }: AttributionInput): LikelyStand | null {
  const question: PostureQuestion = { ...input, limits: asItLikes(input.limits, input.pattern) };
  const lowest = askDeepest(question);
  if (lowest.status !== 'found') return null;
  const asSeen = seenDeg !== null && seenDeg > lowest.depthDeg + ABOVE_LOWEST;
  const thighDeg = asSeen ? seenDeg : lowest.depthDeg + ABOVE_LOWEST;
  const settled = askSettle(question, { thighDeg });
  return { question, asSeen, answer: settled.status === 'found' ? settled : lowest };
}
