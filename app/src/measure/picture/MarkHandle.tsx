import type { KeyboardEvent } from 'react';
import { usePalette } from '../../ui/usePalette';
import type { Handle } from './handles';

export interface MarkHandleProps {
  readonly handle: Handle;
  /** Pixels of the screen to one of the picture. */
  readonly scale: number;
  /** Width of what a finger can take hold of. */
  readonly target: number;
  readonly onKey: (event: KeyboardEvent) => void;
}

/** A point on the picture: a ring to see, and a larger one to take hold of. */
export function MarkHandle({
  handle: { at, says, big, offered },
  scale,
  target,
  onKey,
}: MarkHandleProps) {
  const palette = usePalette();
  return (
    <button
      type="button"
      aria-label={says}
      title={says}
      onKeyDown={onKey}
      style={{
        ...BARE,
        left: at[0] * scale - target / 2,
        top: at[1] * scale - target / 2,
        width: target,
        height: target,
        borderRadius: target,
      }}
    >
      <span
        style={{
          width: big ? 24 : 14,
          height: big ? 24 : 14,
          borderRadius: big ? 5 : 14,
          border: `3px ${offered ? 'dashed' : 'solid'} ${big ? palette.sea : palette.accent}`,
          outline: `2px solid ${palette.raised}`,
          background: 'transparent',
        }}
      />
    </button>
  );
}

const BARE = {
  position: 'absolute',
  padding: 0,
  border: 'none',
  background: 'transparent',
  cursor: 'grab',
  touchAction: 'none',
  display: 'grid',
  placeItems: 'center',
} as const;
