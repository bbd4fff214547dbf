export interface StrandHit {
  readonly key: string;
  readonly d: string;
  readonly onPress: () => void;
  readonly onEnter?: () => void;
  readonly onLeave?: () => void;
}

/** A strand is thinner than a thumb: this much of it can be tapped. */
const REACH = 26;

/**
 * Strands that can be tapped and pointed at anywhere along them. For the hand only: every strand ends
 * in a button that does the same.
 */
export function StrandHits({
  width,
  height,
  hits,
}: {
  width: number;
  height: number;
  hits: readonly StrandHit[];
}) {
  return (
    <svg
      width={width}
      height={height}
      aria-hidden
      style={{ position: 'absolute', left: 0, top: 0, overflow: 'visible', pointerEvents: 'none' }}
    >
      {hits.map(({ key, d, onPress, onEnter, onLeave }) => (
        <path
          key={key}
          d={d}
          fill="none"
          stroke="transparent"
          strokeWidth={REACH}
          style={{ pointerEvents: 'stroke', cursor: 'pointer' }}
          onClick={onPress}
          onMouseEnter={onEnter}
          onMouseLeave={onLeave}
        />
      ))}
    </svg>
  );
}
