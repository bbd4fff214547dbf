import type { CauseId } from './causes';
import type { Region } from './regions';

/** Where on the body a given joint is asked for: the places a coach would tap. */
export const GIVEN_REGIONS: Readonly<Partial<Record<CauseId, readonly Region[]>>> = {
  'fixed-ankle': ['ankle'],
  'fixed-knee': ['knee'],
  'fixed-hip': ['hip'],
  prosthesis: ['hip', 'knee', 'calf', 'ankle', 'foot'],
  'leg-length': ['hip'],
};

/** What can have happened to a joint, as against what is a habit of the whole body. */
export const JOINT_HISTORY = ['sprain', 'ligament', 'operation', 'arthritis', 'pain'] as const;
