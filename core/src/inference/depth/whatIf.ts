import { isStaggered } from '../../body/stance/patterns';
import { degOfRad, radOfDeg } from '../../foundation/numeric/angle';
import { SIDES, type Side } from '../../foundation/sides/side';
import { askDeepest, type PostureQuestion } from '../../body/solver/ask';
import { depthCm } from '../../body/solver/depthCm';
import { errorsOf, rangeErrors } from './rangeErrors';
import { RANGE_SPREADS, RANGES_OF_PATTERN, type UsualRange } from './usualRanges';
import { measuredSem, type MeasuredLimits } from './measuredSem';

/** What one joint's usual range would buy, everything else staying as it is. */
export interface WhatIf {
  readonly side: Side;
  readonly limit: UsualRange;
  readonly fromDeg: number;
  readonly toDeg: number;
  /** Gain of depth: degrees in the pattern's own measure, and centimetres as of `depthCm`. */
  readonly gainsDeg: number;
  readonly gainsCm: number;
  /** Half-width of its 95 % interval, from the measuring error of this range. */
  readonly errorCm: number;
}

/** In the pattern's own measure, radians. */
function depthOf(question: PostureQuestion): number | null {
  const answer = askDeepest(question);
  return answer.status === 'found' ? radOfDeg(answer.depthDeg) : null;
}

/** One range brought to usual; null when it is not short of it or nobody can stand so. */
function gainOf(
  question: PostureQuestion,
  now: number,
  side: Side,
  limit: UsualRange,
): WhatIf | null {
  const { body, limits, pattern } = question;
  const fromDeg = limits[side]?.[limit];
  const { usual: toDeg } = RANGE_SPREADS[limit];
  if (fromDeg === undefined || fromDeg >= toDeg) return null;
  const next = { ...limits, [side]: { ...limits[side], [limit]: toDeg } };
  const then = depthOf({ ...question, limits: next });
  if (then === null) return null;
  const height = depthCm(pattern, body);
  const sdDeg = measuredSem(limits, side, limit);
  const [errorCm] = errorsOf(limits, [{ side, limit, sdDeg }], (off) => [
    height(depthOf({ ...question, limits: off }) ?? now),
  ]);
  const gainsDeg = degOfRad(now - then);
  return { side, limit, fromDeg, toDeg, gainsDeg, gainsCm: height(now) - height(then), errorCm };
}

/** A leg in the air stops nothing that it does not hold up: of it only what buys something is told. */
function isAsked({ pattern, setup: { oneLeg } }: PostureQuestion, { side, gainsCm }: WhatIf) {
  const hangs = oneLeg !== undefined && !isStaggered(pattern) && side !== oneLeg;
  return !hangs || gainsCm > TELLING_CM;
}
const TELLING_CM = 0.05;

/** For each range that is short of usual, what it would buy alone; most first. */
export function whatIf(question: PostureQuestion): WhatIf[] {
  const now = depthOf(question);
  if (now === null) return [];
  return SIDES.flatMap((side) =>
    RANGES_OF_PATTERN[question.pattern].flatMap(
      (limit) => gainOf(question, now, side, limit) ?? [],
    ),
  )
    .filter((one) => isAsked(question, one))
    .sort((a, b) => b.gainsCm - a.gainsCm);
}

/**
 * How far off the deepest posture may be for what is not known exactly of the ranges.
 *
 * @param measured the ranges that were measured; all others of the pattern count as usual
 * @returns half-width of the 95 % interval, in degrees of the pattern's own measure
 */
export function reachErrorDeg(question: PostureQuestion, measured: MeasuredLimits): number {
  const errors = rangeErrors(question.pattern, measured);
  const now = depthOf(question) ?? 0;
  const [error] = errorsOf(question.limits, errors, (limits) => [
    depthOf({ ...question, limits }) ?? now,
  ]);
  return degOfRad(error);
}
