import { SIDES, otherSide, type Side } from '../../foundation/sides/side';
import type { Equality } from './descend';
import type { PostureProblem } from './problem';
import type { PostureSlopes } from './slopes';
import type { PostureState } from './state';
import { LEAN, mix, zeroRow, type Row } from './variables';

/**
 * What "deep" means in a pattern; less is deeper. Squat: the mean of both thigh angles. Lunge and
 * split: the front thigh; on one leg that one's. Hinge: the trunk's lean, with its sign turned round.
 */
export interface DepthMeasure {
  readonly value: (state: PostureState) => number;
  readonly row: (state: PostureState, slopes: PostureSlopes) => Row;
}

const thighsOf = (sides: readonly Side[]): DepthMeasure => ({
  value: ({ legs }) => sides.reduce((sum, side) => sum + legs[side].thighRad / sides.length, 0),
  row: (_, { legs }) =>
    sides.length === 1
      ? legs[sides[0]].thigh
      : mix(0.5, legs[sides[0]].thigh, 0.5, legs[sides[1]].thigh),
});

const leanRow = (): Row => {
  const row = zeroRow();
  row[LEAN] = -1;
  return row;
};

const lean: DepthMeasure = { value: ({ q }) => -q[LEAN], row: leanRow };

/** Depth as thigh angle, for any pattern. */
export const thighDepth = ({ stance: { rear, oneLeg } }: PostureProblem): DepthMeasure =>
  thighsOf(rear ? [otherSide(rear)] : oneLeg ? [oneLeg] : SIDES);

/** Depth as the pattern itself has it. */
export const patternDepth = (problem: PostureProblem): DepthMeasure =>
  problem.stance.pattern === 'hinge' ? lean : thighDepth(problem);

/** The posture has exactly this depth. */
export const atDepth = (measure: DepthMeasure, depth: number): Equality => ({
  value: (state) => measure.value(state) - depth,
  row: measure.row,
});
