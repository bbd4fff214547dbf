import type { PicturePoint } from '@taxikine/core/records/pictures/marks';
import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import { nearestHandle, type Handle } from './handles';
import type { MarkBoardProps } from './MarkBoard';

const NUDGE = 1;
const BIG_NUDGE = 10;

/** Set where it lies. */
const HERE: PicturePoint = [0, 0];

const ARROWS: Readonly<Record<string, PicturePoint>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

/** Which way a key moves a point; null for one that does not. */
const maybeWay = (key: string): PicturePoint | null =>
  key === 'Enter' || key === ' ' ? HERE : (ARROWS[key] ?? null);

/** To a tenth of a pixel, on the picture. */
const onPicture = ([x, y]: PicturePoint, [width, height]: MarkBoardProps['size']): PicturePoint => [
  Math.min(width, Math.max(0, Math.round(x * 10) / 10)),
  Math.min(height, Math.max(0, Math.round(y * 10) / 10)),
];

/** How large the picture is on the screen, what is held of it, and what finger and keys do to its points. */
export function useMarkBoard({ size, handles, boxWidth, boxHeight, onMove }: MarkBoardProps) {
  const box = useRef<HTMLDivElement>(null);
  const [dragged, setDragged] = useState<string | null>(null);
  /** From the finger to the middle of what it holds, so that taking hold moves nothing. */
  const grip = useRef<PicturePoint>([0, 0]);
  const scale = Math.min(boxWidth / size[0], boxHeight / size[1]);
  const underFinger = (event: PointerEvent): PicturePoint => {
    const { left, top } = box.current!.getBoundingClientRect();
    return [(event.clientX - left) / scale, (event.clientY - top) / scale];
  };
  const take = (event: PointerEvent<HTMLDivElement>) => {
    const finger = underFinger(event);
    const handle = nearestHandle(handles, finger, scale);
    if (!handle) return;
    event.currentTarget.setPointerCapture(event.pointerId);
    grip.current = [handle.at[0] - finger[0], handle.at[1] - finger[1]];
    setDragged(handle.id);
  };
  const drag = (event: PointerEvent, done: boolean) => {
    if (!dragged) return;
    if (done) setDragged(null);
    const [x, y] = underFinger(event);
    onMove(dragged, onPicture([x + grip.current[0], y + grip.current[1]], size), done);
  };
  const press = (event: KeyboardEvent, { id, at }: Handle) => {
    const way = maybeWay(event.key);
    if (!way) return;
    event.preventDefault();
    const by = event.shiftKey ? BIG_NUDGE : NUDGE;
    onMove(id, onPicture([at[0] + way[0] * by, at[1] + way[1] * by], size), true);
  };
  return {
    box,
    scale,
    width: size[0] * scale,
    height: size[1] * scale,
    held: handles.find(({ id }) => id === dragged) ?? null,
    take,
    drag,
    press,
    letGo: () => setDragged(null),
  };
}
