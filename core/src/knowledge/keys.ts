import { onSide } from '../foundation/sides/onSide';
import type { MaybeSide } from '../foundation/sides/side';
import type { CauseId } from './causes';

/*
 * Every key that is kept, sent or compared is made and taken apart here: of a drill, a cause, a fault on a side.
 */

export interface DrillOnSide {
  readonly drill: string;
  readonly side: MaybeSide;
}

/** `hip-rock-back@left`, `low-breath-reset@`: a drill on a side. */
export const drillKey = ({ drill, side }: DrillOnSide): string => `${drill}@${side ?? ''}`;

/** `ankle-joint:right`, `breath:-`: a cause on a side. */
export const causeKey = (cause: string, side: MaybeSide): string => `${cause}:${side ?? '-'}`;

export function causeOfKey(key: string): { readonly cause: CauseId; readonly side: MaybeSide } {
  const [cause, on] = key.split(':');
  return { cause: cause as CauseId, side: on === 'left' || on === 'right' ? on : null };
}

/** `hips-slide@left`, `tips-back`: a fault as it was seen. */
export const faultKey = ({ fault, side }: { fault: string; side?: MaybeSide }): string =>
  onSide(fault, side);
