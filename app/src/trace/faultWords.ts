import { fillSide, oneFault, type MaybeSide } from '@taxikine/core';

/** The sentence of a fault by its key (`hips-slide@left`). */
export function faultWords(key: string): string {
  const [fault, side] = key.split('@');
  return fillSide(oneFault(fault).sentence, (side as MaybeSide) ?? null);
}
