import type { MaybeSide } from '../../foundation/sides/side';
import type { Condition, LimitId } from './condition';
import type { PostureState } from './state';

/** A limit that holds a posture where it is. */
export interface Binding {
  readonly side: MaybeSide;
  readonly limit: LimitId;
}

/** Nearer to its limit than this (radians, metres or a share) a posture has nothing left. */
const BOUND = 1e-6;

/** The limits at which a posture has nothing left. */
export const bindingAt = (conditions: readonly Condition[], state: PostureState): Binding[] =>
  conditions
    .filter(({ slack }) => slack(state) < BOUND)
    .map(({ side, limit }) => ({ side, limit }));
