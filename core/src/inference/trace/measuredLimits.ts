import { otherSide, SIDES, type Side } from '../../foundation/sides/side';
import type { LimitsDeg, SideLimitsDeg } from '../../body/solver/limits';
import type { CheckFinding } from '../../records/case/caseFile';
import { rollOf } from '../../knowledge/roll';
import type { MeasuredLimits } from '../depth/measuredSem';
import { bestOf } from './observe/observeChecks';

/** Which check measures which limit of the posture model. */
export const LIMIT_OF_CHECK: Readonly<Record<string, keyof SideLimitsDeg>> = {
  'ankle-bend-knee-bent': 'ankleBendDeg',
  'ankle-bend-knee-straight': 'ankleBendStraightDeg',
  'hip-bend': 'hipBendDeg',
  'hip-turn-in': 'hipTurnInDeg',
  'hip-turn-out': 'hipTurnOutDeg',
  'hip-extend': 'hipExtendDeg',
  'knee-bend': 'kneeBendDeg',
  'straight-leg-raise': 'straightLegRaiseDeg',
};

/** A muscle over two joints cannot allow more than the joint itself; a measure that says so erred. */
const ENDS: readonly (readonly [line: keyof SideLimitsDeg, joint: keyof SideLimitsDeg])[] = [
  ['ankleBendStraightDeg', 'ankleBendDeg'],
  ['straightLegRaiseDeg', 'hipBendDeg'],
];

function withinJoint(limits: SideLimitsDeg): SideLimitsDeg {
  const next: Record<string, number> = { ...limits };
  for (const [line, joint] of ENDS) {
    const [a, b] = [limits[line], limits[joint]];
    if (a !== undefined && b !== undefined) next[line] = Math.min(a, b);
  }
  return next;
}

/** What of a reading is the low back's, in degrees: knee to chest rolls the pelvis with it. */
const rolledWith = ({ check }: CheckFinding): number => rollOf(check)?.[0] ?? 0;

function limitsOn(side: Side, checks: readonly CheckFinding[]): SideLimitsDeg {
  const found = checks.flatMap((check) => {
    const limit = LIMIT_OF_CHECK[check.check];
    const deg = bestOf(check);
    if (!limit || check.side !== side || deg === undefined) return [];
    return [[limit, deg - rolledWith(check)] as const];
  });
  return withinJoint(Object.fromEntries(found));
}

/** What was measured, as limits of the posture model; what was not is left open. */
export function measuredLimits(checks: readonly CheckFinding[]): MeasuredLimits {
  const limits = Object.fromEntries(SIDES.map((side) => [side, limitsOn(side, checks)]));
  const hips = checks.filter((check) => rollOf(check.check) && bestOf(check) !== undefined);
  // Of several the last is what the limit is from.
  const hipHeld = SIDES.filter((on) => hips.findLast(({ side }) => side === on)?.held);
  return hipHeld.length > 0 ? { ...limits, hipHeld } : limits;
}

const has = (limits: LimitsDeg, side: Side, ...names: (keyof SideLimitsDeg)[]): boolean =>
  names.every((name) => limits[side]?.[name] !== undefined);

/**
 * Whether enough was measured to hold a depth against: in a squat both ankles and both hips, in a step
 * the front leg's and how far the rear hip goes back.
 *
 * @param front the front foot of a lunge or split; null with the feet side by side
 */
export const hasRangesForDepth = (limits: LimitsDeg, front: Side | null): boolean =>
  front
    ? has(limits, front, 'ankleBendDeg', 'hipBendDeg') &&
      has(limits, otherSide(front), 'hipExtendDeg')
    : SIDES.every((side) => has(limits, side, 'ankleBendDeg', 'hipBendDeg'));
