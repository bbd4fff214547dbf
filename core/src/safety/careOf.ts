import type { DrillRow } from '../knowledge/drillRow';
import type { MaybeSide } from '../sides/side';
import type { Pain } from '../trace/caseFile';
import type { DepthCut } from './depthCut';
import { flagEffects } from './flagRules';
import { goesDeep } from './goesDeep';
import { painEffects } from './painRules';
import type { Standing } from './standing';

/** What is known of a client that changes how a drill is done. */
export interface CareFor extends Standing {
  readonly pains?: readonly Pain[];
  /** Above which depth the pattern is practised. */
  readonly cut?: DepthCut | null;
}

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
