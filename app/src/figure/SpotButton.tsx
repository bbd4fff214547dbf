import type { ReactNode } from 'react';

export interface SpotButtonProps {
  /** Middle of the place, in pixels of the box it lies in. */
  readonly x: number;
  readonly y: number;
  readonly says: string;
  readonly title?: string;
  readonly pressed?: boolean;
  /** Across, in pixels: what a thumb needs, unless places lie close together. */
  readonly size?: number;
  readonly onPress: () => void;
  readonly children?: ReactNode;
}

const THUMB = 46;

/** A place on a drawing that can be tapped, laid over it; a real button for those who do not see it. */
export function SpotButton(props: SpotButtonProps) {
  const { x, y, says, title, pressed, size = THUMB, onPress, children } = props;
  return (
    <button
      type="button"
      title={title}
      aria-label={says}
      aria-pressed={pressed}
      onClick={onPress}
      style={{
        position: 'absolute',
        left: x - size / 2,
        top: y - size / 2,
        width: size,
        height: size,
        borderRadius: size,
        border: 'none',
        background: 'transparent',
        cursor: 'pointer',
        padding: 0,
        display: 'grid',
        placeItems: 'center',
      }}
    >
      {children}
    </button>
  );
}
