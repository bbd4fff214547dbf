import type { PicturePoint } from '@taxikine/core/records/pictures/marks';

/** A point to drag, in pixels of the picture. */
export interface Handle {
  readonly id: string;
  readonly says: string;
  readonly at: PicturePoint;
  /** Takes others along: drawn as a square. */
  readonly big?: boolean;
  /** Not set yet: drawn with a broken line. */
  readonly offered?: boolean;
}

const FULL_TARGET = 46;
const LEAST_TARGET = 16;

const apart = (a: PicturePoint, b: PicturePoint): number => Math.hypot(a[0] - b[0], a[1] - b[1]);

/** How wide each handle's target may be, in pixels of the screen, without lying over a neighbour's. */
export const targetsOf = (handles: readonly Handle[], scale: number): number[] =>
  handles.map((handle) => {
    const gaps = handles.filter((other) => other !== handle).map(({ at }) => apart(at, handle.at));
    return Math.max(LEAST_TARGET, Math.min(FULL_TARGET, ...gaps.map((gap) => gap * scale)));
  });

/** The handle a finger means: the nearest one within a thumb's reach, or none. */
export function nearestHandle(
  handles: readonly Handle[],
  finger: PicturePoint,
  scale: number,
): Handle | null {
  const [nearest] = [...handles].sort((a, b) => apart(a.at, finger) - apart(b.at, finger));
  if (!nearest || apart(nearest.at, finger) * scale > FULL_TARGET / 2) return null;
  return nearest;
}
