import type { DrawnFigure } from '@taxikine/core';
import { INK, type Sheet } from './Sheet';

/** Where a figure stands on a page: the middle of its floor, and points for a millimetre of the drawing. */
export interface Stand {
  readonly x: number;
  readonly y: number;
  readonly scale: number;
}

/** A figure in ink, or as the shadow of what it was before. */
export function drawFigureOn(
  { doc }: Sheet,
  figure: DrawnFigure,
  stand: Stand,
  ghost = false,
): void {
  doc.save().translate(stand.x, stand.y).scale(stand.scale);
  for (const { path } of figure.parts) {
    if (ghost) doc.path(path).fillOpacity(0.3).fill(INK.accent);
    else
      doc.path(path).fillOpacity(1).lineWidth(6).lineJoin('round').fillAndStroke(INK.skin, INK.ink);
  }
  if (!ghost)
    for (const path of figure.faceLines) doc.path(path).lineWidth(4).strokeColor(INK.ink).stroke();
  doc.fillOpacity(1).restore();
}
