import type { Pose } from '../body/skeleton/pose';
import type { BreathId } from './breaths';
import type { CauseId } from './causes';
import type { Dose, DrillRow, EffectSize, Family, Position } from './drillRow';
import type { FlagId } from './flags';
import type { Kit } from './kit';
import type { Pattern } from '../body/stance/patterns';

/** A posture set on the figure; its words follow from the drill's name. */
export type OwnPose = Omit<Pose, 'id' | 'words'>;

/** A drill that a coach made: all that a drill of the library has, with poses of its own. */
export interface OwnDrill {
  /** UUID, so that no drill that ships later can have the same. */
  id: string;
  name: string;
  family: Family;
  /** Patterns it practises or fits; none: it serves them all. */
  patterns: Pattern[];
  targets: { cause: CauseId; effect: EffectSize }[];
  oneSided: boolean;
  dose: Dose;
  kit: Kit[];
  position: Position;
  breath: BreathId;
  how: string;
  feel: string;
  stopIf: string;
  easier: string;
  harder: string;
  excludedBy: FlagId[];
  /** Left side worked. */
  poses: [start: OwnPose, end: OwnPose];
}

/**
 * Flags under which no drill of a family is offered, whoever made it: a caution holds for a coach's own
 * drill as it does for one that ships.
 */
export const FAMILY_FLAGS: Readonly<Partial<Record<Family, readonly FlagId[]>>> = {
  hold: ['hypermobility'],
  tissue: ['blood-thinners'],
};

const MOMENTS = ['start', 'end'] as const;

/** A coach's own drill as a row of the library. No school holds it dear: its worth is what it aims at. */
export function ownDrillRow(own: OwnDrill): DrillRow {
  const { patterns, excludedBy, poses, ...rest } = own;
  const flags = new Set([...excludedBy, ...(FAMILY_FLAGS[own.family] ?? [])]);
  const [start, end] = MOMENTS.map((moment, i) => ({
    ...poses[i],
    id: `${own.id}-${moment}`,
    words: `${own.name}: ${moment}`,
  }));
  return {
    ...rest,
    patterns: patterns.length > 0 ? patterns : undefined,
    schools: [],
    excludedBy: [...flags],
    poses: [start, end],
  };
}
