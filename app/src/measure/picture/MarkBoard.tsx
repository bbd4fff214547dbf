import type { PicturePoint } from '@taxikine/core/records/pictures/marks';
import { View } from '@tamagui/core';
import Svg, { Path } from 'react-native-svg';
import { usePalette } from '../../ui/usePalette';
import { targetsOf, type Handle } from './handles';
import { Magnifier } from './Magnifier';
import { MarkHandle } from './MarkHandle';
import { useMarkBoard } from './useMarkBoard';

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

/** A picture with points to drag, a magnifier beside the finger, and arrow keys for a pixel at a time. */
export function MarkBoard(props: MarkBoardProps) {
  const { url, label, size, handles, lines } = props;
  const { box, scale, width, height, held, take, drag, press, letGo } = useMarkBoard(props);
  const targets = targetsOf(handles, scale);
  return (
    <View alignItems="center">
      <div
        ref={box}
        role="group"
        aria-label={label}
        style={{ position: 'relative', width, height, touchAction: 'none', userSelect: 'none' }}
        onPointerDown={take}
        onPointerMove={(event) => drag(event, false)}
        onPointerUp={(event) => drag(event, true)}
        onPointerCancel={letGo}
      >
        <img src={url} alt="" width={width} height={height} draggable={false} />
        <Lines d={lines} size={size} scale={scale} />
        {handles.map((handle, i) => (
          <MarkHandle
            key={handle.id}
            handle={handle}
            scale={scale}
            target={targets[i]!}
            onKey={(event) => press(event, handle)}
          />
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

/** Lines over the picture, seen on light and on dark. */
function Lines({ d, size, scale }: Pick<MarkBoardProps, 'size'> & { d: string; scale: number }) {
  const palette = usePalette();
  return (
    <Svg
      width={size[0] * scale}
      height={size[1] * scale}
      viewBox={`0 0 ${size[0]} ${size[1]}`}
      style={{ position: 'absolute', left: 0, top: 0 }}
    >
      <Path d={d} stroke={palette.raised} strokeWidth={5 / scale} fill="none" opacity={0.8} />
      <Path d={d} stroke={palette.accent} strokeWidth={2.2 / scale} fill="none" />
    </Svg>
  );
}
