import type { Vec2 } from '../../foundation/numeric/vector';
import { SIDES, type Side } from '../../foundation/sides/side';
import { MIDDLE_AHEAD, PRESSURE_AHEAD, type Foot } from './feet';
import { pressedAt } from './pressure';

type Feet = Readonly<Record<Side, Foot>>;

/** Least share of the weight on a foot. One behind the other, most of it is in front; ours. */
const LEAST_SHARE = 0.25;
const LEAST_FRONT = 0.45;
const LEAST_REAR = 0.1;

/** As far to the side as a foot is pressed without tipping over its edge, in metres. Ours. */
export const MOST_ASIDE = 0.025;

const isStep = (feet: Feet): boolean => SIDES.some((side) => feet[side].rises);

/** Least share of the weight on one of two feet. */
export const leastShare = (feet: Feet, side: Side): number =>
  !isStep(feet) ? LEAST_SHARE : feet[side].rises ? LEAST_REAR : LEAST_FRONT;

const along = ([ax, ay]: Vec2, [bx, by]: Vec2, shareA: number): Vec2 => [
  shareA * ax + (1 - shareA) * bx,
  shareA * ay + (1 - shareA) * by,
];

/** Both feet's places at one share of their length, moved to the left of the way from right to left by so much. */
function line(feet: Feet, ahead: number, asideM: number): readonly [left: Vec2, right: Vec2] {
  const [left, right] = [pressedAt(feet.left, ahead), pressedAt(feet.right, ahead)];
  const [dx, dy] = [left[0] - right[0], left[1] - right[1]];
  const k = asideM / Math.hypot(dx, dy);
  const moved = (at: readonly number[]): Vec2 => [at[0] - k * dy, at[1] + k * dx];
  return [moved(left), moved(right)];
}

/** The same under a foot that stands alone. */
function roomOfOne(foot: Foot): readonly Vec2[] {
  const [ax, ay] = foot.pressureAside;
  const corner = (ahead: number, asideM: number): Vec2 => {
    const [x, y] = pressedAt(foot, ahead);
    return [x + asideM * ax, y + asideM * ay];
  };
  const { least, most } = PRESSURE_AHEAD;
  return [
    corner(least, MOST_ASIDE),
    corner(least, -MOST_ASIDE),
    corner(most, -MOST_ASIDE),
    corner(most, MOST_ASIDE),
  ];
}

/**
 * Where the ground can push while a body stands: a field of four corners, metres forward and to the
 * client's left, in their order round it.
 */
export function pressureRoom(feet: Feet): readonly Vec2[] {
  const alone = SIDES.find((side) => feet[side].alone);
  if (alone) return roomOfOne(feet[alone]);
  const step = isStep(feet);
  const edges = step
    ? [line(feet, MIDDLE_AHEAD, -MOST_ASIDE), line(feet, MIDDLE_AHEAD, MOST_ASIDE)]
    : [line(feet, PRESSURE_AHEAD.least, 0), line(feet, PRESSURE_AHEAD.most, 0)];
  const shares = [leastShare(feet, 'left'), 1 - leastShare(feet, 'right')];
  const [back, front] = edges.map(([left, right]) =>
    shares.map((share) => along(left, right, share)),
  );
  return [...back, ...front.toReversed()];
}
