import type { PicturePoint } from '@taxikine/core/records/pictures/marks';
import { usePalette } from '../../ui/usePalette';

export interface MagnifierProps {
  readonly url: string;
  readonly size: readonly [width: number, height: number];
  readonly at: PicturePoint;
  /** Pixels of the screen for one of the picture, as it is shown. */
  readonly scale: number;
  /** In the corner where the finger is not. */
  readonly onRight: boolean;
}

const ACROSS = 124;
const TIMES = 3;

/** What lies under the finger, three times as large, with a cross where the mark is. */
export function Magnifier({ url, size, at, scale, onRight }: MagnifierProps) {
  const palette = usePalette();
  const zoom = scale * TIMES;
  const line = { position: 'absolute', background: palette.accent } as const;
  return (
    <div
      aria-hidden
      style={{
        position: 'absolute',
        top: 8,
        [onRight ? 'right' : 'left']: 8,
        width: ACROSS,
        height: ACROSS,
        borderRadius: ACROSS,
        overflow: 'hidden',
        border: `2px solid ${palette.ink}`,
        backgroundColor: palette.paper,
        pointerEvents: 'none',
      }}
    >
      <img
        src={url}
        alt=""
        style={{
          position: 'absolute',
          maxWidth: 'none',
          width: size[0] * zoom,
          height: size[1] * zoom,
          left: ACROSS / 2 - at[0] * zoom,
          top: ACROSS / 2 - at[1] * zoom,
        }}
      />
      <div style={{ ...line, left: ACROSS / 2 - 1, top: 30, bottom: 30, width: 1.5 }} />
      <div style={{ ...line, top: ACROSS / 2 - 1, left: 30, right: 30, height: 1.5 }} />
    </div>
  );
}
