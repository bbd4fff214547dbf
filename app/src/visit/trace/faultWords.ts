import { apart } from '@taxikine/core/foundation/sides/onSide';
import { oneFault } from '@taxikine/core/knowledge/faults';
import { fillSide } from '@taxikine/core/foundation/words/fill';

/** The sentence of a fault by its key (`hips-slide@left`). */
export function faultWords(key: string): string {
  const { id, side } = apart(key);
  return fillSide(oneFault(id).sentence, side);
}
