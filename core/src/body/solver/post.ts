import { meanLength, type Body } from '../segments/body';

/** Where a post stands and is held, as shares of height: ahead of the ankles, and above the floor. Ours. */
const AHEAD_TO_HEIGHT = 0.3;
const HELD_TO_HEIGHT = 0.58;

/** As hard as a hand pulls or pushes, as a share of body weight. */
export const MOST_PULL = 0.25;

/** A post to hold, in metres. */
export interface Post {
  readonly aheadM: number;
  readonly heldM: number;
  /** Shoulder to hand, at most. */
  readonly reachM: number;
}

/** The post of a stance with a hand on one. */
export const postOf = (body: Body): Post => ({
  aheadM: AHEAD_TO_HEIGHT * body.heightM,
  heldM: HELD_TO_HEIGHT * body.heightM,
  reachM: meanLength(body, 'upperArmM') + meanLength(body, 'forearmM'),
});
