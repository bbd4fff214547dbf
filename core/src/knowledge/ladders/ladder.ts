import type { DrillLoad } from '../drillLoad';
import type { DrillId } from '../drills';
import type { Pattern } from '../../body/stance/patterns';
import type { PoseId } from '../../body/skeleton/poses';
import type { CriterionId } from './criteria';

/** What is held on a rung. A counterweight ahead helps the balance; what is carried makes it harder. */
export type RungWeight =
  | { readonly as: 'counterweight'; readonly percent: number }
  | { readonly as: 'carried'; readonly percentPerHand: number }
  | { readonly as: 'at-chest'; readonly percent: number };

/** One step of a ladder. */
export interface Rung {
  /** Unique in its ladder. */
  readonly id: string;
  readonly name: string;
  readonly how: string;
  readonly weight: RungWeight | null;
  /** A hand, or both, on something that does not move. */
  readonly hand?: true;
  /** Where it takes a joint elsewhere than the first rung does. */
  readonly joints?: DrillLoad['joints'];
  /** Asked here; in words with a tap each. */
  readonly criteria: readonly CriterionId[];
  readonly poses: readonly [start: PoseId, end: PoseId];
}

/** Rungs of one pattern, the easiest first; climbed by criteria, not by dates. */
export interface Ladder {
  /** The drill that climbs it. */
  readonly drill: DrillId;
  readonly name: string;
  readonly pattern: Pattern;
  /** Each side climbs for itself. */
  readonly sided: boolean;
  readonly rungs: readonly Rung[];
}

/** Whether a rung adds load. A counterweight is help and no load. */
export const isLoaded = ({ weight }: Rung): boolean =>
  weight !== null && weight.as !== 'counterweight';
