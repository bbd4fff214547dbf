import { isStaggered, type Pattern, type View } from '@taxikine/core/body/stance/patterns';
import type { Setup } from '@taxikine/core/body/stance/setup';

/** The part of the drawing plane that is shown, in millimetres. */
export interface Frame {
  readonly left: number;
  readonly top: number;
  readonly width: number;
  readonly height: number;
}

/** Which way a step faces in a look from the side: 1 to the right, -1 to the left; 0 is no step. */
export type Facing = -1 | 0 | 1;

export const facingOf = (pattern: Pattern, { front }: Pick<Setup, 'front'>): Facing =>
  isStaggered(pattern) ? (front === 'right' ? 1 : -1) : 0;

const FACES_RIGHT = [-0.36, 0.6] as const;
const FRONTAL = [-0.34, 0.34] as const;
/** One foot far behind the other. */
const STEP = [-0.5, 0.46] as const;
/** A hinge on one leg: the other reaches as far behind as the trunk ahead. */
const LEG_BEHIND = [-0.72, 0.5] as const;

/** How far the body of a pattern reaches beyond a squat's room. */
export const hasLegBehind = (pattern: Pattern, { oneLeg }: Pick<Setup, 'oneLeg'>): boolean =>
  pattern === 'hinge' && oneLeg !== undefined;

function reachOf(view: View, facing: Facing, legBehind: boolean): readonly [number, number] {
  if (view !== 'side') return FRONTAL;
  if (legBehind) return LEG_BEHIND;
  if (facing === 0) return FACES_RIGHT;
  return facing > 0 ? STEP : [-STEP[1], -STEP[0]];
}

/** Room for the figure in one view; from the side, arms reach ahead. */
export function frameFor(
  view: View,
  heightM: number,
  standing: boolean,
  facing: Facing = 0,
  legBehind = false,
): Frame {
  const tall = heightM * (standing ? 1030 : 840);
  const [left, right] = reachOf(view, facing, legBehind);
  return {
    left: left * heightM * 1000,
    top: -tall,
    width: (right - left) * heightM * 1000,
    height: tall + 70,
  };
}

/** Where a point of the drawing lands in a box of this size, keeping proportions, standing at the bottom. */
export function fitted({ left, top, width, height }: Frame, boxWidth: number, boxHeight: number) {
  const scale = Math.min(boxWidth / width, boxHeight / height);
  const x0 = (boxWidth - width * scale) / 2;
  const y0 = boxHeight - height * scale;
  return {
    scale,
    at: (x: number, y: number) => ({ x: x0 + (x - left) * scale, y: y0 + (y - top) * scale }),
  };
}

/** A line two pixels wide, in millimetres of the drawing, whatever the size of the figure. */
export const inkFor = (frame: Frame, boxWidth: number, boxHeight: number): number =>
  1.9 / fitted(frame, boxWidth, boxHeight).scale;
