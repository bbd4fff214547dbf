import { radOfDeg } from '../../foundation/numeric/angle';
import type { PictureLine } from '../../records/pictures/marks';

/** How a phone is held: W3C Device Orientation, intrinsic Z-X'-Y'' in degrees. */
export interface PhoneHeld {
  readonly betaDeg: number;
  readonly gammaDeg: number;
  /** How far the screen is turned against the phone: 0 upright, 90 on its left side. */
  readonly screenDeg: number;
}

/** With less of gravity in the plane of the picture than this, a phone points at the floor or the ceiling. */
const LEAST = 0.3;
/** Half of the line that is drawn, as a share of the picture's height. */
const HALF = 0.3;

/**
 * The upright on a picture, from how the phone was held when it was taken: the world's up as the phone
 * sees it, (−cos β sin γ, sin β) right and up on its screen.
 *
 * @returns null where the phone was held so flat that its picture has no upright
 */
export function plumbFromPhone(
  { betaDeg, gammaDeg, screenDeg }: PhoneHeld,
  [width, height]: readonly [width: number, height: number],
): PictureLine | null {
  const [beta, gamma, turn] = [betaDeg, gammaDeg, screenDeg].map(radOfDeg);
  const [x, y] = [-Math.cos(beta) * Math.sin(gamma), Math.sin(beta)];
  const size = Math.hypot(x, y);
  if (size < LEAST) return null;
  const right = (Math.cos(turn) * x - Math.sin(turn) * y) / size;
  const up = (Math.sin(turn) * x + Math.cos(turn) * y) / size;
  const half = HALF * height;
  const [cx, cy] = [width / 2, height / 2];
  return {
    from: [cx - half * right, cy + half * up],
    to: [cx + half * right, cy - half * up],
  };
}
