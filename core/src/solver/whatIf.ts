import { meanLength, bodyOf } from '../body/body';
import { radOfDeg } from '../numeric/angle';
import { SIDES, type Side } from '../sides/side';
import { askDeepest, type PostureQuestion } from './ask';
import { USUAL_RANGES } from './attribute';

/** What one joint's usual range would buy, everything else staying as it is. */
export interface WhatIf {
  readonly side: Side;
  readonly limit: keyof typeof USUAL_RANGES;
  readonly fromDeg: number;
  readonly toDeg: number;
  /** Gain of depth: degrees of thigh, and centimetres of hips over knees. */
  readonly gainsDeg: number;
  readonly gainsCm: number;
}

const depthOf = (question: PostureQuestion): number | null => {
  const answer = askDeepest(question);
  if (answer.status !== 'found') return null;
  const { left, right } = answer.posture.thighDeg;
  return (left + right) / 2;
};

/** For each range that is short of usual, what it would buy alone; most first. */
export function whatIf(question: PostureQuestion): WhatIf[] {
  const now = depthOf(question);
  if (now === null) return [];
  const { body, limits } = question;
  const thighCm = 100 * meanLength(bodyOf(body.heightM, body.massKg), 'thighM');
  const height = (deg: number) => thighCm * Math.sin(radOfDeg(deg));
  const found = SIDES.flatMap((side) =>
    (Object.keys(USUAL_RANGES) as (keyof typeof USUAL_RANGES)[]).flatMap((limit) => {
      const fromDeg = limits[side]?.[limit];
      const toDeg = USUAL_RANGES[limit];
      if (fromDeg === undefined || fromDeg >= toDeg) return [];
      const next = { ...limits, [side]: { ...limits[side], [limit]: toDeg } };
      const then = depthOf({ ...question, limits: next });
      if (then === null) return [];
      const gainsDeg = now - then;
      return [{ side, limit, fromDeg, toDeg, gainsDeg, gainsCm: height(now) - height(then) }];
    }),
  );
  return found.sort((a, b) => b.gainsCm - a.gainsCm);
}
