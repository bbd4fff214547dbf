import type { OwnPose } from '@taxikine/core/knowledge/ownDrill';
import type { Side } from '@taxikine/core/foundation/sides/side';
import { onePose, type PoseId } from '@taxikine/core/body/skeleton/poses';
import type { PoseAngle } from '@taxikine/core/body/skeleton/pullJoint';
import type { OwnDrillRecord } from '@taxikine/core/records/ownDrills/ownDrillRecord';

/** A pose of the table as one begins from it. */
export function bareOf(id: PoseId): OwnPose {
  const { id: _, words: __, ...pose } = onePose(id);
  return pose;
}

/** A drill before anything is said of it. */
export const blankDrill = (): OwnDrillRecord => ({
  id: crypto.randomUUID(),
  name: '',
  family: 'active',
  patterns: [],
  targets: [],
  oneSided: true,
  dose: { by: 'reps', reps: 8, sets: 2, secondsEach: 4 },
  kit: [],
  position: 'standing',
  breath: 'easy',
  how: '',
  feel: '',
  stopIf: 'pain of 3 or more',
  easier: '',
  harder: '',
  excludedBy: [],
  poses: [bareOf('standing'), bareOf('squat')],
  removed: false,
});

/** The same angle of the other limb; the trunk has no other. */
export const otherOf = (angle: PoseAngle): PoseAngle | null =>
  angle.of === 'body'
    ? null
    : ({ ...angle, side: angle.side === 'left' ? 'right' : 'left' } as PoseAngle);

/** Angles that a ring stands for, the one that pulling turns first. */
export function anglesOfRing(ring: string): readonly PoseAngle[] {
  const [joint, side] = ring.split('-') as [string, Side | undefined];
  if (!side)
    return (['lean', 'roll', 'turn', 'spine', 'twist', 'head'] as const).map((angle) => ({
      of: 'body',
      angle,
    }));
  const leg = (...angles: Extract<PoseAngle, { of: 'leg' }>['angle'][]): PoseAngle[] =>
    angles.map((angle) => ({ of: 'leg', side, angle }));
  const arm = (...angles: Extract<PoseAngle, { of: 'arm' }>['angle'][]): PoseAngle[] =>
    angles.map((angle) => ({ of: 'arm', side, angle }));
  if (joint === 'knee') return leg('hip', 'open', 'turnOut');
  if (joint === 'ankle') return leg('knee', 'shinTurn');
  if (joint === 'foot') return leg('ankle', 'toes');
  return joint === 'elbow' ? arm('raise', 'out', 'turnOut') : arm('elbow', 'wrist');
}
