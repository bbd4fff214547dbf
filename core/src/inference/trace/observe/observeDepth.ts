import { degOfRad } from '../../../foundation/numeric/angle';
import { isStaggered } from '../../../body/stance/patterns';
import { clamp } from '../../../foundation/numeric/safety';
import { normalDensity } from '../../../foundation/numeric/normal';
import { deepestSquare } from '../../../body/solver/deepest';
import { problemFrom } from '../../../body/solver/ask';
import { orUsual } from '../../depth/usualRanges';
import type { CaseFile } from '../../../records/case/caseFile';
import type { Observation } from '../connect';
import { maybeDepthQuestion } from '../depthShares';
import { hasRangesForDepth } from '../measuredLimits';

/**
 * Seen depth less reachable depth, in degrees of thigh: when range is the whole story, about none,
 * spread by the errors of four ranges and one reading (each degree of ankle is worth 1.5° of thigh);
 * when it is not, about 18°. Ours.
 */
const EXPLAINED = { mean: 0, sd: 6 } as const;
const NOT_EXPLAINED = { mean: 18, sd: 9 } as const;
/** The model is one witness among several. */
const MOST = 12;

function ratioOf(gapDeg: number): number {
  const gap = clamp(gapDeg, -6, 36);
  const of = ({ mean, sd }: { mean: number; sd: number }) => normalDensity(gap, mean, sd);
  return clamp(of(NOT_EXPLAINED) / of(EXPLAINED), 1 / MOST, MOST);
}

/**
 * Whether the measured ranges explain how shallow the pattern was: what they leave is control. Not on one leg:
 * nobody goes there as deep as the ranges let him, and what holds him is strength first.
 */
export function observeDepth(file: CaseFile): Observation[] {
  const question = maybeDepthQuestion(file);
  if (!question || question.seenDeg === null || question.setup.oneLeg) return [];
  const front = isStaggered(question.pattern) ? (question.setup.front ?? 'left') : null;
  if (!hasRangesForDepth(question.limits, front)) return [];
  // Nobody is held to a twist: a body that stops where it would have to slide or turn is as deep as it can.
  const squareRad = deepestSquare(
    problemFrom({ ...question, limits: orUsual(question.limits, question.pattern) }),
  );
  if (squareRad === null) return [];
  const gapDeg = question.seenDeg - degOfRad(squareRad);
  const words =
    gapDeg > 3 ? `ranges allow ${gapDeg.toFixed(0)}° more depth` : 'depth is as the ranges allow';
  return [{ finding: 'posture:not-explained', side: null, ratio: ratioOf(gapDeg), words }];
}
