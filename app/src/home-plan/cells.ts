import type { KeyboardCoordinateGetter } from '@dnd-kit/core';
import type { Weekday } from '@taxikine/core/foundation/time/weekdays';
import type { DoseAt } from '@taxikine/core/records/homePlans/homePlan';

/** A place in the week, as drag and drop knows it. */
export const cellId = ({ day, at }: Omit<DoseAt, 'key'>): string => `${day} ${at}`;

export const placeOfCell = (id: string): Omit<DoseAt, 'key'> => {
  const [day, at] = id.split(' ');
  return { day: day as Weekday, at };
};

const STEPS: Readonly<Record<string, readonly [number, number]>> = {
  ArrowRight: [1, 0],
  ArrowLeft: [-1, 0],
  ArrowDown: [0, 1],
  ArrowUp: [0, -1],
};

const middle = ({
  left,
  top,
  width,
  height,
}: DOMRect | { left: number; top: number; width: number; height: number }) =>
  [left + width / 2, top + height / 2] as const;

/** With the arrow keys from one place of the week to the nearest one that way. */
export const stepToCell: KeyboardCoordinateGetter = (event, { context, currentCoordinates }) => {
  const step = STEPS[event.code];
  const dragged = context.collisionRect;
  if (!step || !dragged) return undefined;
  event.preventDefault();
  const [x, y] = middle(dragged);
  const nearest = [...context.droppableRects.values()]
    .map((rect) => {
      const [cx, cy] = middle(rect);
      const along = (cx - x) * step[0] + (cy - y) * step[1];
      const across = Math.abs((cx - x) * step[1]) + Math.abs((cy - y) * step[0]);
      return { cx, cy, along, far: along + 3 * across };
    })
    .filter(({ along }) => along > 8)
    .sort((a, b) => a.far - b.far)[0];
  return (
    nearest && {
      x: currentCoordinates.x + nearest.cx - x,
      y: currentCoordinates.y + nearest.cy - y,
    }
  );
};
