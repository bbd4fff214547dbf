import type { MaybeSide } from '../foundation/sides/side';

export interface DrillOnSide {
  readonly drill: string;
  readonly side: MaybeSide;
}

/** `hip-rock-back@left`, `low-breath-reset@`: a drill on a side. */
export const drillKey = ({ drill, side }: DrillOnSide): string => `${drill}@${side ?? ''}`;
