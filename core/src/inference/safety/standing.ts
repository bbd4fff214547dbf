import { isReplaceable, type Replaceable } from '../../knowledge/replaceable';
import type { FlagId } from '../../knowledge/flags';
import { oneRegion } from '../../knowledge/regions';
import type { Side } from '../../foundation/sides/side';
import type { GivenCause, HistoryItem } from '../../records/case/caseFile';
import type { Clearance } from '../../records/clients/clientRecord';
import { notYetBy } from './notYetBy';
import type { NotYetAllowed } from '../../records/case/notYetAllowed';

/** A replaced joint and how far the surgeon lets it bend; null when that was not told. */
export interface ReplacedJoint {
  readonly joint: Replaceable;
  readonly side: Side;
  readonly mostDeg: number | null;
}

/** A prosthesis: where the limb ends. */
export interface MissingLimb {
  readonly from: 'ankle' | 'knee' | 'hip';
  readonly side: Side;
}

/** What stands about a client, from one visit to the next, that changes what is offered. */
export interface Standing {
  readonly flags: readonly FlagId[];
  /** None, where nobody said which: then any may be. */
  readonly replaced?: readonly ReplacedJoint[];
  readonly missing?: readonly MissingLimb[];
  readonly notYet?: readonly NotYetAllowed[];
}

function maybeReplaced({ replaced, region, side, mostDeg }: HistoryItem): ReplacedJoint[] {
  return replaced && isReplaceable(region) && side
    ? [{ joint: region, side, mostDeg: mostDeg ?? null }]
    : [];
}

/** Where a limb ends by the place that was told: below the knee is without the ankle. */
function endOf(region: GivenCause['region']): MissingLimb['from'] {
  if (region === 'hip') return 'hip';
  return region && oneRegion(region).area === 'knee' ? 'knee' : 'ankle';
}

/** What was told of a client that stands. */
export interface Told {
  readonly flags: readonly FlagId[];
  readonly history: readonly HistoryItem[];
  readonly given: readonly GivenCause[];
  readonly clearances?: readonly Clearance[];
}

/** What stands about a client by all that was told: a replaced joint is one, whether or not it was flagged. */
export function standingOf({ flags, history, given, clearances = [] }: Told): Standing {
  const replaced = history.flatMap(maybeReplaced);
  const missing = given
    .filter(({ cause }) => cause === 'prosthesis')
    .map(({ region, side }) => ({ from: endOf(region), side }));
  const implied: FlagId[] = [
    ...(replaced.length > 0 ? (['joint-replacement'] as const) : []),
    ...(missing.length > 0 ? (['prosthesis'] as const) : []),
  ];
  const notYet = notYetBy(clearances);
  return { flags: [...new Set([...flags, ...implied])], replaced, missing, notYet };
}
