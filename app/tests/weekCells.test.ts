import type { KeyboardCoordinateGetter } from '@dnd-kit/core';
import { cellId, placeOfCell, stepToCell } from '../src/home-plan/cells';

type Context = Parameters<KeyboardCoordinateGetter>[1]['context'];

/** Two days side by side with two times each, 100 px apart. */
const rects = new Map(
  ['mon 07:30', 'mon 20:00', 'tue 07:30', 'tue 20:00'].map((id, i) => [
    id,
    { left: 100 * Math.floor(i / 2), top: 100 * (i % 2), width: 80, height: 60 },
  ]),
);
const at = (id: string) => rects.get(id)!;

const step = (from: string, code: string) =>
  stepToCell({ code, preventDefault: () => undefined } as unknown as KeyboardEvent, {
    context: { collisionRect: at(from), droppableRects: rects } as unknown as Context,
    currentCoordinates: { x: at(from).left, y: at(from).top },
    active: 'x',
  });

it('a place in the week and back', () => {
  expect(placeOfCell(cellId({ day: 'thu', at: '20:00' }))).toEqual({ day: 'thu', at: '20:00' });
});

it.each([
  ['right', 'mon 07:30', 'ArrowRight', 'tue 07:30'],
  ['left', 'tue 20:00', 'ArrowLeft', 'mon 20:00'],
  ['down', 'mon 07:30', 'ArrowDown', 'mon 20:00'],
  ['up', 'tue 20:00', 'ArrowUp', 'tue 07:30'],
] as const)('an arrow %s leads to the next place that way', (_name, from, code, to) => {
  const { left: x, top: y } = at(to);
  expect(step(from, code)).toEqual({ x, y });
});

it.each([
  ['beyond the edge', 'mon 07:30', 'ArrowLeft'],
  ['another key', 'mon 07:30', 'KeyA'],
])('%s nothing moves', (_name, from, code) => expect(step(from, code)).toBeUndefined());
