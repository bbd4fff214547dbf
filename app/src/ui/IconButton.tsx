import type { ReactNode } from 'react';

export interface IconButtonProps {
  readonly says: string;
  readonly onPress: () => void;
  /** Its sign stands at the edge of what it is in, and the room around it beyond. */
  readonly atEdge?: boolean;
  readonly children: ReactNode;
}

/** A square of a header with one sign in it. */
export function IconButton({ says, onPress, atEdge, children }: IconButtonProps) {
  return (
    <button
      type="button"
      aria-label={says}
      onClick={onPress}
      style={{
        width: 48,
        height: 48,
        marginLeft: atEdge ? -12 : 0,
        background: 'transparent',
        border: 'none',
        cursor: 'pointer',
      }}
    >
      {children}
    </button>
  );
}
