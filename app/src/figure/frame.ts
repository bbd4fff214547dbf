import type { View } from '@taxikine/core';

/** The part of the drawing plane that is shown, in millimetres. */
export interface Frame {
  readonly left: number;
  readonly top: number;
  readonly width: number;
  readonly height: number;
}

/** Room for the figure in one view; from the side, arms reach ahead. */
export function frameFor(view: View, heightM: number, standing: boolean): Frame {
  const tall = heightM * (standing ? 1030 : 840);
  const [left, right] = view === 'side' ? [-0.36, 0.6] : [-0.34, 0.34];
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
