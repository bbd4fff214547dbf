/** The client's own sides. */
export type Side = 'left' | 'right';

/** `null` is said of what has no side, such as the trunk. */
export type MaybeSide = Side | null;

export const SIDES: readonly Side[] = ['left', 'right'];

export const otherSide = (side: Side): Side => (side === 'left' ? 'right' : 'left');

/** +1 to the client's left (the y axis), −1 to the right. */
export const signOf = (side: Side): 1 | -1 => (side === 'left' ? 1 : -1);
