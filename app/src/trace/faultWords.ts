import { oneFault } from '@taxikine/core/knowledge/faults';
import type { MaybeSide } from '@taxikine/core/foundation/sides/side';
import { fillSide } from '@taxikine/core/foundation/words/fill';

/** The sentence of a fault by its key (`hips-slide@left`). */
export function faultWords(key: string): string {
  const [fault, side] = key.split('@');
  return fillSide(oneFault(fault).sentence, (side as MaybeSide) ?? null);
}
