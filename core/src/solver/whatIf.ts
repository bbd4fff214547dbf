import { degOfRad, radOfDeg } from '../numeric/angle';
import { SIDES, type Side } from '../sides/side';
import { askDeepest, type PostureQuestion } from './ask';
import { depthCm } from './depthCm';
import { RANGES_OF_PATTERN, USUAL_RANGES, type UsualRange } from './usualRanges';

/** What one joint's usual range would buy, everything else staying as it is. */
export interface WhatIf {
  readonly side: Side;
  readonly limit: UsualRange;
  readonly fromDeg: number;
  readonly toDeg: number;
  /** Gain of depth: degrees in the pattern's own measure, and centimetres as of `depthCm`. */
  readonly gainsDeg: number;
  readonly gainsCm: number;
}

/** In the pattern's own measure, radians. */
function depthOf(question: PostureQuestion): number | null {
  const answer = askDeepest(question);
  return answer.status === 'found' ? radOfDeg(answer.depthDeg) : null;
}

/** For each range that is short of usual, what it would buy alone; most first. */
export function whatIf(question: PostureQuestion): WhatIf[] {
  const now = depthOf(question);
  if (now === null) return [];
  const { body, limits, pattern } = question;
  const height = depthCm(pattern, body);
  const found = SIDES.flatMap((side) =>
    RANGES_OF_PATTERN[pattern].flatMap((limit) => {
      const fromDeg = limits[side]?.[limit];
      const toDeg = USUAL_RANGES[limit];
      if (fromDeg === undefined || fromDeg >= toDeg) return [];
      const next = { ...limits, [side]: { ...limits[side], [limit]: toDeg } };
      const then = depthOf({ ...question, limits: next });
      if (then === null) return [];
      const gainsDeg = degOfRad(now - then);
      return [{ side, limit, fromDeg, toDeg, gainsDeg, gainsCm: height(now) - height(then) }];
    }),
  );
  return found.sort((a, b) => b.gainsCm - a.gainsCm);
}
