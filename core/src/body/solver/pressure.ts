import { dot, type Vec2, type Vec3 } from '../../foundation/numeric/vector';
import type { Side } from '../../foundation/sides/side';
import { MIDDLE_AHEAD, type Foot } from './feet';

/** How a balanced body presses on its feet. */
export interface Pressure {
  /** Ahead of the ankles, as a share of a foot's length; the same on both feet. */
  readonly ahead: number;
  readonly shareLeft: number;
  /**
   * In metres to the client's left: of a step, whose feet are pressed at their middles, off the line between
   * those; of a foot that stands alone, off its own.
   */
  readonly asideM: number;
  /** On each foot, on its floor. */
  readonly at: Readonly<Record<Side, Vec3>>;
}

type Feet = Readonly<Record<Side, Foot>>;

const crossed = (a: Vec2, b: Vec2): number => a[0] * b[1] - a[1] * b[0];
const from = (a: Vec3, b: Vec3): Vec2 => [a[0] - b[0], a[1] - b[1]];

const isStep = ({ left, right }: Feet): boolean => left.rises || right.rises;

/** Where a foot is pressed at a share of its length ahead of the ankle. */
export const pressedAt = ({ pressureFrom, pressureBy }: Foot, ahead: number): Vec3 => [
  pressureFrom[0] + ahead * pressureBy[0],
  pressureFrom[1] + ahead * pressureBy[1],
  pressureFrom[2],
];

/**
 * The one share of their length at which both feet press, so that the point of pressure lies on the line
 * between them: a quadratic, whose root is taken that goes over into the linear one for parallel feet.
 */
function aheadOf({ left, right }: Feet, point: Vec2): number {
  const toPoint: Vec2 = [point[0] - right.pressureFrom[0], point[1] - right.pressureFrom[1]];
  const across = from(left.pressureFrom, right.pressureFrom);
  const spread = from(left.pressureBy, right.pressureBy);
  const along: Vec2 = [right.pressureBy[0], right.pressureBy[1]];
  const a = -crossed(along, spread);
  const b = crossed(toPoint, spread) - crossed(along, across);
  const c = crossed(toPoint, across);
  const root = Math.sqrt(Math.max(0, b * b - 4 * a * c));
  return (-2 * c) / (b + (b < 0 ? -root : root));
}

/** The side whose foot alone is pressed; null where both are. */
const aloneOf = ({ left, right }: Feet): Side | null =>
  left.alone ? 'left' : right.alone ? 'right' : null;

/** A foot that stands alone is pressed where the ground's push passes. */
function onOneFoot(feet: Feet, side: Side, [x, y]: Vec2): Pressure {
  const { pressureFrom, pressureBy, pressureAside, footM } = feet[side];
  const point: Vec3 = [x - pressureFrom[0], y - pressureFrom[1], 0];
  const place: Vec3 = [x, y, pressureFrom[2]];
  return {
    ahead: dot(point, pressureBy) / (footM * footM),
    asideM: dot(point, pressureAside),
    shareLeft: side === 'left' ? 1 : 0,
    at: { left: place, right: place },
  };
}

/** How the feet are pressed when the ground's push passes through a point. */
export function pressureOf(feet: Feet, point: Vec2): Pressure {
  const alone = aloneOf(feet);
  if (alone) return onOneFoot(feet, alone, point);
  const ahead = isStep(feet) ? MIDDLE_AHEAD : aheadOf(feet, point);
  const at = { left: pressedAt(feet.left, ahead), right: pressedAt(feet.right, ahead) };
  const across = from(at.left, at.right);
  const toPoint: Vec2 = [point[0] - at.right[0], point[1] - at.right[1]];
  const squared = across[0] * across[0] + across[1] * across[1];
  return {
    ahead,
    at,
    shareLeft: (toPoint[0] * across[0] + toPoint[1] * across[1]) / squared,
    asideM: isStep(feet) ? crossed(toPoint, across) / Math.sqrt(squared) : 0,
  };
}

/** How the share ahead, the share on the left and what is off the line follow the point: by x, by y. */
export interface PressureSlopes {
  readonly ahead: Vec2;
  readonly shareLeft: Vec2;
  readonly aside: Vec2;
}

const NOT: Vec2 = [0, 0];

function slopesOnOneFoot({ pressureBy, pressureAside, footM }: Foot): PressureSlopes {
  const squared = footM * footM;
  return {
    ahead: [pressureBy[0] / squared, pressureBy[1] / squared],
    aside: [pressureAside[0], pressureAside[1]],
    shareLeft: NOT,
  };
}

/** Derivatives of `pressureOf`. */
export function pressureSlopes(feet: Feet, { at, shareLeft }: Pressure): PressureSlopes {
  const alone = aloneOf(feet);
  if (alone) return slopesOnOneFoot(feet[alone]);
  const { left, right } = feet;
  const across = from(at.left, at.right);
  const spread = from(left.pressureBy, right.pressureBy);
  const along: Vec2 = [right.pressureBy[0], right.pressureBy[1]];
  const squared = across[0] * across[0] + across[1] * across[1];
  if (isStep(feet)) {
    const lengthM = Math.sqrt(squared);
    return {
      ahead: NOT,
      shareLeft: [across[0] / squared, across[1] / squared],
      aside: [across[1] / lengthM, -across[0] / lengthM],
    };
  }
  const toPoint: Vec2 = [shareLeft * across[0], shareLeft * across[1]];
  const steep = crossed(toPoint, spread) - crossed(along, across);
  const ahead: Vec2 = [-across[1] / steep, across[0] / steep];
  const level = (a: Vec2, b: Vec2) => a[0] * b[0] + a[1] * b[1];
  const byAhead =
    (level(toPoint, spread) - level(along, across) - 2 * shareLeft * level(across, spread)) /
    squared;
  return {
    ahead,
    aside: NOT,
    shareLeft: [across[0] / squared + byAhead * ahead[0], across[1] / squared + byAhead * ahead[1]],
  };
}
