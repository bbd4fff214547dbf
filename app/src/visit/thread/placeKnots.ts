import type { Board, Column, Knot } from '@taxikine/core/reading/visit/threads';

export const COLUMNS: readonly Column[] = ['look', 'trace', 'work', 'again'];
/** Room between two columns, for the strands. */
export const GAP = 92;
/** Height of a knot, and where in it the strands tie on. */
export const ROW = 122;
const HEAD = 26;

export interface Placed {
  readonly knot: Knot;
  readonly left: { x: number; y: number };
  readonly right: { x: number; y: number };
}

/** Knots in their columns, spread over the same height. */
export function placeKnots(
  board: Board,
  width: number,
): { placed: Map<string, Placed>; height: number; columnWidth: number } {
  const columnWidth = (width - GAP * (COLUMNS.length - 1)) / COLUMNS.length;
  const rows = Math.max(
    1,
    ...COLUMNS.map((column) => board.knots.filter((knot) => knot.column === column).length),
  );
  const height = rows * ROW;
  const placed = new Map<string, Placed>();
  COLUMNS.forEach((column, c) => {
    const knots = board.knots.filter((knot) => knot.column === column);
    knots.forEach((knot, i) => {
      const y = i * ROW + HEAD;
      const x = c * (columnWidth + GAP);
      placed.set(knot.key, { knot, left: { x: x - 12, y }, right: { x: x + columnWidth + 6, y } });
    });
  });
  return { placed, height, columnWidth };
}
