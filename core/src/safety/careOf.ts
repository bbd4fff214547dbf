import type { DrillRow } from '../knowledge/drillRow';
import { loadOf } from '../knowledge/loadOf';
import type { MaybeSide } from '../sides/side';
import type { Pain } from '../trace/caseFile';
import type { DepthCut } from './depthCut';
import { flagEffects } from './flagRules';
import { painEffects } from './painRules';
import type { Standing } from './standing';

/** What is known of a client that changes how a drill is done. */
export interface CareFor extends Standing {
  readonly pains?: readonly Pain[];
  /** Above which depth the pattern is practised. */
  readonly cut?: DepthCut | null;
}

/** Drills that are the pattern itself, or a part of it that goes as deep. */
const goesDeep = (drill: DrillRow): boolean =>
  ['pattern', 'fit', 'ladder'].includes(drill.family) && loadOf(drill).on === 'feet';

/** How a drill is to be done by this client, a sentence each, pain first; nothing where nothing asks for it. */
export function careOf(drill: DrillRow, side: MaybeSide, known: CareFor): readonly string[] {
  const { pains = [], cut } = known;
  const effects = [...painEffects(drill, side, pains), ...flagEffects(drill, side, known)];
  return [
    // One that is forbidden was chosen before it was known.
    ...effects.map(({ effect, says }) =>
      effect === 'forbidden' ? `Leave it out: ${says}.` : says,
    ),
    ...(cut && goesDeep(drill) ? [cut.says] : []),
  ];
}
