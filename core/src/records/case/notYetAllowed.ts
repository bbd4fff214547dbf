import type { NotYetId } from '../../knowledge/notYet';
import type { Region } from '../../knowledge/regions';
import type { MaybeSide } from '../../foundation/sides/side';

/** A place of the body, on a side unless it is both or the middle. */
export interface Place {
  readonly region: Region;
  readonly side?: MaybeSide;
}

/** What a clinician left out of a clearance: of one place, or of the whole body. */
export interface NotYetAllowed {
  readonly by: string;
  readonly not: readonly NotYetId[];
  readonly place: Place | null;
}
