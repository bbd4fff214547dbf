import type { DrillRow } from '../../knowledge/drillRow';
import type { Kit } from '../../knowledge/kit';
import { loadOf } from '../../knowledge/loadOf';
import type { MaybeSide } from '../../foundation/sides/side';
import type { Pain } from '../../records/case/caseFile';
import type { BendLimit, DepthCut } from './depthCut';
import { flagEffects } from './flagRules';
import { goesDeep } from './goesDeep';
import { maybeKeptHelp, type Helped } from './keptHelp';
import { painEffects } from './painRules';
import type { Standing } from './standing';
import { wouldBend } from './wouldBend';

/** What is known of a client that changes how a drill is done. */
export interface CareFor extends Standing {
  readonly pains?: readonly Pain[];
  /** Above which depth the pattern is practised. */
  readonly cut?: DepthCut | null;
  /** What the pattern was better with in a probe. */
  readonly helped?: readonly Helped[];
  /** What there is to work with; everything, where nobody said. */
  readonly kit?: readonly Kit[];
}

const effectsOf = (drill: DrillRow, side: MaybeSide, known: CareFor) => [
  ...painEffects(drill, side, known.pains ?? []),
  ...flagEffects(drill, side, known),
];

/** What of the probes is kept: nothing that pain or a flag would change. */
const helpFor = (drill: DrillRow, side: MaybeSide, known: CareFor): readonly string[] => {
  const isAllowed = (other: DrillRow) =>
    effectsOf(other, side, known).every(({ effect }) => effect === 'warned');
  const help = maybeKeptHelp(drill, known.helped ?? [], { isAllowed, kit: known.kit });
  return help ? [help] : [];
};

/** What the posture model bounds: the pattern by its depth, what else bears the body by how far it bends what hurts. */
function boundsFor(drill: DrillRow, side: MaybeSide, { cut }: CareFor): readonly string[] {
  if (!cut) return [];
  if (goesDeep(drill)) return [cut.says];
  if (loadOf(drill).on !== 'feet') return [];
  const isBound = (limit: BendLimit) =>
    wouldBend(loadOf(drill), side, limit) &&
    painEffects(drill, side, [limit.pain]).every(({ effect }) => effect === 'easier');
  return cut.bends.filter(isBound).map(({ says }) => says);
}

/** How a drill is to be done by this client, a sentence each, pain first and what helped last; nothing where nothing asks for it. */
export function careOf(drill: DrillRow, side: MaybeSide, known: CareFor): readonly string[] {
  return [
    // One that is forbidden was chosen before it was known.
    ...effectsOf(drill, side, known).map(({ effect, says }) =>
      effect === 'forbidden' ? `Leave it out: ${says}.` : says,
    ),
    ...boundsFor(drill, side, known),
    ...helpFor(drill, side, known),
  ];
}
