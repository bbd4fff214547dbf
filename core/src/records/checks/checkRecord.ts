import type { LookRole } from '../looks/lookRecord';
import type { CheckId, FeltWhere, CheckMode } from '../../knowledge/checks';
import type { MaybeSide } from '../../foundation/sides/side';
import type { Cheat, Device } from '../../knowledge/checkGuides';
import type { Instant } from '../../foundation/time/instant';

/** A check is also taken between two drills, to see which of them moved it. */
export type CheckRole = LookRole | 'between';

export interface CheckRecord {
  id: string;
  clientId: string;
  visitId: string;
  role: CheckRole;
  /** The drill that was just done, for one taken between two; null otherwise. */
  afterDrill: string | null;
  check: CheckId;
  side: MaybeSide;
  passive: number | null;
  active: number | null;
  braced: number | string | null;
  result: string | null;
  felt: FeltWhere | null;
  pinch: boolean | null;
  /** Every reading of a mode that was taken more than once; the mode's own number is their mean. */
  repeats: Partial<Record<CheckMode, number[]>>;
  cheats: Cheat[];
  /** The pelvis was held, so that none of the reading is its roll. */
  held: boolean;
  /** The client's own word, 0 to 10, and when it was said. */
  pain: { score: number; on: Instant } | null;
  device: Device | null;
  doneOn: Instant;
  removed: boolean;
}
