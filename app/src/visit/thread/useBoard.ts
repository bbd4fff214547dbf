import { threadThrough, type Board } from '@taxikine/core/reading/visit/threads';
import { useState } from 'react';
import { placeKnots } from './placeKnots';
import { strandPath } from './strandPath';

/** How strongly what is not tied to the lit knot is drawn. */
const FAINT = 0.14;

/** Which knot is lit, by a finger or for good, and what is tied to it. */
export function useBoard(board: Board, width: number, onRead?: (key: string | null) => void) {
  const [hovered, setHovered] = useState<string | null>(null);
  const [chosen, setChosen] = useState<string | null>(null);
  const lit = hovered ?? chosen;
  const on = lit ? threadThrough(board.strands, lit) : null;
  const { placed, height, columnWidth } = placeKnots(board, width);
  const choose = (key: string) => {
    const next = chosen === key ? null : key;
    setChosen(next);
    onRead?.(next);
  };
  const drawn = board.strands.flatMap((strand) => {
    const [from, to] = [placed.get(strand.from), placed.get(strand.to)];
    if (!from || !to) return [];
    return [{ key: `${strand.from}>${strand.to}`, d: strandPath(from.right, to.left), strand }];
  });
  return {
    placed: [...placed.values()],
    height,
    columnWidth,
    drawn,
    chosen,
    choose,
    hover: setHovered,
    strengthOf: (...keys: string[]) => (on && !keys.every((key) => on.has(key)) ? FAINT : 1),
  };
}

export type BoardState = ReturnType<typeof useBoard>;
