import type { PicturePoint } from '@taxikine/core/records/pictures/marks';
import { View } from '@tamagui/core';
import { useRef, useState } from 'react';
import Svg, { Path } from 'react-native-svg';
import { usePalette } from '../../ui/usePalette';
import { Magnifier } from './Magnifier';
import { nearestHandle, targetsOf, type Handle } from './handles';

export interface MarkBoardProps {
  readonly url: string;
  readonly label: string;
  /** Pixels of the picture. */
  readonly size: readonly [width: number, height: number];
  readonly handles: readonly Handle[];
  /** Lines over the picture, in its pixels. */
  readonly lines: string;
  readonly boxWidth: number;
  readonly boxHeight: number;
  /** While it is dragged, and once more with `done` when it is let go. */
  readonly onMove: (id: string, at: PicturePoint, done: boolean) => void;
}

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

/** A picture with points to drag, a magnifier beside the finger, and arrow keys for a pixel at a time. */
export function MarkBoard({
  url,
  label,
  size,
  handles,
  lines,
  boxWidth,
  boxHeight,
  onMove,
}: MarkBoardProps) {
  const palette = usePalette();
  const box = useRef<HTMLDivElement>(null);
  const [dragged, setDragged] = useState<string | null>(null);
  const scale = Math.min(boxWidth / size[0], boxHeight / size[1]);
  const [width, height] = [size[0] * scale, size[1] * scale];
  const clampTo = ([x, y]: PicturePoint): PicturePoint => [
    Math.min(size[0], Math.max(0, Math.round(x * 10) / 10)),
    Math.min(size[1], Math.max(0, Math.round(y * 10) / 10)),
  ];
  /** From the finger to the middle of what it holds, so that taking hold moves nothing. */
  const grip = useRef<PicturePoint>([0, 0]);
  const underFinger = (event: React.PointerEvent): PicturePoint => {
    const { left, top } = box.current!.getBoundingClientRect();
    return [(event.clientX - left) / scale, (event.clientY - top) / scale];
  };
  const pointOf = (event: React.PointerEvent): PicturePoint => {
    const [x, y] = underFinger(event);
    return clampTo([x + grip.current[0], y + grip.current[1]]);
  };
  const onKey = (event: React.KeyboardEvent, { id, at }: Handle) => {
    const sets = event.key === 'Enter' || event.key === ' ';
    const way = sets ? HERE : ARROWS[event.key];
    if (!way) return;
    event.preventDefault();
    const by = event.shiftKey ? BIG_NUDGE : NUDGE;
    onMove(id, clampTo([at[0] + way[0] * by, at[1] + way[1] * by]), true);
  };
  const held = handles.find(({ id }) => id === dragged);
  const targets = targetsOf(handles, scale);
  const onTake = (event: React.PointerEvent<HTMLDivElement>) => {
    const finger = underFinger(event);
    const handle = nearestHandle(handles, finger, scale);
    if (!handle) return;
    event.currentTarget.setPointerCapture(event.pointerId);
    grip.current = [handle.at[0] - finger[0], handle.at[1] - finger[1]];
    setDragged(handle.id);
  };
  const onDrag = (event: React.PointerEvent, done: boolean) => {
    if (!dragged) return;
    if (done) setDragged(null);
    onMove(dragged, pointOf(event), done);
  };
  return (
    <View alignItems="center">
      <div
        ref={box}
        role="group"
        aria-label={label}
        style={{ position: 'relative', width, height, touchAction: 'none', userSelect: 'none' }}
        onPointerDown={onTake}
        onPointerMove={(event) => onDrag(event, false)}
        onPointerUp={(event) => onDrag(event, true)}
        onPointerCancel={() => setDragged(null)}
      >
        <img src={url} alt="" width={width} height={height} draggable={false} />
        <Svg
          width={width}
          height={height}
          viewBox={`0 0 ${size[0]} ${size[1]}`}
          style={{ position: 'absolute', left: 0, top: 0 }}
        >
          <Path
            d={lines}
            stroke={palette.raised}
            strokeWidth={5 / scale}
            fill="none"
            opacity={0.8}
          />
          <Path d={lines} stroke={palette.accent} strokeWidth={2.2 / scale} fill="none" />
        </Svg>
        {handles.map((handle, index) => (
          <button
            key={handle.id}
            type="button"
            aria-label={handle.says}
            title={handle.says}
            onKeyDown={(event) => onKey(event, handle)}
            style={{
              position: 'absolute',
              left: handle.at[0] * scale - targets[index]! / 2,
              top: handle.at[1] * scale - targets[index]! / 2,
              width: targets[index],
              height: targets[index],
              borderRadius: targets[index],
              padding: 0,
              border: 'none',
              background: 'transparent',
              cursor: 'grab',
              touchAction: 'none',
              display: 'grid',
              placeItems: 'center',
            }}
          >
            <span
              style={{
                width: handle.big ? 24 : 14,
                height: handle.big ? 24 : 14,
                borderRadius: handle.big ? 5 : 14,
                border: `3px ${handle.offered ? 'dashed' : 'solid'} ${handle.big ? palette.sea : palette.accent}`,
                outline: `2px solid ${palette.raised}`,
                background: 'transparent',
              }}
            />
          </button>
        ))}
        {held ? (
          <Magnifier
            url={url}
            size={size}
            at={held.at}
            scale={scale}
            onRight={held.at[0] < size[0] / 2}
          />
        ) : null}
      </div>
    </View>
  );
}
