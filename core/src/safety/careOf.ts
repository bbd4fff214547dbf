import type { DrillRow } from '../knowledge/drillRow';
import { loadOf } from '../knowledge/loadOf';
import type { FlagId } from '../knowledge/flags';
import type { MaybeSide } from '../sides/side';
import type { Pain } from '../trace/caseFile';
import type { DepthCut } from './depthCut';
import { flagRulesFor } from './flagRules';
import { painEffects } from './painRules';

/** What is known of a client that changes how a drill is done. */
export interface CareFor {
  readonly flags: readonly FlagId[];
  readonly pains?: readonly Pain[];
  /** Above which depth the pattern is practised. */
  readonly cut?: DepthCut | null;
}

/** Drills that are the pattern itself, or a part of it that goes as deep. */
const goesDeep = (drill: DrillRow): boolean =>
  ['pattern', 'fit', 'ladder'].includes(drill.family) && loadOf(drill).on === 'feet';

/** How a drill is to be done by this client, a sentence each, pain first; nothing where nothing asks for it. */
export const careOf = (
  drill: DrillRow,
  side: MaybeSide,
  { flags, pains = [], cut = null }: CareFor,
): readonly string[] => [
  ...[...painEffects(drill, side, pains), ...flagRulesFor(drill, flags)].map(({ effect, says }) =>
    // One that was chosen before it was known.
    effect === 'forbidden' ? `Leave it out: ${says}.` : says,
  ),
  ...(cut && goesDeep(drill) ? [cut.says] : []),
];
